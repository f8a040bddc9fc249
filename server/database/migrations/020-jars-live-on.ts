import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const refersTo = (model: string) => ({
  type: DataTypes.UUID,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
  allowNull: false,
});
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const whole = { type: DataTypes.INTEGER };
const must = { allowNull: false } as const;

/**
 * Jars are things that live on: what happens to them after their cook, a table of how they stand,
 * worked out of both, and a number for every cook, which their labels print. And fruit that waits
 * for the pot, places where jars are kept, and addresses of calendar feeds.
 */
export const jarsLiveOn: RunnableMigration<QueryInterface> = {
  name: '020-jars-live-on',
  up: async ({ context: tables }) => {
    const { sequelize } = tables;
    await tables.addColumn('households', 'cooks_numbered', { ...whole, ...must, defaultValue: 0 });
    await tables.addColumn('cook_sessions', 'number', whole);
    await tables.addColumn('cook_sessions', 'jars_settled', { ...whole, ...must, defaultValue: 0 });
    await sequelize.query(`
      UPDATE cook_sessions AS session SET number = numbered.number
      FROM (
        SELECT id, row_number() OVER (PARTITION BY household_id ORDER BY started_at, id) AS number
        FROM cook_sessions WHERE batch_id IS NOT NULL
      ) AS numbered
      WHERE numbered.id = session.id;
      UPDATE households AS household SET cooks_numbered = coalesce(
        (SELECT max(number) FROM cook_sessions WHERE household_id = household.id), 0);
      CREATE UNIQUE INDEX cook_sessions_number ON cook_sessions (household_id, number);
      CREATE INDEX cook_sessions_started ON cook_sessions (household_id, started_at);
      CREATE INDEX cook_sessions_batch ON cook_sessions (batch_id);
      CREATE INDEX cook_sessions_jars_settled ON cook_sessions (id)
        WHERE batch_id IS NOT NULL AND jars_settled < events;
      CREATE FUNCTION number_cook() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        IF NEW.batch_id IS NOT NULL AND NEW.number IS NULL THEN
          UPDATE households SET cooks_numbered = cooks_numbered + 1
          WHERE id = NEW.household_id RETURNING cooks_numbered INTO NEW.number;
        END IF;
        RETURN NEW;
      END $$;
      CREATE TRIGGER number_cook BEFORE INSERT ON cook_sessions
        FOR EACH ROW EXECUTE FUNCTION number_cook();`);
    await tables.createTable('jar_events', {
      household_id: { ...refersTo('households'), primaryKey: true },
      source: { type: DataTypes.TEXT, ...must, primaryKey: true },
      seq: { ...whole, ...must, primaryKey: true },
      session_id: refersTo('cook_sessions'),
      size: { ...whole, ...must },
      number: { ...whole, ...must },
      at: { type: DataTypes.DATE, ...must },
      kind: { type: DataTypes.STRING(12), ...must },
      to: { type: DataTypes.TEXT },
      by_kind: { type: DataTypes.STRING(10), ...must },
      by_id: { type: DataTypes.UUID },
      received_at: moment,
    });
    await tables.addIndex('jar_events', ['household_id', 'session_id']);
    await tables.createTable('jars', {
      household_id: { ...refersTo('households'), primaryKey: true },
      session_id: { ...refersTo('cook_sessions'), primaryKey: true },
      size: { ...whole, ...must, primaryKey: true },
      number: { ...whole, ...must, primaryKey: true },
      code: { type: DataTypes.STRING(20), ...must },
      // As the log of its cook leaves it.
      logged: { type: DataTypes.JSONB, ...must },
      holds_ml: { type: DataTypes.DOUBLE, ...must },
      size_name: { type: DataTypes.TEXT, ...must },
      fruit: { type: DataTypes.STRING(60) },
      stands: { type: DataTypes.STRING(20), ...must },
      out_at: { type: DataTypes.DATE },
      life: { type: DataTypes.STRING(12), ...must },
      place: { type: DataTypes.TEXT, ...must },
      since: { type: DataTypes.DATE, ...must },
      eat_by: { type: DataTypes.DATE },
      opened_at: { type: DataTypes.DATE },
      left_at: { type: DataTypes.DATE },
      given_to: { type: DataTypes.TEXT },
    });
    await sequelize.query(`
      CREATE UNIQUE INDEX jars_code ON jars (household_id, code);
      CREATE INDEX jars_there ON jars (household_id, life, place);
      CREATE INDEX jars_short_lived ON jars (household_id, eat_by) WHERE life IN ('in', 'opened');
      CREATE INDEX jars_waiting ON jars (household_id) WHERE life = 'waiting' OR stands = 'sealed';`);
    await tables.createTable('fruit_in_house', {
      id: { type: DataTypes.UUID, primaryKey: true },
      household_id: refersTo('households'),
      line: { type: DataTypes.STRING(200), ...must },
      fruit: { type: DataTypes.STRING(60) },
      place: { type: DataTypes.STRING(10), ...must },
      since: { type: DataTypes.DATE, ...must },
      keeps_until: { type: DataTypes.DATE, ...must },
      used_at: { type: DataTypes.DATE },
      created_at: moment,
      updated_at: moment,
    });
    await tables.addIndex('fruit_in_house', ['household_id', 'used_at']);
    await tables.createTable('calendar_feeds', {
      household_id: { ...refersTo('households'), primaryKey: true },
      // Whose it is; whoever is at the machine itself is nobody.
      whose: { type: DataTypes.TEXT, ...must, primaryKey: true },
      token_hash: { type: DataTypes.TEXT, ...must, unique: true },
      created_at: moment,
    });
    await tables.addColumn('kitchens', 'zone', { type: DataTypes.STRING(60) });
    await tables.addColumn('kitchens', 'shelves', {
      type: DataTypes.JSONB,
      ...must,
      defaultValue: [],
    });
  },
  down: async ({ context: tables }) => {
    const { sequelize } = tables;
    await tables.removeColumn('kitchens', 'shelves');
    await tables.removeColumn('kitchens', 'zone');
    for (const table of ['calendar_feeds', 'fruit_in_house', 'jars', 'jar_events'])
      await tables.dropTable(table);
    await sequelize.query(
      'DROP TRIGGER number_cook ON cook_sessions; DROP FUNCTION number_cook(); DROP INDEX cook_sessions_number; DROP INDEX cook_sessions_started; DROP INDEX cook_sessions_batch;',
    );
    await tables.removeColumn('cook_sessions', 'jars_settled');
    await tables.removeColumn('cook_sessions', 'number');
    await tables.removeColumn('households', 'cooks_numbered');
  },
};
