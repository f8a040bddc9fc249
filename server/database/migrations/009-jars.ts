import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** The kitchen knows its canner; a cook knows when its jars were put away. */
export const jars: RunnableMigration<QueryInterface> = {
  name: '009-jars',
  up: async ({ context: tables }) => {
    await tables.addColumn('kitchens', 'canner_holds', { type: DataTypes.INTEGER });
    await tables.addColumn('kitchens', 'canner_watched', { type: DataTypes.JSONB });
    await tables.addColumn('cooks', 'put_away_at', { type: DataTypes.DATE });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('cooks', 'put_away_at');
    await tables.removeColumn('kitchens', 'canner_watched');
    await tables.removeColumn('kitchens', 'canner_holds');
  },
};
