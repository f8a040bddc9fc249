import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/**
 * A batch that cannot be planned in its kitchen says why, instead of waiting for a plan that never
 * comes.
 */
export const planFaults: RunnableMigration<QueryInterface> = {
  name: '011-plan-faults',
  up: async ({ context: tables }) => {
    await tables.addColumn('batches', 'plan_faults', { type: DataTypes.JSONB });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('batches', 'plan_faults');
  },
};
