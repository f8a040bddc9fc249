import type { Batch, BatchSummary, Recipe, Kitchen, Problem } from '@idle-kettle/contract';
import type { Plan } from '@idle-kettle/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { Client } from 'pg';
import request from 'supertest';
import { migrate } from '../database/migrate.ts';
import { DEMO_BATCHES, DEMO_KITCHEN } from '../demo/demo.ts';
import { freshDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

let app: NestExpressApplication;
let databaseUrl: string;

beforeAll(async () => {
  databaseUrl = await freshDatabase();
  app = await serverOn(databaseUrl);
});

afterAll(() => app.close());

const api = () => request(app.getHttpServer());
const body = <T>(response: { body: unknown }) => response.body as T;

const PLUM = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'] };
const create = async (dto: object = PLUM) =>
  body<Batch>(await api().post('/api/batches').send(dto).expect(201));

/** The plan of a batch, as soon as it is worked out. */
async function planOf({ id }: Batch): Promise<Plan> {
  for (let tries = 0; tries < 200; tries += 1) {
    const { plan } = body<Batch>(await api().get(`/api/batches/${id}`).expect(200));
    if (plan !== null) return plan;
    await setTimeout(50);
  }
  throw new Error('The batch got no plan');
}

/** Every error is problem details: this media type, these members. */
function expectProblem(
  response: { headers: Record<string, unknown>; body: unknown },
  status: number,
): Problem {
  expect(response.headers['content-type']).toContain('application/problem+json');
  const problem = body<Problem>(response);
  expect(problem).toMatchObject({ type: 'about:blank', status });
  expect(problem.detail).not.toBe('');
  return problem;
}

describe('who is answered', () => {
  test.each(['127.0.0.1:4780', 'localhost', '[::1]:4780'])(
    '%s is one of its own names',
    async (host) => {
      await api().get('/api/health').set('Host', host).expect(200);
      await api().get('/api/health').set('Host', host).set('Origin', `http://${host}`).expect(200);
    },
  );

  test.each([
    ['a foreign name that points here', { Host: 'kettle.example' }],
    ['a foreign name with a port', { Host: 'kettle.example:4780' }],
    ['a name that only begins like ours', { Host: 'localhost.kettle.example' }],
    ['a page of another site', { Origin: 'http://kettle.example' }],
    ['a page of no site', { Origin: 'null' }],
    ['no name at all', { Host: ' ' }],
  ])('%s is not, and nothing is read or written', async (_, headers) => {
    for (const path of ['/api/batches', '/', '/api/docs-json']) {
      const refused = await api().get(path).set(headers).expect(403);
      expect(expectProblem(refused, 403).detail).toContain('only its own pages');
    }
    const before = body<Batch[]>(await api().get('/api/batches').expect(200)).length;
    await api().post('/api/batches').set(headers).send(PLUM).expect(403);
    expect(body<Batch[]>(await api().get('/api/batches').expect(200))).toHaveLength(before);
  });
});

describe('the house', () => {
  test('is healthy', async () => {
    expect(body(await api().get('/api/health').expect(200))).toEqual({ status: 'ok' });
  });

  test('serves the app, and its page for any address of it', async () => {
    for (const path of ['/', '/batches/new']) {
      const response = await api().get(path).expect(200);
      expect(response.text).toContain('Idle Kettle');
      expect(response.headers['cache-control']).toBe('no-cache');
      expect(response.headers['content-security-policy']).toContain("script-src 'self'");
    }
  });

  test('documents itself from the validation rules', async () => {
    const document = body<{
      paths: object;
      components: { schemas: Record<string, { properties: Record<string, object> }> };
    }>(await api().get('/api/docs-json').expect(200));
    expect(Object.keys(document.paths)).toContain('/api/plan');
    expect(document.components.schemas['PlanRequestDto']?.properties['altitudeM']).toMatchObject({
      minimum: -450,
      maximum: 5500,
    });
    await api().get('/api/docs').expect(200);
  });

  test('migrating again changes nothing', async () => {
    expect(await migrate(databaseUrl)).toEqual([]);
  });

  test('an address that is not there is a problem, not a page', async () => {
    expectProblem(await api().get('/api/nothing'), 404);
  });
});

describe('planning', () => {
  test('answers with a plan, the same for the same request', async () => {
    const send = () =>
      api()
        .post('/api/plan')
        .send({ ...PLUM, name: undefined, altitudeM: 1524 })
        .expect(200);
    const first = body<Plan>(await send());
    expect(first.process.minutes).toBe(20);
    expect(body(await send())).toEqual(first);
  });

  test('names every fault with its field', async () => {
    const response = await api()
      .post('/api/plan')
      .send({ lines: ['1 kg plums'], altitudeM: 'x', jars: [{}] });
    const fields = expectProblem(response, 400).faults.map(({ field }) => field);
    expect(fields).toEqual(['altitudeM', 'jars[0].name', 'jars[0].volumeMl']);
  });

  test('names the line that is impossible', async () => {
    const response = await api()
      .post('/api/plan')
      .send({ lines: ['1 kg plums', '0 kg sugar'] });
    expect(expectProblem(response, 400).faults).toEqual([
      {
        field: 'lines[1]',
        message: 'The amount must be more than zero.',
        messageMessage: { code: 'parser.theAmountMustBeMore', values: {} },
      },
    ]);
  });

  test('a megabyte, and what is no JSON, are turned away at the door', async () => {
    const big = await api()
      .post('/api/plan')
      .send({ lines: ['x'.repeat(1_000_000)] });
    expect(expectProblem(big, 413).detail).toContain('256kb');
    const broken = await api()
      .post('/api/plan')
      .set('content-type', 'application/json')
      .send('{"lines":');
    expect(expectProblem(broken, 400).detail).toBe('The body is not JSON.');
  });
});

describe('the kitchen', () => {
  test('is there from the start, not set up', async () => {
    const kitchen = body<Kitchen>(await api().get('/api/kitchen').expect(200));
    expect(kitchen).toMatchObject({ setUp: false, altitudeM: null });
  });

  test('keeps what it is told, and its altitude reaches the plans of batches', async () => {
    const set = body<Kitchen>(await api().put('/api/kitchen').send(DEMO_KITCHEN).expect(200));
    expect(set).toMatchObject({ ...DEMO_KITCHEN, setUp: true });
    expect(body(await api().get('/api/kitchen'))).toEqual(set);
    const plan = await planOf(await create());
    expect(plan.stop.waterBoilsF).toBeCloseTo(204.5, 1);
  });

  test('keeps its pots, burners, jars and prices, and plans with them', async () => {
    const before = body<Kitchen>(await api().get('/api/kitchen'));
    const stands = {
      canner: 'steam',
      pots: [{ name: 'wide', diameterCm: 30, heightCm: 14 }],
      burners: [{ name: 'ring', heat: 'outdoor-ring', netPowerKw: 4 }],
      jars: [{ name: 'pint', volumeMl: 473, count: 3 }],
      prices: [{ ingredient: 'sugar', minorPerKg: 120 }],
    };
    const set = body<Kitchen>(
      await api()
        .put('/api/kitchen')
        .send({ ...DEMO_KITCHEN, ...stands })
        .expect(200),
    );
    expect(set).toMatchObject(stands);
    const plan = await planOf(await create());
    expect(plan.process.method).toBe('steam');
    expect(plan.yield?.jars[0]?.name).toBe('pint');
    expect(plan.pot?.boilOver?.risk).toBe('fine');
    // A form that does not speak of them leaves them alone.
    const { name, altitudeM, waterBoilsC, units, temperature, altitudeUnit, school } = DEMO_KITCHEN;
    const place = { name, altitudeM, waterBoilsC, units, temperature, altitudeUnit, school };
    expect(body(await api().put('/api/kitchen').send(place))).toMatchObject(stands);
    const { canner, pots, burners, jars, prices } = before;
    await api()
      .put('/api/kitchen')
      .send({ ...DEMO_KITCHEN, canner, pots, burners, jars, prices })
      .expect(200);
  });

  const patch = (version: number, changes: object) =>
    api().patch('/api/kitchen').send({ version, changes });

  test('merges what two change at once of different fields, and names the field that both did', async () => {
    const { version } = body<Kitchen>(await api().get('/api/kitchen'));
    const mine = body<Kitchen>(await patch(version, { altitudeM: 300 }).expect(200));
    expect(mine).toMatchObject({ altitudeM: 300, version: version + 1 });
    const theirs = body<Kitchen>(await patch(version, { waterBoilsC: 98 }).expect(200));
    expect(theirs).toMatchObject({ altitudeM: 300, waterBoilsC: 98, version: version + 2 });
    const { faults, detail } = expectProblem(await patch(version, { altitudeM: 400 }), 409);
    expect(faults.map(({ field }) => field)).toEqual(['changes.altitudeM']);
    expect(detail).toContain('nothing was changed');
    // The same said twice is no conflict, and after a look at what is there now it stands.
    await patch(version, { altitudeM: 300 }).expect(200);
    const { version: now } = body<Kitchen>(await api().get('/api/kitchen'));
    expect(body(await patch(now, { altitudeM: 400, waterBoilsC: null }).expect(200))).toMatchObject(
      {
        altitudeM: 400,
        waterBoilsC: null,
      },
    );
  });

  test('of many changes at once none is lost', async () => {
    const { version } = body<Kitchen>(await api().get('/api/kitchen'));
    await Promise.all([
      patch(version, { altitudeM: 123 }).expect(200),
      patch(version, { currency: 'EUR' }).expect(200),
      patch(version, { units: 'metric' }).expect(200),
      patch(version, { canner: 'steam' }).expect(200),
      api()
        .post('/api/kitchen/names')
        .send({ name: 'Quarrenden', ingredient: 'apple' })
        .expect(201),
    ]);
    expect(body(await api().get('/api/kitchen'))).toMatchObject({
      altitudeM: 123,
      currency: 'EUR',
      units: 'metric',
      canner: 'steam',
      version: version + 5,
    });
    await api().delete('/api/kitchen/names/Quarrenden').expect(200);
    await api().put('/api/kitchen').send(DEMO_KITCHEN).expect(200);
  });

  test('refuses a whole that was made on another version, and changes that break a rule', async () => {
    const before = body<Kitchen>(await api().get('/api/kitchen'));
    expectProblem(
      await api()
        .put('/api/kitchen')
        .send({ ...DEMO_KITCHEN, version: before.version - 1 }),
      409,
    );
    const { faults } = expectProblem(
      await patch(before.version, { altitudeM: 1e7, nonsense: 1, pots: [[]] }),
      400,
    );
    expect(faults.map(({ field }) => field).sort()).toEqual([
      'changes.altitudeM',
      'changes.nonsense',
      'changes.pots',
    ]);
    expect(body(await api().get('/api/kitchen'))).toEqual(before);
  });

  test('gives what stands in it ids, keeps them, and refuses two of one name or id', async () => {
    const pots = [
      { name: 'wide', diameterCm: 30, heightCm: 14 },
      { name: 'tall', diameterCm: 24, heightCm: 20 },
    ];
    const { version } = body<Kitchen>(await api().get('/api/kitchen'));
    const given = body<Kitchen>(await patch(version, { pots }).expect(200));
    const ids = given.pots.map(({ id }) => id);
    expect(new Set(ids).size).toBe(2);
    const again = body<Kitchen>(
      await patch(given.version, { pots: [...pots].reverse() }).expect(200),
    );
    expect(again.pots.map(({ id }) => id)).toEqual([...ids].reverse());
    for (const [key, twice] of [
      ['pots', [{ ...pots[0] }, { ...pots[1], name: ' WIDE ' }]],
      ['pots', given.pots.map((pot) => ({ ...pot, id: 'x' }))],
      [
        'jars',
        [
          { name: 'pint', volumeMl: 473 },
          { name: 'Pint', volumeMl: 500 },
        ],
      ],
      [
        'burners',
        [
          { name: 'ring', heat: 'outdoor-ring' },
          { name: 'ring', heat: 'medium-burner' },
        ],
      ],
    ] as const) {
      const problem = expectProblem(await patch(again.version, { [key]: twice }), 400);
      expect(problem.faults).toMatchObject([{ field: `changes.${key}` }]);
      expect(problem.faults[0]?.message).toContain('Give each its own');
    }
    // A batch goes by the id, so that a pot which is called something else is still its pot.
    const batch = await create({ ...PLUM, settings: { pot: ids[1] } });
    const small = (await planOf(batch)).pot?.boilOver;
    await patch(again.version, {
      pots: again.pots.map((pot) => ({ ...pot, name: `${pot.name}, mended` })),
    }).expect(200);
    const same = await planOf(await create({ ...PLUM, settings: { pot: ids[1] } }));
    expect(same.pot?.boilOver).toEqual(small);
    await api().put('/api/kitchen').send(DEMO_KITCHEN).expect(200);
  });

  test('refuses markup in its name and nonsense in its place, and keeps what it had', async () => {
    const before = body(await api().get('/api/kitchen'));
    const response = await api()
      .put('/api/kitchen')
      .send({ ...DEMO_KITCHEN, name: '<b>x</b>', altitudeM: 1e7 });
    expect(expectProblem(response, 400).faults.map(({ field }) => field)).toEqual([
      'name',
      'altitudeM',
    ]);
    expect(body(await api().get('/api/kitchen'))).toEqual(before);
  });
});

describe('batches', () => {
  test('are saved with their plan, found again, and listed last changed first', async () => {
    const first = await create();
    const second = await create({ ...PLUM, name: 'Plum again' });
    expect(first).toMatchObject({ ...PLUM, version: 1 });
    const plan = await planOf(first);
    expect(plan.shelf.verdict).toBe('pantry');
    expect(body(await api().get(`/api/batches/${first.id}`).expect(200))).toEqual({
      ...first,
      plan,
    });
    await planOf(second);
    const listed = body<BatchSummary[]>(await api().get('/api/batches').expect(200));
    expect(listed.slice(0, 2).map(({ id }) => id)).toEqual([second.id, first.id]);
    expect(listed[1]?.plan).toEqual({
      fruit: 'plum',
      colour: '#8a2331',
      yield: { fullJars: plan.yield?.fullJars, sizes: plan.yield?.sizes },
      stopC: plan.stop.tempC ?? plan.stop.ruleTempC,
      shelf: { verdict: 'pantry', months: plan.shelf.months },
      process: { method: plan.process.method, minutes: plan.process.minutes },
    });
  });

  test('sixteen of them are listed in twelve kilobytes, and compressed for whoever wants that', async () => {
    for (let i = 0; i < 16; i += 1) await create({ ...PLUM, name: `Plum ${i}` });
    const listed = body<BatchSummary[]>(
      await api()
        .get('/api/batches')
        .set('Accept-Encoding', 'gzip')
        .expect('Content-Encoding', 'gzip'),
    );
    expect(JSON.stringify(listed.slice(0, 16)).length).toBeLessThan(12_000);
  });

  test('one saved before labels were kept gets its own when it is listed', async () => {
    const batch = await create();
    const plan = await planOf(batch);
    const client = new Client({ connectionString: databaseUrl });
    await client.connect();
    await client.query('UPDATE batches SET summary = NULL WHERE id = $1', [batch.id]);
    const label = async () =>
      body<BatchSummary[]>(await api().get('/api/batches')).find(({ id }) => id === batch.id)?.plan;
    expect(await label()).toMatchObject({ shelf: { verdict: plan.shelf.verdict } });
    const { rows } = await client.query<{ summary: unknown; version: number }>(
      'SELECT summary, version FROM batches WHERE id = $1',
      [batch.id],
    );
    expect(rows).toMatchObject([{ summary: { fruit: 'plum' }, version: 1 }]);
    // One whose server died before its plan was worked out gets it when it is asked for.
    await client.query('UPDATE batches SET plan = NULL, summary = NULL WHERE id = $1', [batch.id]);
    await client.end();
    expect(await planOf(batch)).toMatchObject({ shelf: plan.shelf });
  });

  test('one that cannot be planned says why, and is planned once its kitchen allows it', async () => {
    const batch = await create();
    await planOf(batch);
    const client = new Client({ connectionString: databaseUrl });
    await client.connect();
    const lines = (written: readonly string[]) =>
      client.query(
        'UPDATE batches SET plan = NULL, summary = NULL, lines = $2::jsonb WHERE id = $1',
        [batch.id, JSON.stringify(written)],
      );
    const settled = async (): Promise<BatchSummary> => {
      const one = body<BatchSummary[]>(await api().get('/api/batches')).find(
        ({ id }) => id === batch.id,
      )!;
      if (one.plan !== null || one.planFaults !== null) return one;
      await setTimeout(50);
      return settled();
    };
    await lines(['2 kg plums', '0 kg sugar']);
    expect(await settled()).toMatchObject({ plan: null, planFaults: [{ field: 'lines[1]' }] });
    await lines(['2 kg plums', '1 kg sugar']);
    await client.end();
    expect((await settled()).plan).toBeNull();
    const { version } = body<Kitchen>(await api().get('/api/kitchen'));
    await api()
      .patch('/api/kitchen')
      .send({ version, changes: { altitudeM: 301 } })
      .expect(200);
    expect((await settled()).plan).not.toBeNull();
  });

  test('keep a line that is not understood', async () => {
    const batch = await create({ name: 'Odd', lines: ['1 kg plums', '3 blobs of zorp'] });
    const plan = await planOf(batch);
    expect(batch.lines[1]).toBe('3 blobs of zorp');
    expect(plan.lines[1]?.understood).toBe(false);
  });

  test('are made once by their id, however often they are sent, even at the same time', async () => {
    const id = randomUUID();
    const made = await Promise.all(
      Array.from({ length: 12 }, () =>
        api()
          .post('/api/batches')
          .send({ ...PLUM, id })
          .expect(201),
      ),
    );
    expect(new Set(made.map((answer) => body<Batch>(answer).id))).toEqual(new Set([id]));
    const again = await api()
      .post('/api/batches')
      .send({ ...PLUM, name: 'Later', id })
      .expect(201);
    expect(body<Batch>(again)).toMatchObject({ name: 'Plum', version: 1 });
    const listed = body<Batch[]>(await api().get('/api/batches').expect(200));
    expect(listed.filter((batch) => batch.id === id)).toHaveLength(1);
    await api()
      .post('/api/batches')
      .send({ ...PLUM, id: 'me' })
      .expect(400);
  });

  test('racing saves: one is taken on each version, and its answer is what it wrote', async () => {
    const { id } = await create();
    for (let version = 1; version <= 4; version += 1) {
      const answers = await Promise.all(
        ['a', 'b', 'c', 'd'].map(async (who) => {
          const name = `Plum ${who} ${version}`;
          return {
            name,
            answer: await api()
              .put(`/api/batches/${id}`)
              .send({ ...PLUM, name, version }),
          };
        }),
      );
      const taken = answers.filter(({ answer }) => answer.status === 200);
      expect(taken).toHaveLength(1);
      expect(body<Batch>(taken[0]?.answer ?? { body: null })).toMatchObject({
        name: taken[0]?.name,
        version: version + 1,
      });
      expect(answers.filter(({ answer }) => answer.status === 409)).toHaveLength(3);
    }
  });

  test('saves that follow on each other at once are each answered with the row that they wrote', async () => {
    const { id } = await create();
    let taken = 0;
    let version = 1;
    for (let round = 0; round < 25; round += 1) {
      const answers = await Promise.all(
        [0, 1, 2, 3].map(async (ahead) => {
          const on = version + ahead;
          const name = `Plum ${round} on ${on}`;
          const answer = await api()
            .put(`/api/batches/${id}`)
            .send({ ...PLUM, name, version: on });
          return { on, name, status: answer.status, row: body<Batch>(answer) };
        }),
      );
      for (const { on, name, status, row } of answers) {
        if (status !== 200) continue;
        expect(row).toMatchObject({ name, version: on + 1 });
        version = Math.max(version, row.version);
        taken += 1;
      }
    }
    expect(taken).toBeGreaterThan(25);
  });

  test('what was deleted is listed, the last first, until it is restored', async () => {
    const make = async (name: string) => {
      const { id } = body<Batch>(
        await api()
          .post('/api/batches')
          .send({ ...PLUM, name }),
      );
      await api().delete(`/api/batches/${id}`).expect(204);
      return id;
    };
    const [first, last] = [await make('First'), await make('Last')];
    const listed = async () =>
      body<{ id: string; name: string }[]>(await api().get('/api/batches/deleted').expect(200));
    expect((await listed()).slice(0, 2)).toMatchObject([
      { id: last, name: 'Last' },
      { id: first, name: 'First' },
    ]);
    await api().post(`/api/batches/${last}/restore`).expect(200);
    expect((await listed()).map(({ id }) => id)).not.toContain(last);
  });

  test('the first step alone is something to be kept; nothing at all is not', async () => {
    const before = { kind: 'extract', lines: ['3 lb crab apples'] };
    const jelly = { name: 'Jelly', lines: [], settings: { product: 'jelly', before } };
    expect(body<Batch>(await api().post('/api/batches').send(jelly).expect(201)).lines).toEqual([]);
    await api()
      .post('/api/batches')
      .send({ ...jelly, settings: { before: { ...before, lines: ['  '] } } })
      .expect(400);
  });

  test('a save against putting away is one or the other', async () => {
    for (let round = 0; round < 4; round += 1) {
      const { id } = await create();
      const [saved] = await Promise.all([
        api()
          .put(`/api/batches/${id}`)
          .send({ ...PLUM, name: 'Saved', version: 1 }),
        api().delete(`/api/batches/${id}`).expect(204),
      ]);
      expect([200, 404]).toContain(saved.status);
      const back = body<Batch>(await api().post(`/api/batches/${id}/restore`).expect(200));
      expect(back).toMatchObject(
        saved.status === 200 ? { name: 'Saved', version: 2 } : { name: 'Plum', version: 1 },
      );
    }
  });

  test('change on the version they were read at, and only on that', async () => {
    const { id } = await create();
    const changed = { name: 'Plum, less sweet', lines: ['1 kg plums', '700 g sugar'], version: 1 };
    expect(
      body<Batch>(await api().put(`/api/batches/${id}`).send(changed).expect(200)),
    ).toMatchObject({
      name: 'Plum, less sweet',
      version: 2,
    });
    const late = await api()
      .put(`/api/batches/${id}`)
      .send({ ...PLUM, version: 1 });
    expect(expectProblem(late, 409).detail).toContain('version 2');
    const without = await api().put(`/api/batches/${id}`).send(PLUM);
    expect(expectProblem(without, 400).faults[0]?.field).toBe('version');
    expect(body<Batch>(await api().get(`/api/batches/${id}`)).name).toBe('Plum, less sweet');
  });

  test('two changes at once: one is kept, the other is told', async () => {
    const { id } = await create();
    const save = (name: string) =>
      api()
        .put(`/api/batches/${id}`)
        .send({ ...PLUM, name, version: 1 });
    const statuses = (await Promise.all([save('A'), save('B'), save('C')])).map(
      ({ status }) => status,
    );
    expect(statuses.toSorted((a, b) => a - b)).toEqual([200, 409, 409]);
  });

  test('are put away, and brought back', async () => {
    const { id } = await create();
    await api().delete(`/api/batches/${id}`).expect(204);
    expectProblem(await api().get(`/api/batches/${id}`), 404);
    expect(body<Batch[]>(await api().get('/api/batches')).map((batch) => batch.id)).not.toContain(
      id,
    );
    await api().post(`/api/batches/${id}/restore`).expect(200);
    await api().get(`/api/batches/${id}`).expect(200);
  });

  test.each<[string, object]>([
    ['markup in the name', { ...PLUM, name: '<img src=x onerror=alert(1)>' }],
    ['no name', { ...PLUM, name: '' }],
    ['no lines', { name: 'Plum', lines: [] }],
    ['10 000 lines', { name: 'Plum', lines: Array(10_000).fill('1 g sugar') }],
    ['a negative amount', { name: 'Plum', lines: ['-1 kg plums'] }],
    ['ten tonnes', { name: 'Plum', lines: ['10000 kg plums'] }],
    ['NaN', { name: 'Plum', lines: ['NaN kg plums'] }],
    ['a long line', { name: 'Plum', lines: ['x'.repeat(500)] }],
    ['an unknown key', { ...PLUM, householdId: 'mine' }],
  ])('with %s are refused, and nothing is stored', async (_, dto) => {
    const count = async () => body<Batch[]>(await api().get('/api/batches')).length;
    const before = await count();
    expect(
      expectProblem(await api().post('/api/batches').send(dto), 400).faults.length,
    ).toBeGreaterThan(0);
    expect(await count()).toBe(before);
  });

  test.each(['nonsense', '00000000-0000-4000-8000-000000000000'])(
    'there is none called %s',
    async (id) => {
      expectProblem(await api().get(`/api/batches/${id}`), 404);
      expectProblem(await api().delete(`/api/batches/${id}`), 404);
    },
  );
});

describe('settings of a batch', () => {
  test('are kept, and make its plan', async () => {
    const dto = {
      name: 'Apple butter',
      lines: ['2 kg chopped apples', '300 g sugar'],
      settings: { product: 'butter', targetSolublesPct: 45 },
      ticked: ['buy-apple'],
    };
    const batch = await create(dto);
    expect(await planOf(batch)).toMatchObject({ product: 'butter', finish: { solublesPct: 45 } });
    expect(body(await api().get(`/api/batches/${batch.id}`))).toMatchObject(dto);
  });

  test('that do not go together are refused', async () => {
    const response = await api()
      .post('/api/batches')
      .send({ ...PLUM, settings: { product: 'curd', method: 'long-boil' } });
    expect(expectProblem(response, 400).faults[0]?.field).toBe('method');
  });
});

describe('recipes', () => {
  const RECIPE = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'], note: 'the first' };
  const keep = async () => body<Recipe>(await api().post('/api/recipes').send(RECIPE).expect(201));

  test('are made once by their id, with their first version: both or none', async () => {
    const id = randomUUID();
    const made = await Promise.all(
      Array.from({ length: 8 }, () =>
        api()
          .post('/api/recipes')
          .send({ ...PLUM, id }),
      ),
    );
    expect(made.filter(({ status }) => status === 201).length).toBeGreaterThan(0);
    expect(made.filter(({ status }) => status >= 500)).toEqual([]);
    const recipe = body<Recipe>(await api().get(`/api/recipes/${id}`).expect(200));
    expect(recipe.versions).toHaveLength(1);
    const recipes = body<Recipe[]>(await api().get('/api/recipes').expect(200));
    expect(recipes.filter((one) => one.id === id)).toHaveLength(1);
  });

  test('keep every version, the newest first', async () => {
    const { id } = await keep();
    const next = {
      name: 'Plum, sharp',
      lines: ['1 kg plums', '700 g sugar'],
      settings: { targetSolublesPct: 62 },
      note: 'won at the show',
    };
    const recipe = body<Recipe>(
      await api().post(`/api/recipes/${id}/versions`).send(next).expect(201),
    );
    expect(recipe.name).toBe('Plum, sharp');
    expect(recipe.versions.map(({ number, note }) => [number, note])).toEqual([
      [2, 'won at the show'],
      [1, 'the first'],
    ]);
    expect(recipe.versions[0]?.settings).toEqual({ targetSolublesPct: 62 });
    expect(body(await api().get(`/api/recipes/${id}`))).toEqual(recipe);
    expect(body<Recipe[]>(await api().get('/api/recipes'))[0]).toEqual(recipe);
  });

  test('are put away, and brought back with their versions', async () => {
    const { id } = await keep();
    await api().delete(`/api/recipes/${id}`).expect(204);
    expectProblem(await api().get(`/api/recipes/${id}`), 404);
    const back = body<Recipe>(await api().post(`/api/recipes/${id}/restore`).expect(200));
    expect(back.versions).toHaveLength(1);
  });

  test('two versions at once: each is kept, or the other is told', async () => {
    const { id } = await keep();
    const statuses = (
      await Promise.all([1, 2, 3].map(() => api().post(`/api/recipes/${id}/versions`).send(RECIPE)))
    ).map(({ status }) => status);
    expect(statuses.every((status) => status === 201 || status === 409)).toBe(true);
    const { versions } = body<Recipe>(await api().get(`/api/recipes/${id}`));
    expect(versions).toHaveLength(1 + statuses.filter((status) => status === 201).length);
  });

  test.each([
    { ...RECIPE, name: '<b>' },
    { ...RECIPE, lines: [] },
    { ...RECIPE, note: 'x'.repeat(3000) },
  ])('are refused where a rule is broken', async (dto) => {
    expectProblem(await api().post('/api/recipes').send(dto), 400);
  });
});

test('every batch of the demo can be saved, and every line of it is understood', async () => {
  for (const dto of DEMO_BATCHES) {
    const plan = await planOf(await create(dto));
    expect(plan.lines.filter((line) => !line.understood)).toEqual([]);
  }
}, 30_000);

describe('reading lines', () => {
  test('says what each is read as, and stores nothing', async () => {
    const answer = body<{ lines: object[] }>(
      await api()
        .post('/api/read')
        .send({ lines: ['2-1/2 cups sugar', '2 kg plums, 1 kg pumpkin'], measures: 'metric' })
        .expect(200),
    );
    expect(answer.lines).toMatchObject([
      { understood: true, ingredient: 'sugar', massG: 528.3, assumed: 'metric cup, 250 mL.' },
      { understood: false, offers: [['2 kg plums', '1 kg pumpkin']] },
    ]);
  });

  test('names what is wrong with a request', async () => {
    const problem = expectProblem(
      await api()
        .post('/api/read')
        .send({ lines: ['1 kg plums'], measures: 'roman' }),
      400,
    );
    // In words, and beside them the code and the values that the words are made of.
    expect(problem.faults).toEqual([
      {
        field: 'measures',
        message: 'measures must be one of: us, uk, metric.',
        messageMessage: {
          code: 'requests.oneOf',
          values: { property: 'measures', choices: 'us, uk, metric' },
        },
      },
    ]);
  });
});

describe('names that the kitchen is taught', () => {
  const namesNow = async () => body<Kitchen>(await api().get('/api/kitchen')).names;

  test('are kept with when and from what, taught anew, and forgotten', async () => {
    const taught = body<Kitchen>(
      await api()
        .post('/api/kitchen/names')
        .send({ name: 'Old Codlin', ingredient: 'apple', line: '2 kg Old Codlin' })
        .expect(201),
    );
    expect(taught.names).toMatchObject([
      { name: 'Old Codlin', ingredient: 'apple', line: '2 kg Old Codlin' },
    ]);
    expect(Date.parse(taught.names[0]?.taughtAt ?? '')).toBeGreaterThan(0);
    await api()
      .post('/api/kitchen/names')
      .send({ name: 'old codlin', ingredient: 'pear' })
      .expect(201);
    expect(await namesNow()).toMatchObject([{ name: 'old codlin', ingredient: 'pear' }]);
    await api()
      .delete(`/api/kitchen/names/${encodeURIComponent('Old Codlin')}`)
      .expect(200);
    expect(await namesNow()).toEqual([]);
    await api().delete('/api/kitchen/names/nobody').expect(200);
  });

  test('of many at once none is lost, and saving the kitchen keeps them', async () => {
    const many = Array.from({ length: 8 }, (_, index) => `Codlin the ${'abcdefgh'[index]}th`);
    await Promise.all(
      many.map((name) =>
        api().post('/api/kitchen/names').send({ name, ingredient: 'apple' }).expect(201),
      ),
    );
    const { id, setUp, names, version, ...kitchen } = body<Kitchen>(
      await api().get('/api/kitchen'),
    );
    expect([id, setUp, names.map(({ name }) => name).sort()]).toEqual([id, setUp, many]);
    await api().put('/api/kitchen').send(kitchen).expect(200);
    expect(await namesNow()).toHaveLength(8);
    for (const name of many) await api().delete(`/api/kitchen/names/${encodeURIComponent(name)}`);
  });

  test.each([
    [{ name: 'pumpkin', ingredient: 'apple' }, 'name', '“pumpkin” is already pumpkin.'],
    [{ name: 'Codlin', ingredient: 'zorp' }, 'ingredient', 'Name an ingredient from the list.'],
    [{ name: 'green beans', ingredient: 'apple' }, 'name', 'the name of something else'],
    [{ name: 7, ingredient: 'apple' }, 'name', 'Give a name'],
  ])('%j is refused, and nothing is kept', async (name, field, message) => {
    const problem = expectProblem(await api().post('/api/kitchen/names').send(name), 400);
    expect(problem.faults).toHaveLength(1);
    expect(problem.faults).toMatchObject([
      { field, message: expect.stringContaining(message) as string },
    ]);
    expect(await namesNow()).toEqual([]);
  });
});
