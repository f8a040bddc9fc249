import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const must = { allowNull: false } as const;

/**
 * Several batches of one day: who makes them on what, what is wished of them, what is ticked;
 * and what a kitchen taught of its hands.
 */
export const daySheets: RunnableMigration<QueryInterface> = {
  name: '021-day-sheets',
  up: async ({ context: tables }) => {
    await tables.createTable('day_sheets', {
      id: { type: DataTypes.UUID, primaryKey: true },
      household_id: {
        type: DataTypes.UUID,
        references: { model: 'households', key: 'id' },
        onDelete: 'CASCADE',
        ...must,
      },
      version: { type: DataTypes.INTEGER, ...must, defaultValue: 1 },
      name: { type: DataTypes.STRING(120), ...must },
      from: { type: DataTypes.DATE, ...must },
      finish_by: { type: DataTypes.DATE },
      document: { type: DataTypes.JSONB, ...must },
      created_at: moment,
      updated_at: moment,
    });
    await tables.addIndex('day_sheets', ['household_id', 'from']);
    await tables.addColumn('kitchens', 'hand_minutes', { type: DataTypes.JSONB });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('kitchens', 'hand_minutes');
    await tables.dropTable('day_sheets');
  },
};
