import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/**
 * A cook knows where its jars are, as its log says: the list of batches tells it without working a
 * log out.
 */
export const jarPlaces: RunnableMigration<QueryInterface> = {
  name: '013-jar-places',
  up: async ({ context: tables }) => {
    await tables.addColumn('cook_sessions', 'jar_places', { type: DataTypes.JSONB });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('cook_sessions', 'jar_places');
  },
};
