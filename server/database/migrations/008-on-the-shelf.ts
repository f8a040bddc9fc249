import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** A batch knows since when it is done: in jars, cooled, and where it is kept. */
export const onTheShelf: RunnableMigration<QueryInterface> = {
  name: '008-on-the-shelf',
  up: async ({ context: tables }) => {
    await tables.addColumn('batches', 'done_at', { type: DataTypes.DATE });
    await tables.addIndex('cooks', ['batch_id', 'started_at']);
  },
  down: async ({ context: tables }) => {
    await tables.removeIndex('cooks', ['batch_id', 'started_at']);
    await tables.removeColumn('batches', 'done_at');
  },
};
