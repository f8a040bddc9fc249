import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { MIGRATIONS } from './migrations/index.ts';

/** Any number will do, as long as every process of this app asks for the same lock. */
const MIGRATION_LOCK = 47_800_001;

/**
 * Brings a database up to the newest migration. Safe to call from several processes at once: they
 * take turns.
 * @returns the names of the migrations that this call carried out
 */
export async function migrate(databaseUrl: string): Promise<string[]> {
  const sequelize = new Sequelize(databaseUrl, { dialect: 'postgres', logging: false });
  const umzug = new Umzug({
    migrations: MIGRATIONS,
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  try {
    return await sequelize.transaction(async (transaction) => {
      await sequelize.query(`SELECT pg_advisory_xact_lock(${MIGRATION_LOCK})`, { transaction });
      return (await umzug.up()).map(({ name }) => name);
    });
  } finally {
    await sequelize.close();
  }
}
