import type { QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** A cook names the batches that its jars are made again as. */
export const remakes: RunnableMigration<QueryInterface> = {
  name: '019-remakes',
  up: async ({ context: tables }) => {
    await tables.sequelize.query(`
      CREATE INDEX batches_remake ON batches (household_id, (settings->'remake'->>'cook'))
      WHERE settings->'remake' IS NOT NULL`);
  },
  down: async ({ context: tables }) => {
    await tables.sequelize.query('DROP INDEX batches_remake');
  },
};
