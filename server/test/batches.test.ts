import type { Batch, BatchSummary, Kitchen } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { Client } from 'pg';
import { DEMO_BATCHES } from '../demo/demo.ts';
import { body, expectProblem, PLUM, servedApi } from './servedApi.ts';

const { api, create, planOf, databaseUrl } = servedApi();

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
    const client = new Client({ connectionString: databaseUrl() });
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
    const client = new Client({ connectionString: databaseUrl() });
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

test('every batch of the demo can be saved, and every line of it is understood', async () => {
  for (const dto of DEMO_BATCHES) {
    const plan = await planOf(await create(dto));
    expect(plan.lines.filter((line) => !line.understood)).toEqual([]);
  }
}, 30_000);
