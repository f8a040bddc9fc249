import { configFrom } from './config.ts';
import { migrate } from './database/migrate.ts';

const done = await migrate(configFrom(process.env).databaseUrl);
for (const name of done) console.log(`migrated ${name}`);
