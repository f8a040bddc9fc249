import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const id = { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') };
const refersTo = (model: string) => ({
  type: DataTypes.UUID,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});
const household = { ...refersTo('households'), allowNull: false };
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };
const text = (most: number) => ({ type: DataTypes.STRING(most), allowNull: false });
/** SHA-256 of what only its owner knows. */
const secret = { type: DataTypes.BLOB, allowNull: false, unique: true };

const TABLES = [
  'audit_events',
  'devices',
  'pairing_codes',
  'invites',
  'member_sessions',
  'tries',
  'members',
];

/**
 * Households have a name, members with roles, and devices; an entry of a log says who made it. What
 * is there already belongs to the one household that there is, which whoever signs up first on the
 * machine itself keeps.
 */
export const people: RunnableMigration<QueryInterface> = {
  name: '015-people',
  up: async ({ context: tables }) => {
    const { sequelize } = tables;
    await tables.addColumn('households', 'name', { type: DataTypes.STRING(120) });
    await tables.createTable('members', {
      id,
      household_id: household,
      name: text(120),
      role: text(10),
      is_tablet: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      passphrase_hash: { type: DataTypes.STRING(200) },
      created_at: moment,
    });
    // Whoever signs in says a name alone, whatever household it is of.
    await sequelize.query('CREATE UNIQUE INDEX members_by_name ON members (lower(name))');
    await tables.addIndex('members', ['household_id', 'created_at']);
    await tables.createTable('member_sessions', {
      id,
      household_id: household,
      member_id: { ...refersTo('members'), allowNull: false },
      secret_hash: secret,
      browser: text(200),
      created_at: moment,
      seen_at: moment,
      until: moment,
    });
    await tables.addIndex('member_sessions', ['household_id', 'member_id']);
    await tables.createTable('invites', {
      id,
      household_id: household,
      secret_hash: secret,
      role: text(10),
      who: text(10),
      until: moment,
      created_at: moment,
    });
    await tables.addIndex('invites', ['household_id', 'created_at']);
    await tables.createTable('devices', {
      id,
      household_id: household,
      name: text(120),
      kind: text(10),
      is_simulated: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      secret_hash: secret,
      cook_session_id: { ...refersTo('cook_sessions'), onDelete: 'SET NULL' },
      created_at: moment,
      heard_at: { type: DataTypes.DATE },
    });
    await tables.addIndex('devices', ['household_id', 'created_at']);
    await tables.addIndex('devices', ['cook_session_id']);
    await tables.createTable('pairing_codes', {
      id,
      household_id: household,
      cook_session_id: { ...refersTo('cook_sessions'), allowNull: false },
      code: { ...text(6), unique: true },
      until: moment,
    });
    await tables.createTable('tries', {
      key: { ...text(300), primaryKey: true },
      failures: { type: DataTypes.INTEGER, allowNull: false },
      next_at: { type: DataTypes.DATE(3), allowNull: false },
    });
    await tables.createTable('audit_events', {
      id,
      household_id: household,
      at: moment,
      what: text(30),
      by: { type: DataTypes.STRING(120) },
      about: { type: DataTypes.STRING(120) },
    });
    await tables.addIndex('audit_events', ['household_id', 'at']);
    await tables.addColumn('cook_session_entries', 'by_kind', { type: DataTypes.STRING(10) });
    await tables.addColumn('cook_session_entries', 'by_id', { type: DataTypes.UUID });
  },
  down: async ({ context: tables }) => {
    await tables.removeColumn('cook_session_entries', 'by_id');
    await tables.removeColumn('cook_session_entries', 'by_kind');
    for (const table of TABLES) await tables.dropTable(table);
    await tables.removeColumn('households', 'name');
  },
};
