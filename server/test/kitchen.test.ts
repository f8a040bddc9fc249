import type { Kitchen } from '@idle-kettle/contract';
import { DEMO_KITCHEN } from '../demo/demo.ts';
import { body, expectProblem, PLUM, servedApi } from './servedApi.ts';

const { api, create, planOf } = servedApi();

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
    const { id, setUp, names, version, knowledge, ...kitchen } = body<Kitchen>(
      await api().get('/api/kitchen'),
    );
    expect(knowledge).toBeNull();
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
