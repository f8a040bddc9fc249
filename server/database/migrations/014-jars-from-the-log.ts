import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const count = { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 };

/**
 * A cook knows how many entries of its log people wrote, and how many of them its jars and its stock
 * were worked out from, so that nothing is left undone. An entry knows the time that was said of it
 * by a clock that was wrong. What is there already was worked out.
 */
export const jarsFromTheLog: RunnableMigration<QueryInterface> = {
  name: '014-jars-from-the-log',
  up: async ({ context: tables }) => {
    await tables.addColumn('cook_sessions', 'events', count);
    await tables.addColumn('cook_sessions', 'events_settled', count);
    await tables.addColumn('cook_sessions', 'settle_at', { type: DataTypes.DATE });
    await tables.addColumn('cook_sessions', 'canner_counted', {
      type: DataTypes.BOOLEAN,
      allowNull: false,
      defaultValue: false,
    });
    await tables.addColumn('cook_session_entries', 'said_at', { type: DataTypes.DATE(3) });
    await tables.sequelize.query(`
      UPDATE cook_sessions AS session
      SET events = counted.events, events_settled = counted.events,
          canner_counted = session.stored_at IS NOT NULL
      FROM (
        SELECT session_id, count(*) AS events
        FROM cook_session_entries
        WHERE kind NOT IN ('temperature', 'weight') OR source LIKE 'browser %'
        GROUP BY session_id
      ) AS counted
      WHERE counted.session_id = session.id`);
    await tables.sequelize.query(`
      CREATE INDEX cook_sessions_unsettled ON cook_sessions (id)
      WHERE events_settled < events OR settle_at IS NOT NULL`);
  },
  down: async ({ context: tables }) => {
    await tables.sequelize.query('DROP INDEX cook_sessions_unsettled');
    await tables.removeColumn('cook_session_entries', 'said_at');
    for (const column of ['canner_counted', 'settle_at', 'events_settled', 'events'])
      await tables.removeColumn('cook_sessions', column);
  },
};
