import { QueryTypes, Sequelize } from 'sequelize';
import { configFrom } from './config.ts';
import { migrate } from './database/migrate.ts';

const { databaseUrl } = configFrom(process.env);
const done = await migrate(databaseUrl);
for (const name of done) console.log(`migrated ${name}`);
const database = new Sequelize(databaseUrl, { dialect: 'postgres', logging: false });
const kitchens = await database.query('SELECT 1 FROM kitchens WHERE set_up_at IS NOT NULL', {
  type: QueryTypes.SELECT,
});
const keepers = await database.query(
  `SELECT 1 FROM members WHERE role = 'keeper' AND passphrase_hash IS NOT NULL`,
  { type: QueryTypes.SELECT },
);
await database.close();
if (kitchens.length === 0) console.log('not set up yet');
if (keepers.length === 0) console.log('no keeper yet');
