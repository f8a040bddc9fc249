import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { migrate } from '../database/migrate.ts';

/** The database server that `./kettle test` started. */
function adminUrl(): URL {
  const url = process.env['KETTLE_TEST_DATABASE_URL'];
  if (url === undefined)
    throw new Error('These tests need a database: run them with ./kettle test');
  return new URL(url);
}

/** A new, migrated database of its own for one test file. */
export async function freshDatabase(): Promise<string> {
  const url = await emptyDatabase();
  await migrate(url);
  return url;
}

/** A new database with nothing in it. */
export async function emptyDatabase(): Promise<string> {
  const admin = adminUrl();
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const client = new Client({ connectionString: admin.href });
  await client.connect();
  await client.query(`CREATE DATABASE ${name}`);
  await client.end();
  const url = new URL(admin);
  url.pathname = `/${name}`;
  return url.href;
}
