import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** The kitchen knows what is in its cupboard. */
export const cupboard: RunnableMigration<QueryInterface> = {
  name: '007-cupboard',
  up: async ({ context: tables }) => {
    await tables.addColumn('kitchens', 'stock', {
      type: DataTypes.JSONB,
      allowNull: false,
      defaultValue: literal(`'[]'::jsonb`),
    });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('kitchens', 'stock');
  },
};
