import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/**
 * What each cook stood in, and how it set, are learned from as well: what was worked out without
 * them is worked out again.
 */
export const pots: RunnableMigration<QueryInterface> = {
  name: '018-pots',
  up: async ({ context: tables }) => {
    await tables.bulkDelete('book_records', {});
    await tables.addColumn('book_records', 'pot', { type: DataTypes.TEXT, allowNull: false });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('book_records', 'pot');
  },
};
