import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const list = { type: DataTypes.JSONB, allowNull: false, defaultValue: literal(`'[]'::jsonb`) };
const settings = { ...list, defaultValue: literal(`'{}'::jsonb`) };
const id = { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') };
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const belongsTo = (model: string) => ({
  type: DataTypes.UUID,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});

const LISTS = ['pots', 'burners', 'jars', 'packs', 'prices'];

/**
 * What stands in the kitchen, what a batch says besides its lines, and cards with their versions.
 */
export const equipmentSettingsCards: RunnableMigration<QueryInterface> = {
  name: '002-equipment-settings-cards',
  up: async ({ context: tables }) => {
    for (const name of LISTS) await tables.addColumn('kitchens', name, list);
    await tables.addColumn('kitchens', 'canner', {
      type: DataTypes.STRING(20),
      allowNull: false,
      defaultValue: 'boiling-water',
    });
    await tables.addColumn('kitchens', 'currency', {
      type: DataTypes.STRING(3),
      allowNull: false,
      defaultValue: 'USD',
    });
    await tables.addColumn('batches', 'settings', settings);
    await tables.addColumn('batches', 'ticked', list);
    await tables.createTable('cards', {
      id,
      household_id: belongsTo('households'),
      name: { type: DataTypes.STRING(120), allowNull: false },
      created_at: moment,
      updated_at: moment,
      put_away_at: { type: DataTypes.DATE },
    });
    await tables.createTable('card_versions', {
      id,
      card_id: belongsTo('cards'),
      number: { type: DataTypes.INTEGER, allowNull: false },
      lines: list,
      settings,
      note: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      created_at: moment,
    });
    await tables.addIndex('cards', ['household_id', 'updated_at']);
    await tables.addIndex('card_versions', ['card_id', 'number'], { unique: true });
  },
  down: async ({ context: tables }) => {
    await tables.dropTable('card_versions');
    await tables.dropTable('cards');
    await tables.removeColumn('batches', 'ticked');
    await tables.removeColumn('batches', 'settings');
    for (const name of [...LISTS, 'canner', 'currency']) {
      await tables.removeColumn('kitchens', name);
    }
  },
};
