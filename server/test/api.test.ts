import type { Batch, Recipe } from '@idle-kettle/contract';
import type { Plan } from '@idle-kettle/core';
import { randomUUID } from 'node:crypto';
import { migrate } from '../database/migrate.ts';
import { body, expectProblem, PLUM, servedApi } from './servedApi.ts';

const { api, databaseUrl } = servedApi();

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
    expect(await migrate(databaseUrl())).toEqual([]);
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
