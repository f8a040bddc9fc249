import fc from 'fast-check';
import { LARDER } from '../larder/index.ts';
import { planBatch } from './planBatch.ts';
import type { Plan } from './plan.ts';
import { USUAL_JARS, type PlanRequest } from './request.ts';

const usual: PlanRequest = {
  product: 'jam',
  method: null,
  lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  altitudeM: 0,
  waterBoilsC: null,
  pot: null,
  netPowerKw: 1.1,
  targetSolublesPct: 65,
  jars: USUAL_JARS,
  school: 'sterilised',
  canner: 'boiling-water',
  seed: 1,
  draws: 2000,
};

function plan(change: Partial<PlanRequest> = {}): Plan {
  const outcome = planBatch({ ...usual, ...change });
  if (!outcome.ok) throw new Error(outcome.faults.map(({ message }) => message).join(' '));
  return outcome.plan;
}

const codes = (of: Plan) => of.cautions.map(({ code }) => code);

describe('2 kg crushed blackberries and 1.4 kg sugar', () => {
  test.each([
    [0, 219.5, 220.5, 5],
    [1524, 210, 211.5, 10],
  ])('at %d m', (altitudeM, low, high, minutes) => {
    const { stop, yield: jars, process, shelf } = plan({ altitudeM });
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
    const { minutes, start, finish, set } = plan();
    // Common practice: a batch of this size takes half to three quarters of an hour on a kitchen burner.
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
    const { start, finish } = plan();
    const stays = Object.values(finish?.layers ?? {}).reduce((sum, massG) => sum + massG, 0);
    expect(stays + (finish?.steamG ?? NaN)).toBeCloseTo(start?.massG ?? NaN, 0);
    expect(start?.massG).toBe(3400);
  });

  test('every figure says where it comes from', () => {
    const { why } = plan();
    expect(why.stop).toContain('IAPWS');
    expect(why.yield).toContain('2.47 kg');
    expect(why.process).toContain('USDA');
    expect(why.label).toContain('2.47 kg');
  });
});

describe('verdicts', () => {
  test('melon with a little lemon juice is not for the pantry, and why', () => {
    const { shelf, process } = plan({
      lines: ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice'],
    });
    expect(shelf.verdict).toBe('fridge');
    expect(shelf.reasons.join(' ')).toContain('Melon is a low-acid food');
    expect(process).toMatchObject({ method: 'none', minutes: 0 });
  });

  test('a line that is not understood stays, warns, and closes the pantry', () => {
    const found = plan({ lines: [...usual.lines, '3 blobs of zorp'] });
    expect(found.lines[2]).toMatchObject({ text: '3 blobs of zorp', understood: false });
    expect(found.cautions[0]).toMatchObject({ code: 'line-not-understood', level: 'warn' });
    expect(found.shelf.verdict).toBe('fridge');
    expect(found.finish?.massG).toEqual(plan().finish?.massG);
  });

  test('above 10,000 ft there is no time, so no pantry', () => {
    const found = plan({ altitudeM: 3200 });
    expect(found.shelf.verdict).toBe('fridge');
    expect(codes(found)).toContain('above-tables');
  });

  test('quart jars have no tested time for jam', () => {
    expect(plan({ jars: [{ name: 'quart', volumeMl: 946, count: null }] }).shelf.verdict).toBe(
      'fridge',
    );
    expect(plan({ jars: [{ name: 'pint', volumeMl: 473, count: null }] }).shelf.verdict).toBe(
      'pantry',
    );
  });
});

describe('cautions', () => {
  test.each<[string, Partial<PlanRequest>]>([
    ['altitude-assumed', { altitudeM: null }],
    ['no-fruit', { lines: ['1 kg sugar', '1 kg water'] }],
    ['no-sugar', { lines: ['1 kg plums'] }],
    ['little-sugar', { lines: ['2 kg plums', '200 g sugar'] }],
    ['already-past-target', { lines: ['1 kg plums', '2.2 kg sugar'] }],
    ['target-unreachable', { lines: ['2 kg raspberries', '1 g sugar'] }],
    ['too-little-water', { lines: ['100 g plums', '2 kg sugar'] }],
    ['boil-over', { pot: { diameterCm: 20, heightCm: 12 } }],
    ['seal-is-not-proof', {}],
    ['burns', {}],
    ['local-guidance', {}],
  ])('%s', (code, change) => {
    expect(codes(plan(change))).toContain(code);
  });

  test('none of the warnings stands against a sound batch', () => {
    expect(plan().cautions.filter(({ level }) => level !== 'note')).toEqual([]);
  });

  test('a pot half full or more is told to stop, one over a third is warned', () => {
    const level = (heightCm: number) =>
      plan({ pot: { diameterCm: 28, heightCm } }).cautions.find(({ code }) => code === 'boil-over')
        ?.level;
    expect([level(8), level(10), level(20)]).toEqual(['stop', 'warn', undefined]);
  });
});

/**
 * How known jams set (common practice): what the pectin model is calibrated on. Fruit of the gooseberry
 * kind holds 1 % pectin; ripe strawberries are short of both pectin and acid.
 */
describe('sets that every preserver knows', () => {
  test('gooseberries and sugar, weight for weight, set firm', () => {
    const { set } = plan({ lines: ['1 kg gooseberries', '1 kg sugar', '150 g water'] });
    expect(set?.forecast).toBe('firm');
    expect(set?.short).toBe('none');
  });

  test('strawberries and sugar, weight for weight, pour or hang loose', () => {
    const { set } = plan({ lines: ['1 kg strawberries', '1 kg sugar'] });
    expect(['pours', 'loose']).toContain(set?.forecast);
    expect(['pectin', 'acid']).toContain(set?.short);
  });

  test('pears, which lack acid, are told so, and lemon juice helps', () => {
    const pears = plan({ lines: ['1 kg chopped pears', '800 g sugar'] }).set;
    const sharpened = plan({
      lines: ['1 kg chopped pears', '800 g sugar', '80 mL lemon juice'],
    }).set;
    expect(pears?.short).toBe('acid');
    const settles = (of: typeof pears) =>
      (of?.share.soft ?? 0) + (of?.share.firm ?? 0) + (of?.share.slices ?? 0);
    expect(settles(sharpened)).toBeGreaterThan(settles(pears) + 0.1);
  });

  test.each<[string, string[]]>([
    ['acid', ['1 kg chopped pears', '800 g sugar']],
    ['pectin', ['1 kg rhubarb', '1 kg sugar']],
    ['acid', ['2 kg crushed blackberries', '1.4 kg sugar']],
  ])('a batch short of %s is offered what mends it, and it does', (short, lines) => {
    const { set } = plan({ lines });
    expect(set?.short).toBe(short);
    expect(set?.remedies.length).toBeGreaterThan(0);
    for (const { change, forecast } of set?.remedies ?? []) {
      const mended = plan({ lines: [...lines, change.addLine] }).set;
      expect(['soft', 'firm']).toContain(mended?.forecast);
      expect(forecast).toBe(mended?.forecast);
      expect(mended?.short).toBe('none');
    }
  });

  test('a remedy is the least that does: four fifths of it is not enough to be offered', () => {
    const lines = ['2 kg crushed blackberries', '1.4 kg sugar'];
    const [lemon] = plan({ lines }).set?.remedies ?? [];
    const amount = Number.parseInt(lemon?.change.addLine ?? '', 10);
    const less = plan({ lines: [...lines, `${Math.round(amount * 0.8)} mL bottled lemon juice`] });
    const enough = plan({ lines: [...lines, lemon?.change.addLine ?? ''] });
    const settles = (of: Plan) => 1 - (of.set?.share.pours ?? 0) - (of.set?.share.loose ?? 0);
    expect(settles(less)).toBeLessThan(settles(enough));
  });

  test('a batch that sets needs no remedy', () => {
    expect(plan({ lines: ['1 kg gooseberries', '1 kg sugar'] }).set?.remedies).toEqual([]);
  });

  test('four times the batch in one pot takes longer, wears the pectin and sets worse, and says so', () => {
    const lines = (times: number) => [`${1.5 * times} kg plums`, `${1.2 * times} kg sugar`];
    const pot = { diameterCm: 28, heightCm: 16 };
    const [one, four] = [plan({ lines: lines(1), pot }), plan({ lines: lines(4), pot })];
    expect(four.minutes?.p50).toBeGreaterThan(3 * (one.minutes?.p50 ?? NaN));
    expect(four.finish?.pectinPct).toBeLessThan(0.9 * (one.finish?.pectinPct ?? NaN));
    expect(four.set?.share.firm ?? 0).toBeLessThanOrEqual(one.set?.share.firm ?? 0);
    expect(codes(four)).toEqual(expect.arrayContaining(['boil-over', 'long-boil-wears-pectin']));
    expect(codes(one)).not.toContain('long-boil-wears-pectin');
  });

  test('a burner that cannot do it is told, and no minutes are made up', () => {
    const found = plan({ lines: ['60 kg plums', '45 kg sugar'], netPowerKw: 0.6 });
    expect(codes(found)).toContain('burner-too-small');
    expect(found.minutes).toBeUndefined();
    expect(found.set).toBeUndefined();
    expect(found.yield?.volumeMl.p50).toBeGreaterThan(50_000);
  });
});

describe('refusals', () => {
  test('name each line at fault', () => {
    const outcome = planBatch({
      ...usual,
      lines: ['-1 kg sugar', '2 kg plums', { ingredient: 'sugar', massG: NaN }],
    });
    expect(outcome).toEqual({
      ok: false,
      faults: [
        { field: 'lines[0]', message: 'The amount must be more than zero.' },
        { field: 'lines[2]', message: 'The amount must be a number.' },
      ],
    });
  });

  test('too many lines', () => {
    const outcome = planBatch({ ...usual, lines: Array<string>(10_000).fill('1 g sugar') });
    expect(outcome).toMatchObject({ ok: false, faults: [{ field: 'lines' }] });
  });
});

/** Every number anywhere in a value. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(numbersIn) : [];
}

describe('any formula at all', () => {
  const weighed = fc.record({
    ingredient: fc.constantFrom(...LARDER.map(({ id }) => id)),
    massG: fc.double({ min: 0.1, max: 20_000, noNaN: true }),
  });
  const requests = fc.record({
    lines: fc.array(weighed, { maxLength: 6 }),
    altitudeM: fc.option(fc.double({ min: -400, max: 5000, noNaN: true })),
    targetSolublesPct: fc.double({ min: 50, max: 75, noNaN: true }),
  });

  test('gives a plan without NaN, its ranges in order, and the same one again', () => {
    fc.assert(
      fc.property(requests, (change) => {
        const found = plan({ ...change, draws: 100 });
        expect(numbersIn(found).filter((x) => !Number.isFinite(x))).toEqual([]);
        for (const spread of [found.finish?.massG, found.yield?.volumeMl, found.yield?.fullJars]) {
          if (!spread) continue;
          expect(spread.p10).toBeLessThanOrEqual(spread.p50);
          expect(spread.p50).toBeLessThanOrEqual(spread.p90);
        }
        expect(plan({ ...change, draws: 100 })).toEqual(found);
      }),
      { numRuns: 200 },
    );
  });

  test('scaled up scales the jars and leaves the stop and the shares alone', () => {
    fc.assert(
      fc.property(requests, fc.integer({ min: 2, max: 5 }), ({ lines, altitudeM }, times) => {
        const once = plan({ lines, altitudeM, pot: { diameterCm: 28, heightCm: 100 }, draws: 100 });
        const more = plan({
          lines: lines.map((line) => ({ ...line, massG: line.massG * times })),
          altitudeM,
          // A burner and a pan as much larger as the batch, so that it cooks in the same time.
          netPowerKw: usual.netPowerKw * times,
          pot: { diameterCm: 28 * Math.sqrt(times), heightCm: 100 },
          draws: 100,
        });
        expect(more.stop.tempC ?? 0).toBeCloseTo(once.stop.tempC ?? 0, 1);
        expect(more.finish?.pH?.p50 ?? 0).toBeCloseTo(once.finish?.pH?.p50 ?? 0, 1);
        expect(
          Math.abs((more.finish?.fruitPer100g ?? 0) - (once.finish?.fruitPer100g ?? 0)),
        ).toBeLessThanOrEqual(0.2);
        expect(more.yield?.volumeMl.p50 ?? 0).toBeCloseTo(
          (once.yield?.volumeMl.p50 ?? 0) * times,
          -1,
        );
      }),
      { numRuns: 100 },
    );
  });
});
