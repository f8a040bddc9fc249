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

  test('what goes in equals what stays and what leaves', () => {
    const { start, finish } = plan();
    const stays = Object.values(finish?.layers ?? {}).reduce((sum, massG) => sum + massG, 0);
    expect(stays + (finish?.steamG ?? NaN)).toBeCloseTo(start?.massG ?? NaN, 0);
    expect(start?.massG).toBe(3400);
  });

  test('every figure says where it comes from', () => {
    const { why } = plan();
    expect(why.stop).toContain('IAPWS');
    expect(why.yield).toContain('2.45 kg');
    expect(why.process).toContain('USDA');
    expect(why.label).toContain('2.45 kg');
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
        const once = plan({ lines, altitudeM, draws: 100 });
        const more = plan({
          lines: lines.map((line) => ({ ...line, massG: line.massG * times })),
          altitudeM,
          draws: 100,
        });
        expect(more.stop).toEqual(once.stop);
        expect(more.finish?.fruitPer100g).toBe(once.finish?.fruitPer100g);
        expect(more.yield?.volumeMl.p50 ?? 0).toBeCloseTo(
          (once.yield?.volumeMl.p50 ?? 0) * times,
          -1,
        );
      }),
      { numRuns: 100 },
    );
  });
});
