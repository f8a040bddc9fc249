import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const id = { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') };
const household = {
  type: DataTypes.UUID,
  allowNull: false,
  references: { model: 'households', key: 'id' },
  onDelete: 'CASCADE',
};
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };

/** The first tables, with the one household and its kitchen that a new installation starts with. */
export const householdsKitchensBatches: RunnableMigration<QueryInterface> = {
  name: '001-households-kitchens-batches',
  up: async ({ context: tables }) => {
    await tables.createTable('households', { id, created_at: moment });
    await tables.createTable('kitchens', {
      id,
      household_id: { ...household, unique: true },
      name: { type: DataTypes.STRING(120), allowNull: false },
      altitude_m: { type: DataTypes.DOUBLE },
      water_boils_c: { type: DataTypes.DOUBLE },
      units: { type: DataTypes.STRING(10), allowNull: false },
      temperature: { type: DataTypes.STRING(1), allowNull: false },
      altitude_unit: { type: DataTypes.STRING(2), allowNull: false },
      school: { type: DataTypes.STRING(20), allowNull: false },
      set_up_at: { type: DataTypes.DATE },
      created_at: moment,
      updated_at: moment,
    });
    await tables.createTable('batches', {
      id,
      household_id: household,
      name: { type: DataTypes.STRING(120), allowNull: false },
      lines: { type: DataTypes.JSONB, allowNull: false },
      plan: { type: DataTypes.JSONB, allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      created_at: moment,
      updated_at: moment,
      put_away_at: { type: DataTypes.DATE },
    });
    await tables.addIndex('batches', ['household_id', 'updated_at']);
    await tables.sequelize.query(`
      WITH home AS (INSERT INTO households DEFAULT VALUES RETURNING id)
      INSERT INTO kitchens (household_id, name, units, temperature, altitude_unit, school)
      SELECT id, 'My kitchen', 'us', 'F', 'ft', 'ten-minute' FROM home`);
  },
  down: async ({ context: tables }) => {
    await tables.dropTable('batches');
    await tables.dropTable('kitchens');
    await tables.dropTable('households');
  },
};
