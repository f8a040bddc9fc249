import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** A cook knows what its jars took off the stock, so that it can be given back. */
export const stockTaken: RunnableMigration<QueryInterface> = {
  name: '010-stock-taken',
  up: async ({ context: tables }) => {
    await tables.addColumn('cooks', 'stock_taken', {
      type: DataTypes.JSONB,
      allowNull: false,
      defaultValue: [],
    });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('cooks', 'stock_taken');
  },
};
