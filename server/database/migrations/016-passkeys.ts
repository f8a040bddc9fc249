import { DataTypes, literal, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const id = { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') };
const refersTo = (model: string) => ({
  type: DataTypes.UUID,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});
const moment = { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') };

/** Members sign in by what their phones keep, beside a passphrase. */
export const passkeys: RunnableMigration<QueryInterface> = {
  name: '016-passkeys',
  up: async ({ context: tables }) => {
    await tables.createTable('passkeys', {
      id,
      household_id: { ...refersTo('households'), allowNull: false },
      member_id: { ...refersTo('members'), allowNull: false },
      credential_id: { type: DataTypes.STRING(1400), allowNull: false, unique: true },
      public_key: { type: DataTypes.BLOB, allowNull: false },
      counter: { type: DataTypes.BIGINT, allowNull: false },
      browser: { type: DataTypes.STRING(200), allowNull: false },
      created_at: moment,
      used_at: { type: DataTypes.DATE },
    });
    await tables.addIndex('passkeys', ['household_id', 'member_id']);
    await tables.createTable('passkey_challenges', {
      challenge_hash: { type: DataTypes.BLOB, primaryKey: true, allowNull: false },
      // Null for whoever signs in, who is not known yet.
      member_id: refersTo('members'),
      until: moment,
    });
    await tables.addIndex('passkey_challenges', ['until']);
  },
  down: async ({ context: tables }) => {
    await tables.dropTable('passkey_challenges');
    await tables.dropTable('passkeys');
  },
};
