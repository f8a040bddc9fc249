import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** Whose cups, pints and spoons a kitchen means, and the names it was taught. */
export const reading: RunnableMigration<QueryInterface> = {
  name: '004-reading',
  up: async ({ context: tables }) => {
    await tables.addColumn('kitchens', 'measures', {
      type: DataTypes.STRING(10),
      allowNull: false,
      defaultValue: 'us',
    });
    await tables.addColumn('kitchens', 'names', {
      type: DataTypes.JSONB,
      allowNull: false,
      defaultValue: literal(`'[]'::jsonb`),
    });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('kitchens', 'names');
    await tables.removeColumn('kitchens', 'measures');
  },
};
