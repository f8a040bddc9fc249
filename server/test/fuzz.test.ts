import { inWords, textOf } from '@idle-kettle/words';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { ConnectionError, DatabaseError } from 'sequelize';
import request from 'supertest';
import { unclean } from '@idle-kettle/contract';
import { databaseInWords } from '../problem/database.ts';
import { some } from '../../core/test/runs.ts';
import { freshDatabase } from './freshDatabase.ts';
import { HOSTILE, placesIn, type Document } from './hostile.ts';
import { serverOn } from './serverOn.ts';

let app: NestExpressApplication;
let database: Client;

beforeAll(async () => {
  const databaseUrl = await freshDatabase();
  app = await serverOn(databaseUrl, { mostRequests: 1_000_000 });
  database = new Client({ connectionString: databaseUrl });
  await database.connect();
});

afterAll(async () => {
  await database.end();
  await app.close();
});

const api = () => request(app.getHttpServer());

/**
 * All that is stored, but for plans, which are worked out after a save, and what simulated devices
 * read.
 */
const stored = async (): Promise<string> => {
  const { rows } = await database.query<{ all: string }>(`
    SELECT md5(
      coalesce((SELECT string_agg((to_jsonb(b) - 'plan' - 'summary' - 'plan_faults')::text, ',' ORDER BY b.id) FROM batches b), '') ||
      coalesce((SELECT string_agg(c::text, ',' ORDER BY c.id) FROM recipes c), '') ||
      coalesce((SELECT string_agg(v::text, ',' ORDER BY v.recipe_id, v.number) FROM recipe_versions v), '') ||
      coalesce((SELECT string_agg(k::text, ',' ORDER BY k.id) FROM kitchens k), '') ||
      coalesce((SELECT string_agg(d::text, ',' ORDER BY d.id) FROM day_sheets d), '') ||
      coalesce((SELECT string_agg((to_jsonb(o) - 'position' - 'updated_at')::text, ',' ORDER BY o.id) FROM cook_sessions o), '') ||
      (SELECT count(*) FROM cook_session_entries WHERE source NOT LIKE 'simulated %')::text
    ) AS "all"`);
  return rows[0]?.all ?? '';
};

test('every field of every body, with fifty hostile values: never our fault, and what is refused stores nothing', async () => {
  const document = (await api().get('/api/docs-json').expect(200)).body as Document;
  const places = placesIn(document);
  expect(places.length).toBeGreaterThan(60);
  const address = await app.getUrl();
  const troubles: string[] = [];
  for (const { path, method, name, put, told } of places) {
    const url = path.replace(/\{[^}]+\}/g, () => randomUUID());
    let before = await stored();
    let refusals = 0;
    for (const value of some(HOSTILE)) {
      const response = await fetch(`${address}${url}`, {
        method: method.toUpperCase(),
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(put(value)),
      });
      // Read, so that its connection serves the next.
      await response.arrayBuffer();
      if (response.status >= 500)
        troubles.push(
          `${method} ${path} ${name} = ${JSON.stringify(value).slice(0, 40)}: ${response.status}`,
        );
      if (!told.has(String(response.status)))
        troubles.push(
          `${method} ${path} ${name}: the document does not tell of ${response.status}`,
        );
      if (response.status < 400) {
        before = await stored();
      } else refusals += 1;
    }
    if (refusals > 0 && (await stored()) !== before)
      troubles.push(`${method} ${path} ${name} stored something refused`);
  }
  expect(troubles).toEqual([]);
}, 600_000);

test('what was stored of all that is listed without fault', async () => {
  for (const path of ['/api/batches', '/api/recipes', '/api/kitchen', '/api/cook-sessions'])
    await api().get(path).expect(200);
});

test.each([
  ['53100', 507, 'disk that the database is on is full'],
  ['53300', 503, 'Too many are connected'],
  ['57P01', 503, 'The database was stopped'],
  ['25006', 503, 'may only be read'],
  ['28P01', 503, 'does not take the password'],
])('what PostgreSQL says with %s is answered in words', (code, status, words) => {
  const said = Object.assign(new Error('could not extend file'), { code, sql: '' });
  expect(databaseInWords(new DatabaseError(said))).toMatchObject({ status });
  expect(textOf(databaseInWords(new DatabaseError(said))?.told ?? '')).toContain(words);
  expect(databaseInWords(new ConnectionError(said))).toMatchObject({ status });
});

test('what is no trouble of the database is left to others', () => {
  expect(databaseInWords(new Error('x'))).toBeNull();
  expect(databaseInWords(Object.assign(new Error('x'), { code: '23505' }))).toBeNull();
});

test('a body that is not what its header says is told so', async () => {
  const response = await api()
    .post('/api/plan')
    .set('Content-Type', 'application/json')
    .set('Content-Encoding', 'gzip')
    .send(JSON.stringify({ lines: ['1 kg plums'] }))
    .expect(400);
  expect((response.body as { detail: string }).detail).toMatch(/cannot be read|not compressed/);
});

test('what is refused carries its code, which does not change with the language', async () => {
  const answer = await api().get(`/api/batches/${randomUUID()}`).expect(404);
  expect(answer.body).toMatchObject({
    detail: 'There is no such batch, or it was deleted.',
    detailMessage: { code: 'problems.noSuchBatchOrDeleted', values: {} },
  });
});

describe('bodies that no database keeps', () => {
  test('are refused with the place of what is wrong', () => {
    expect(inWords(unclean({ lines: ['1 kg plums', 'a\u0000'] }))).toEqual([
      { field: 'lines[1]', message: 'Text may not hold a NUL character.' },
    ]);
    expect(unclean({ settings: { pot: '\ud800' } })).toMatchObject([{ field: 'settings.pot' }]);
    expect(unclean({ note: '😀', lines: ['½ cup'] })).toEqual([]);
  });

  test('nor what is nested too deeply', async () => {
    let deep: unknown = 'x';
    for (let level = 0; level < 2000; level += 1) deep = [deep];
    expect(textOf(unclean({ deep })[0]?.message ?? '')).toContain('nested deeper');
    await api().post('/api/plan').send({ lines: deep }).expect(400);
  });
});
