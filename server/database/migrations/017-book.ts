import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const refersTo = (model: string) => ({
  type: DataTypes.UUID,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});
const household = { ...refersTo('households'), allowNull: false };
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const number = { type: DataTypes.DOUBLE };
const whole = { type: DataTypes.INTEGER };
const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };

/**
 * How batches turned out, pictures of them, and what is worked out of each cook that is over: what
 * the Book lists, and what the kitchen learns.
 */
export const book: RunnableMigration<QueryInterface> = {
  name: '017-book',
  up: async ({ context: tables }) => {
    const { sequelize } = tables;
    const cook = { ...refersTo('cook_sessions'), allowNull: false };
    await tables.createTable('outcomes', {
      session_id: { ...cook, primaryKey: true },
      household_id: household,
      version: { ...whole, allowNull: false },
      set: { type: DataTypes.STRING(20) },
      taste: whole,
      colour: whole,
      clarity: whole,
      again: { type: DataTypes.BOOLEAN },
      cost_minor: whole,
      volume_ml: number,
      final_mass_g: number,
      notes: text,
      by_kind: { type: DataTypes.STRING(10), allowNull: false },
      by_id: { type: DataTypes.UUID },
      created_at: moment,
      updated_at: moment,
    });
    await tables.addIndex('outcomes', ['household_id', 'session_id']);
    await tables.createTable('photos', {
      id: { type: DataTypes.UUID, primaryKey: true },
      household_id: household,
      session_id: cook,
      width: { ...whole, allowNull: false },
      height: { ...whole, allowNull: false },
      jpeg: { type: DataTypes.BLOB, allowNull: false },
      small: { type: DataTypes.BLOB, allowNull: false },
      by_kind: { type: DataTypes.STRING(10), allowNull: false },
      by_id: { type: DataTypes.UUID },
      created_at: moment,
    });
    await tables.addIndex('photos', ['household_id', 'session_id', 'created_at']);
    await tables.createTable('book_records', {
      session_id: { ...cook, primaryKey: true },
      household_id: household,
      // From what of it was worked out: entries of its log, and the version of its outcome.
      position: { ...whole, allowNull: false },
      outcome_version: { ...whole, allowNull: false },
      summary: { type: DataTypes.JSONB },
      evidence: { type: DataTypes.JSONB, allowNull: false },
      burner: text,
      power_w: { ...number, allowNull: false },
      fruit: { type: DataTypes.STRING(60) },
      product: { type: DataTypes.STRING(40) },
      method: { type: DataTypes.STRING(40) },
      year: { ...whole, allowNull: false },
      cooked_at: { type: DataTypes.DATE, allowNull: false },
      cook: { type: DataTypes.STRING(120) },
      words: { type: 'TSVECTOR', allowNull: false },
    });
    await tables.addIndex('book_records', ['household_id', 'cooked_at']);
    await tables.addIndex('book_records', ['household_id', 'fruit']);
    await tables.addIndex('book_records', ['household_id', 'year']);
    await sequelize.query('CREATE INDEX book_records_words ON book_records USING gin (words)');
    await tables.addColumn('kitchens', 'knowledge', { type: DataTypes.JSONB });
    await tables.addColumn('kitchens', 'forgotten', {
      type: DataTypes.JSONB,
      allowNull: false,
      defaultValue: {},
    });
    // A batch says in its settings which recipe it was begun from.
    await sequelize.query(
      `CREATE INDEX cook_sessions_recipe
       ON cook_sessions (household_id, (formula->'settings'->'recipe'->>'id'))`,
    );
  },
  down: async ({ context: tables }) => {
    await tables.sequelize.query('DROP INDEX cook_sessions_recipe');
    await tables.removeColumn('kitchens', 'forgotten');
    await tables.removeColumn('kitchens', 'knowledge');
    for (const name of ['book_records', 'photos', 'outcomes']) await tables.dropTable(name);
  },
};
