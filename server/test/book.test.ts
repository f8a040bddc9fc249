import type {
  BookHome,
  BookPage,
  BookRecord,
  Kitchen,
  Knowledge,
  Outcome,
} from '@idle-kettle/contract';
import { HEAT_SOURCES } from '@idle-kettle/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { Client } from 'pg';
import type { TrueKitchen } from '../../core/test/keptCooks.ts';
import { bookSchema } from '../book/bookSchema.ts';
import { BookKeeper } from '../book/bookKeeper.service.ts';
import { idOf, KEPT_KITCHEN, keptBook, workedOut } from './keptBook.ts';
import { body, expectProblem, servedApi } from './servedApi.ts';

const { api, databaseUrl, server } = servedApi();

const KITCHEN: TrueKitchen = {
  powerW: 1.4 * HEAT_SOURCES['medium-burner'].powerW,
  offsetK: -2 / 1.8,
  loss: 0.04,
};
const BOOK = keptBook(KITCHEN, [1, 2, 3, 4]);
const [FIRST, SECOND] = [idOf('cook 1'), idOf('cook 2')];

const taken = (book: unknown) =>
  api()
    .post('/api/book/import')
    .set('content-type', 'application/octet-stream')
    .send(JSON.stringify(book));
const exported = async (): Promise<string> =>
  (await api().get('/api/book/export').expect(200).buffer(true)).text;
const page = async (query = ''): Promise<BookPage> =>
  body<BookPage>(await api().get(`/api/book?${query}`).expect(200));
const record = async (id: string): Promise<BookRecord> =>
  body<BookRecord>(await api().get(`/api/book/${id}`).expect(200));

/** Takes everything out that a Book holds. */
async function emptied(): Promise<void> {
  const client = new Client({ connectionString: databaseUrl() });
  await client.connect();
  await client.query('DELETE FROM cook_sessions; DELETE FROM batches; DELETE FROM recipes');
  await client.end();
}

const settled = () => workedOut(api);

beforeAll(async () => {
  await api().put('/api/kitchen').send(KEPT_KITCHEN).expect(200);
  await taken(BOOK).expect(200);
  await settled();
  // What was worked out is learned from a moment later.
  for (let tries = 0; tries < 600; tries += 1) {
    const { knowledge } = body<Kitchen>(await api().get('/api/kitchen').expect(200));
    if (knowledge !== null && knowledge.burners.length > 0) return;
    await setTimeout(100);
  }
});

describe('the Book', () => {
  test('lists what was cooked, the last first, with what was planned and what came', async () => {
    const { total, entries } = await page();
    expect(total).toBe(4);
    expect(entries.map(({ name }) => name)).toEqual(['Kept 4', 'Kept 3', 'Kept 2', 'Kept 1']);
    expect(entries.at(-1)).toMatchObject({
      id: FIRST,
      product: 'jam',
      set: 'soft',
      taste: 4,
      again: true,
      photos: 0,
    });
    expect(entries.at(-1)?.plannedJars).toBeGreaterThan(4);
    expect(entries.at(-1)?.minutes).toBeGreaterThan(5);
  });

  test.each([
    ['words=straw', ['Kept 1']],
    ['words=kept%20NUMBER', ['Kept 4', 'Kept 3', 'Kept 2', 'Kept 1']],
    ['words=sugar%203', ['Kept 3']],
    ['words=%26%7C!()%3A*', ['Kept 4', 'Kept 3', 'Kept 2', 'Kept 1']],
    ['words=zorp', []],
    ['fruit=damson', ['Kept 4']],
    ['year=2026&set=soft&again=true', ['Kept 4', 'Kept 3', 'Kept 2', 'Kept 1']],
    ['year=2025', []],
    ['set=firm', []],
    ['set=unsaid', []],
    ['again=false', []],
    ['page=1', []],
    ['page=-1&year=x&set=zorp&cook=', ['Kept 4', 'Kept 3', 'Kept 2', 'Kept 1']],
  ])('is looked through by %s', async (query, names) => {
    expect((await page(query)).entries.map(({ name }) => name)).toEqual(names);
  });

  test('says what it can be looked through by', async () => {
    const { facets, toJudge } = body<BookHome>(await api().get('/api/book/home').expect(200));
    expect(facets.fruit).toContainEqual({ value: 'damson', count: 1 });
    expect(facets.year).toEqual([{ value: '2026', count: 4 }]);
    expect(facets.set).toEqual([{ value: 'soft', count: 4 }]);
    expect(toJudge).toEqual([]);
  });

  test('tells of one cook what was planned, what came, its curve and its log', async () => {
    const one = await record(SECOND);
    expect(one.summary?.planned.minutes?.p50).toBeGreaterThan(10);
    expect(one.summary?.happened.minutes).toBeGreaterThan(5);
    expect(one.summary?.happened.stopC).toBeGreaterThan(102);
    expect(one.summary?.curve.length).toBeGreaterThan(10);
    expect(one.log.map(({ kind }) => kind)).toContain('off-heat');
    expect(one.outcome.notes).toBe('cook number 2');
  });

  test('knows nothing of what is not a cook of its own that is over', async () => {
    expectProblem(await api().get(`/api/book/${randomUUID()}`), 404);
    expectProblem(await api().get('/api/book/zorp'), 404);
    expectProblem(await api().put(`/api/book/${randomUUID()}/outcome`).send({ version: 0 }), 404);
  });
});

describe('what a kitchen knows', () => {
  test('is in its plans, which say so', async () => {
    const { knowledge } = body<Kitchen>(await api().get('/api/kitchen').expect(200));
    expect(knowledge?.burners[0]?.netPowerW.batches).toBe(4);
    expect(Math.abs((knowledge?.burners[0]?.netPowerW.p50 ?? 0) / KITCHEN.powerW - 1)).toBeLessThan(
      0.1,
    );
    const saved = await api()
      .post('/api/batches')
      .send({ name: 'Next', lines: ['2 kg crushed damsons', '1.4 kg sugar'] })
      .expect(201);
    const { id } = body<{ id: string }>(saved);
    for (let tries = 0; tries < 400; tries += 1) {
      const { plan } = body<{ plan: { learned?: { what: string; batches: number }[] } | null }>(
        await api().get(`/api/batches/${id}`).expect(200),
      );
      if (plan !== null) {
        expect(plan.learned?.map(({ what }) => what)).toContain('power');
        return;
      }
      await setTimeout(50);
    }
    throw new Error('The batch got no plan');
  });

  test('names the cooks behind it, and is forgotten when somebody asks', async () => {
    const known = async () =>
      body<Knowledge>(await api().get('/api/book/knowledge').expect(200)).stories;
    const power = (await known()).find(({ what }) => what === 'power');
    expect(power?.cooks).toHaveLength(4);
    expectProblem(
      await api().post('/api/book/knowledge/forget').send({ what: 'power', burner: 'zorp' }),
      400,
    );
    const after = body<Knowledge>(
      await api()
        .post('/api/book/knowledge/forget')
        .send({ what: 'power', burner: 'front' })
        .expect(200),
    );
    expect(after.stories.find(({ what }) => what === 'power')?.cooks).toEqual([]);
    expect(after.stories.find(({ what }) => what === 'yield')?.cooks).toHaveLength(4);
    const { knowledge } = body<Kitchen>(await api().get('/api/kitchen').expect(200));
    expect(knowledge?.burners).toEqual([]);
  });
});

describe('how a batch turned out', () => {
  const say = (id: string, outcome: object) => api().put(`/api/book/${id}/outcome`).send(outcome);

  test('is said on the version that was seen, once for two at the same moment', async () => {
    const both = await Promise.all([
      say(FIRST, { version: 1, set: 'firm' }),
      say(FIRST, { version: 1, set: 'loose' }),
    ]);
    expect(both.map(({ status }) => status).toSorted((a, b) => a - b)).toEqual([200, 409]);
    const { outcome, set } = await record(FIRST);
    expect(outcome.version).toBe(2);
    expect(set).toBe(outcome.set);
    // What is left out nobody has said.
    expect(outcome).toMatchObject({ taste: null, notes: '' });
    expectProblem(await say(FIRST, { version: 9, set: 'firm' }), 409);
  });

  test('moves what is learned at once', async () => {
    const { outcome } = await record(SECOND);
    const yieldOf = async () =>
      body<Kitchen>(await api().get('/api/kitchen').expect(200)).knowledge?.yieldTimes?.p50 ?? NaN;
    const before = await yieldOf();
    const volumeMl = (outcome.volumeMl ?? NaN) * 0.9;
    body<Outcome>(await say(SECOND, { ...outcome, volumeMl }).expect(200));
    expect(await yieldOf()).toBeLessThan(before);
    const { version } = (await record(SECOND)).outcome;
    await say(SECOND, { ...outcome, version }).expect(200);
  });

  test.each([
    [{ version: 1, set: 'zorp' }, 'set'],
    [{ version: 1, taste: 6 }, 'taste'],
    [{ version: 1, taste: 2.5 }, 'taste'],
    [{ version: 1, notes: 'x'.repeat(4001) }, 'notes'],
    [{ version: 1, volumeMl: 0 }, 'volumeMl'],
    [{ set: 'firm' }, 'version'],
  ])('is refused as %j', async (outcome, field) => {
    const problem = expectProblem(await say(SECOND, outcome), 400);
    expect(problem.faults.map((fault) => fault.field)).toEqual([field]);
  });
});

test('everything that is worked out is the same when it is worked out anew', async () => {
  const see = async () => [
    (await page()).entries,
    await Promise.all((await page()).entries.map(({ id }) => record(id))),
    body<Kitchen>(await api().get('/api/kitchen').expect(200)).knowledge,
  ];
  const before = await see();
  expect(await server().get(BookKeeper).rebuild()).toBe(4);
  expect(await see()).toEqual(before);
});

describe('the Book as a file', () => {
  test('comes back byte for byte, and twice adds nothing', async () => {
    const before = await exported();
    const again = await taken(JSON.parse(before)).expect(200);
    expect(body<{ cooks: number }>(again)).toMatchObject({ cooks: 0, batches: 0, photos: 0 });
    expect(await exported()).toBe(before);
    await emptied();
    expect(await exported()).not.toBe(before);
    await taken(JSON.parse(before)).expect(200);
    expect(await exported()).toBe(before);
  });

  test('is refused whole, each fault by its place', async () => {
    const before = await exported();
    const other = keptBook(KITCHEN, [11, 12]);
    const [one, two] = other.cooks as [(typeof other.cooks)[0], (typeof other.cooks)[0]];
    const broken = {
      ...other,
      batches: other.batches.map((batch, index) => (index === 1 ? { ...batch, name: '' } : batch)),
      cooks: [
        { ...one, log: one.log.map((line, index) => (index === 7 ? { ...line, at: 'x' } : line)) },
        {
          ...two,
          kitchen: { ...two.kitchen, altitudeM: 'high' },
          outcome: { version: 1, taste: 9 },
        },
      ],
    };
    const { faults } = expectProblem(await taken(broken), 400);
    expect(faults.map(({ field }) => field)).toEqual([
      'batches[1].name',
      'cooks[0].log',
      'cooks[1].kitchen',
      'cooks[1].outcome.taste',
    ]);
    expect(faults[1]?.message).toContain('Line 8');
    for (const file of [
      { ...other, format: 'zorp' },
      { ...other, version: 2 },
      { ...other, batches: [] },
      { ...other, cooks: [one, one] },
      { ...other, zorp: 1 },
      [],
      null,
    ])
      expectProblem(await taken(file), 400);
    const text = await api()
      .post('/api/book/import')
      .set('content-type', 'application/octet-stream')
      .send(before.slice(0, -3));
    expect(expectProblem(text, 400).faults[0]?.message).toContain('no JSON');
    expect(await exported()).toBe(before);
  });

  test('is what the published schema says', async () => {
    const published = readFileSync(
      join(import.meta.dirname, '../../docs/book.schema.json'),
      'utf8',
    );
    const schema = bookSchema();
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(schema)));
    const holds = new Ajv2020({
      strict: false,
      formats: {
        uuid: true,
        base64: true,
        date: /^\d{4}-\d\d-\d\d$/,
        'date-time': /^\d{4}-\d\d-\d\dT/,
      },
    }).compile(schema);
    expect([holds(JSON.parse(await exported())), holds.errors]).toEqual([true, null]);
    expect(holds({ ...BOOK, version: 'x' })).toBe(false);
    expect(holds({ ...BOOK, cooks: [{ ...BOOK.cooks[0], name: 7 }] })).toBe(false);
  });

  test('is a table too, in which nothing is a formula', async () => {
    await api()
      .put(`/api/book/${FIRST}/outcome`)
      .send({ version: (await record(FIRST)).outcome.version, notes: '=1+1' })
      .expect(200);
    const { text, headers } = await api().get('/api/book/export.csv').expect(200);
    expect(headers['content-type']).toContain('text/csv');
    expect(text.split('\r\n')[0]).toContain('date,name,fruit');
    expect(text).toContain("'=1+1");
    expect(text).toContain('2026-06-01,Kept 1');
  });
});
