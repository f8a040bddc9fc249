import type {
  Batch,
  BatchSummary,
  CookSession,
  Kitchen,
  LiveMessage,
  Recipe,
} from '@idle-kettle/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { Client } from 'pg';
import request from 'supertest';
import { migrate } from '../database/migrate.ts';
import { emptyDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

/**
 * The demo kitchen as the version of 26 November 2026 stored it, after migration 010: pg_dump with
 * rows as inserts.
 */
const DUMP = join(import.meta.dirname, 'dumps/before-standard-names.sql.gz');

let app: NestExpressApplication;
let client: Client;
/** What was in the tables before anything was migrated. */
let before: { readonly [table: string]: readonly Record<string, unknown>[] };

beforeAll(async () => {
  const databaseUrl = await emptyDatabase();
  client = new Client({ connectionString: databaseUrl });
  await client.connect();
  await client.query(gunzipSync(readFileSync(DUMP)).toString('utf8'));
  // The dump leaves no search path behind.
  await client.query('SET search_path TO public');
  const rows: Record<string, readonly Record<string, unknown>[]> = {};
  for (const table of ['batches', 'cards', 'card_versions', 'cooks', 'cook_entries'])
    rows[table] = (await client.query<Record<string, unknown>>(`SELECT * FROM ${table}`)).rows;
  before = rows;
  await migrate(databaseUrl);
  app = await serverOn(databaseUrl);
});

afterAll(async () => {
  await client.end();
  await app.close();
});

const get = async <T>(path: string): Promise<T> =>
  (await request(app.getHttpServer()).get(`/api${path}`).expect(200)).body as T;
const byText = (a: string, b: string) => a.localeCompare(b);
const byId = (a: { id: string }, b: { id: string }) => a.id.localeCompare(b.id);

test('every batch is still there with its lines, settings and version, and keeps its label', async () => {
  const listed = await get<BatchSummary[]>('/batches');
  expect(listed).toHaveLength(before['batches']!.length);
  expect(listed.map(({ plan }) => plan)).not.toContain(null);
  const batches = await Promise.all(listed.map(({ id }) => get<Batch>(`/batches/${id}`)));
  expect(batches.map(({ id, name, lines, settings, ticked, version }) => ({ id, name, lines, settings, ticked, version })).sort(byId)).toEqual(
    before['batches']!.map(({ id, name, lines, settings, ticked, version }) => ({ id: String(id), name, lines, settings, ticked, version })).sort(byId),
  ); // prettier-ignore
});

test('every recipe is still there with all its versions', async () => {
  const recipes = await get<Recipe[]>('/recipes');
  expect(recipes.map(({ id }) => id).toSorted(byText)).toEqual(
    before['cards']!.map(({ id }) => String(id)).toSorted(byText),
  );
  const versions = recipes.flatMap(({ id, versions: of }) =>
    of.map(({ number, lines, note }) => ({ id, number, lines, note })),
  );
  expect(versions).toHaveLength(before['card_versions']!.length);
  for (const { card_id: id, number, lines, note } of before['card_versions']!)
    expect(versions).toContainEqual({ id, number, lines, note });
});

test('every cook session is still there with its whole log, and those whose jars were stored still are', async () => {
  const sessions = await get<CookSession[]>('/cook-sessions');
  expect(sessions).toHaveLength(before['cooks']!.length);
  const entryName = ({ source, seq, position }: Record<string, unknown>) =>
    [source, seq, position].map(String).join(' ');
  for (const { id } of sessions) {
    const old = before['cooks']!.find((row) => row['id'] === id)!;
    const session = await get<CookSession>(`/cook-sessions/${id}`);
    expect(session).toMatchObject({ name: old['name'], formula: old['formula'], batchId: old['batch_id'] }); // prettier-ignore
    expect(session.storedAt === null).toBe(old['put_away_at'] === null);
    const log: LiveMessage['entries'][number][] = [];
    // A practice that is under way goes on: what was there comes first.
    while (log.length < Number(old['position'])) {
      const path = `/cook-sessions/${id}/log?after=${log.length}`;
      log.push(...(await get<LiveMessage>(path)).entries);
    }
    const kept = before['cook_entries']!.filter((row) => row['cook_id'] === id);
    expect(log.slice(0, kept.length).map((entry) => entryName({ ...entry })).toSorted(byText)).toEqual(kept.map(entryName).toSorted(byText)); // prettier-ignore
  }
  expect(before['cooks']!.some((row) => row['put_away_at'] !== null)).toBe(true);
});

test('what was deleted stays deleted, and the kitchen is set up as it was', async () => {
  const { id } = (await get<BatchSummary[]>('/batches'))[0]!;
  await client.query('UPDATE batches SET deleted_at = now() WHERE id = $1', [id]);
  expect((await get<BatchSummary[]>('/batches')).map((batch) => batch.id)).not.toContain(id);
  expect((await get<Kitchen>('/kitchen')).setUp).toBe(true);
});

test('probes that still send to the old address are heard', async () => {
  const [session] = await get<CookSession[]>('/cooks');
  expect(session).toBeDefined();
});
