import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const required = (type: ReturnType<typeof DataTypes.STRING> | typeof DataTypes.INTEGER) => ({
  type,
  allowNull: false,
});
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const json = { type: DataTypes.JSONB, allowNull: false };

/** Cooks and their logs. A log is only ever added to. */
export const cooks: RunnableMigration<QueryInterface> = {
  name: '003-cooks',
  up: async ({ context: tables }) => {
    await tables.createTable('cooks', {
      id: { type: DataTypes.UUID, primaryKey: true },
      household_id: {
        type: DataTypes.UUID,
        allowNull: false,
        references: { model: 'households', key: 'id' },
        onDelete: 'CASCADE',
      },
      batch_id: {
        type: DataTypes.UUID,
        references: { model: 'batches', key: 'id' },
        onDelete: 'SET NULL',
      },
      name: required(DataTypes.STRING(120)),
      formula: json,
      kitchen: json,
      practice: { type: DataTypes.JSONB },
      clock: json,
      position: { ...required(DataTypes.INTEGER), defaultValue: 0 },
      started_at: moment,
      ended_at: { type: DataTypes.DATE },
      debrief: { type: DataTypes.JSONB },
      created_at: moment,
      updated_at: moment,
    });
    await tables.addIndex('cooks', ['household_id', 'started_at']);
    await tables.createTable('cook_entries', {
      cook_id: {
        type: DataTypes.UUID,
        primaryKey: true,
        references: { model: 'cooks', key: 'id' },
        onDelete: 'CASCADE',
      },
      source: { ...required(DataTypes.STRING(60)), primaryKey: true },
      seq: { ...required(DataTypes.INTEGER), primaryKey: true },
      position: required(DataTypes.INTEGER),
      at: { type: DataTypes.DATE(3), allowNull: false },
      kind: required(DataTypes.STRING(20)),
      value: { type: DataTypes.DOUBLE },
      text: { type: DataTypes.STRING(120) },
    });
    await tables.addIndex('cook_entries', ['cook_id', 'position'], { unique: true });
  },
  down: async ({ context: tables }) => {
    await tables.dropTable('cook_entries');
    await tables.dropTable('cooks');
  },
};
