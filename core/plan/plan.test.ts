import { inWords } from '@idle-kettle/words';
import { codes, planned, request } from '../test/planned.ts';
import { planBatch } from './planBatch.ts';
import { type PlanRequest, USUAL_REQUEST } from '../evaluate/index.ts';

describe('2 kg crushed blackberries and 1.4 kg sugar', () => {
  test.each([
    [0, 219.5, 220.5, 5],
    [1524, 210, 211.5, 10],
  ])('at %d m', (altitudeM, low, high, minutes) => {
    const { stop, yield: jars, process, shelf } = planned({ altitudeM });
    expect(stop.ruleTempF).toBeGreaterThanOrEqual(low);
    expect(stop.ruleTempF).toBeLessThanOrEqual(high);
    for (const volume of Object.values(jars?.volumeMl ?? { missing: NaN })) {
      expect(volume / 237).toBeGreaterThanOrEqual(7.3);
      expect(volume / 237).toBeLessThanOrEqual(8.9);
    }
    expect(process).toMatchObject({
      method: 'boiling-water',
      minutes,
      presterilise: true,
      headspaceMm: 6.4,
    });
    expect(shelf.verdict).toBe('pantry');
  });

  test('minutes, acid, pectin and set are told as ranges', () => {
    const { minutes, start, finish, set } = planned();
    // Common practice: a batch of this size takes half to three quarters of an hour on a kitchen
    // burner.
    expect(minutes?.p10).toBeGreaterThan(25);
    expect(minutes?.p90).toBeLessThan(60);
    expect(start?.pH?.p50).toBeGreaterThan(3);
    expect(start?.pH?.p50).toBeLessThan(4);
    expect(finish?.pectinPct).toBeGreaterThan(0.2);
    expect(finish?.invertPct).toBeGreaterThan(10);
    expect(Object.values(set?.share ?? {}).reduce((sum, share) => sum + share, 0)).toBeCloseTo(
      1,
      2,
    );
  });

  test('what goes in equals what stays and what leaves', () => {
    const { start, finish } = planned();
    const stays = Object.values(finish?.layers ?? {}).reduce((sum, massG) => sum + massG, 0);
    expect(stays + (finish?.steamG ?? NaN)).toBeCloseTo(start?.massG ?? NaN, 0);
    expect(start?.massG).toBe(3400);
  });

  test('every figure says where it comes from', () => {
    const { why } = planned();
    expect(why.stop).toContain('IAPWS');
    expect(why.yield).toMatch(/2\.4[78] kg/);
    expect(why.process).toContain('USDA');
    expect(why.label).toMatch(/2\.4[78] kg/);
  });
});

describe('verdicts', () => {
  test('melon with a little lemon juice is not for the pantry, and why', () => {
    const { shelf, process } = planned({
      lines: ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice'],
    });
    expect(shelf.verdict).toBe('fridge');
    expect(shelf.reasons.join(' ')).toContain('Melon is a low-acid food');
    expect(process).toMatchObject({ method: 'none', minutes: 0 });
  });

  test('a line that is not understood stays, warns, and closes the pantry', () => {
    const found = planned({
      lines: ['2 kg crushed blackberries', '1.4 kg sugar', '3 blobs of zorp'],
    });
    expect(found.lines[2]).toMatchObject({ text: '3 blobs of zorp', understood: false });
    expect(found.cautions[0]).toMatchObject({ code: 'line-not-understood', level: 'warn' });
    expect(found.shelf.verdict).toBe('fridge');
    expect(found.finish?.massG).toEqual(planned().finish?.massG);
  });

  test('above 10,000 ft there is no time, so no pantry', () => {
    const found = planned({ altitudeM: 3200 });
    expect(found.shelf.verdict).toBe('fridge');
    expect(codes(found)).toContain('above-tables');
  });

  test('quart jars have no tested time for jam', () => {
    expect(planned({ jars: [{ name: 'quart', volumeMl: 946, count: null }] }).shelf.verdict).toBe(
      'fridge',
    );
    expect(planned({ jars: [{ name: 'pint', volumeMl: 473, count: null }] }).shelf.verdict).toBe(
      'pantry',
    );
  });
});

test('jars too large for the tables stay empty where others are on hand, and that is said', () => {
  const found = planned({
    jars: [
      { name: 'quart', volumeMl: 946, count: 4 },
      { name: 'half-pint', volumeMl: 237, count: null },
    ],
  });
  expect(found.shelf.verdict).toBe('pantry');
  expect(found.yield?.jars).toEqual([{ name: 'half-pint', count: 8 }]);
  expect(codes(found)).toContain('jars-left-out');
});

test.each<Partial<PlanRequest>>([
  { lines: ['4 lb apricots', '2 lb 8 oz sugar', '1 cup honey', '¼ cup lemon juice'] },
  {
    product: 'curd',
    lines: ['1 cup bottled lime juice', '4 eggs', '7 egg yolks', '2½ cups sugar', '¾ cup butter'],
  },
])('poor and good outcomes fill some jars less and more than the middling one: %j', (change) => {
  const { yield: jars } = planned({
    ...change,
    jars: [
      { name: 'half-pint', volumeMl: 237, count: 30 },
      { name: 'quarter-pint', volumeMl: 118, count: 12 },
    ],
  });
  if (!jars) throw new Error('no yield');
  const { p10, p50, p90 } = jars.fullJars;
  expect(p90 - p10).toBeLessThanOrEqual(
    Math.ceil((jars.volumeMl.p90 - jars.volumeMl.p10) / 118) + 1,
  );
  expect(p10).toBeLessThanOrEqual(p50);
  expect(p50).toBe(jars.jars.reduce((sum, { count }) => sum + count, 0));
  expect(jars.jarsToHeat).toBe(p90 + 1);
  for (const { name, count } of jars.jars) {
    const size = jars.sizes.find((one) => one.name === name);
    expect(size?.poor).toBeLessThanOrEqual(count);
    expect(size?.good).toBeGreaterThanOrEqual(count);
  }
  expect(jars.sizes.reduce((sum, size) => sum + size.poor, 0)).toBe(p10);
  expect(jars.sizes.reduce((sum, size) => sum + size.good, 0)).toBe(p90);
});

describe('cautions', () => {
  test.each<[string, Partial<PlanRequest>]>([
    ['altitude-assumed', { altitudeM: null }],
    ['no-fruit', { lines: ['1 kg sugar', '1 kg water'] }],
    ['no-sugar', { lines: ['1 kg plums'] }],
    ['little-sugar', { lines: ['2 kg plums', '350 g sugar'] }],
    ['already-past-target', { lines: ['1 kg plums', '2.2 kg sugar'] }],
    ['target-unreachable', { lines: ['2 kg raspberries', '1 g sugar'] }],
    ['too-little-water', { lines: ['100 g plums', '2 kg sugar'] }],
    ['boil-over', { pot: { diameterCm: 20, heightCm: 12 } }],
    ['seal-is-not-proof', {}],
    ['burns', {}],
    ['local-guidance', {}],
  ])('%s', (code, change) => {
    expect(codes(planned(change))).toContain(code);
  });

  test('what holds of several fruits is said once, of all of them', () => {
    const { cautions } = planned({
      lines: ['1 kg plums', '500 g peaches', '300 g sweet cherries', '1.4 kg sugar'],
    });
    const texts = cautions.map(({ text }) => text);
    expect(texts).toContain(
      'Plum, peach and cherry: leave the stones out: their kernels are bitter, and hold cyanide.',
    );
    expect(texts.filter((text) => text.includes('kernels'))).toHaveLength(1);
    expect(texts.filter((text) => text.startsWith('Peach: for yellow-fleshed'))).toHaveLength(1);
  });

  test('none of the warnings stands against a sound batch', () => {
    expect(planned().cautions.filter(({ level }) => level !== 'note')).toEqual([]);
  });

  test('a pot half full or more is told to stop, one over a third is warned', () => {
    const level = (heightCm: number) =>
      planned({ pot: { diameterCm: 28, heightCm } }).cautions.find(
        ({ code }) => code === 'boil-over',
      )?.level;
    expect([level(8), level(10), level(20)]).toEqual(['stop', 'warn', undefined]);
  });
});

describe('refusals', () => {
  test('name each line at fault', () => {
    const outcome = planBatch(
      request({
        lines: ['-1 kg sugar', '2 kg plums', { ingredient: 'sugar', massG: NaN }],
      }),
    );
    expect(inWords(outcome)).toEqual({
      ok: false,
      faults: [
        { field: 'lines[0]', message: 'The amount must be more than zero.' },
        { field: 'lines[2]', message: 'The amount must be a number.' },
      ],
    });
  });

  test('too many lines', () => {
    const outcome = planBatch(request({ lines: Array<string>(10_000).fill('1 g sugar') }));
    expect(outcome).toMatchObject({ ok: false, faults: [{ field: 'lines' }] });
  });

  test('a method that the product is not made by', () => {
    const outcome = planBatch(request({ product: 'curd', method: 'long-boil' }));
    expect(outcome).toMatchObject({ ok: false, faults: [{ field: 'method' }] });
    expect(JSON.stringify(inWords(outcome))).toContain('method must be one of egg');
  });
});

test('a spoonful of syrup on a flame boils dry, and says so', () => {
  for (const heat of ['small-burner', 'outdoor-ring'] as const) {
    const outcome = planBatch({
      ...USUAL_REQUEST,
      product: 'infusion-jelly',
      heat,
      pot: { diameterCm: 28, heightCm: 16 },
      lines: [
        { ingredient: 'agave', massG: 164.4 },
        { ingredient: 'gooseberry', massG: 0.1, state: 'frozen' },
      ],
      draws: 40,
    });
    expect(outcome.ok && outcome.plan.cautions.map(({ level }) => level)).toContain('stop');
  }
});
