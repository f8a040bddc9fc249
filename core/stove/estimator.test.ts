import { inWords, textOf } from '@idle-kettle/words';
import { request } from '../test/planned.ts';
import { asPlanned, type Entry, type EntryKind } from './entry.ts';
import { estimate, type Estimate } from './estimate.ts';
import { stirEvery, stoveCautions } from './cautions.ts';
import type { PotParameters } from './parameters.ts';
import { fitPosterior, type Prior } from './posterior.ts';
import { testConflict } from './testConflict.ts';
import { progressOf } from './progress.ts';
import { binned, median } from './readings.ts';
import { cookPlanOf, type CookPlan } from './cookPlan.ts';
import { withoutDips } from './dips.ts';

const MIN = 60_000;
const AS_PLANNED = asPlanned('sugar');
const entry = (
  minute: number,
  kind: EntryKind,
  value: number | null = null,
  text: string | null = null,
): Entry => ({
  source: kind,
  seq: Math.round(minute * 60) + 1,
  at: minute * MIN,
  kind,
  value,
  text,
});

const cookPlanFor = (lines: readonly string[], change: object = {}): CookPlan => {
  const cookPlan = cookPlanOf(request({ lines, ...change }));
  if (cookPlan === null) throw new Error('There is no plan for these lines');
  return cookPlan;
};
const POT = { diameterCm: 30, heightCm: 19 };
const jam = cookPlanFor(['2 kg crushed strawberries', '1.4 kg sugar'], { pot: POT });
const curd = cookPlanFor(['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'], {
  product: 'curd',
});

function cautionsAt(cookPlan: CookPlan, log: readonly Entry[], minute: number) {
  const now = estimate(cookPlan, log, minute * MIN, { calibrated: true });
  const progress = progressOf(
    cookPlan,
    log.filter(({ kind }) => kind !== 'temperature'),
  );
  return inWords(stoveCautions(cookPlan, progress, now, minute * MIN));
}
const codes = (...of: Parameters<typeof cautionsAt>): string[] =>
  cautionsAt(...of).map(({ code }) => code);

const boiling = [entry(0, 'lit'), entry(0.3, 'added', 1400, AS_PLANNED), entry(4, 'dissolved')];

describe('cautions come at their moment', () => {
  test('none before the flame, and none once it is in the jars', () => {
    expect(codes(jam, [], 0)).toEqual([]);
    expect(codes(jam, [...boiling, entry(45, 'ready')], 50)).toEqual([]);
  });

  test('sugar that is not dissolved, close to the boil', () => {
    const gritty = boiling.slice(0, 2);
    expect(codes(jam, [...gritty, entry(1, 'temperature', 40)], 1.1)).not.toContain('undissolved');
    const hot = entry(3, 'temperature', jam.waterBoilsC - 3);
    expect(codes(jam, [...gritty, hot], 3.1)).toContain('undissolved');
  });

  test('foam, where the pot is more than a third full (common practice)', () => {
    expect(codes(jam, boiling, 24)).not.toContain('boil-over');
    const full = cookPlanFor(['4 kg crushed strawberries', '2.8 kg sugar'], { pot: POT });
    const more = boiling.map((one) => (one.kind === 'added' ? { ...one, value: 2800 } : one));
    expect(full.boilOver?.fullShare).toBeGreaterThan(1 / 3);
    expect(codes(full, more, 40)).toContain('boil-over');
  });

  test('stirring, overdue and not; and staying for the last minutes', () => {
    const late = cautionsAt(jam, boiling, 24).find(({ code }) => code === 'stir');
    expect(late?.text).toMatch(/^Stir now/);
    expect(late?.level).toBe('warn');
    const stirred = cautionsAt(jam, [...boiling, entry(23.8, 'stirred')], 24);
    expect(stirred.find(({ code }) => code === 'stir')?.level).toBe('note');
    const now = estimate(jam, boiling, 24 * MIN, { calibrated: true });
    const end = 24 + (now.minutesLeft?.p50 ?? 0);
    expect(codes(jam, boiling, 24)).not.toContain('stay');
    expect(codes(jam, boiling, end - 3)).toContain('stay');
  });

  test('a curd is never to boil, and curdles above 82 °C (common practice)', () => {
    const lit = entry(0, 'lit');
    expect(codes(curd, [lit, entry(5, 'temperature', 70)], 5.1)).toContain('do-not-boil');
    const curdled = cautionsAt(curd, [lit, entry(8, 'temperature', 83)], 8.1);
    expect(curdled[0]).toMatchObject({ code: 'curdles', level: 'stop' });
  });

  test('a curd’s 82 °C is of the truth, not of a thermometer that shows two degrees more', () => {
    const off = cookPlanOf(
      request({
        product: 'curd',
        lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
      }),
      curd.waterBoilsC + 2,
    );
    if (off === null) throw new Error('There is no plan');
    expect(off.stopC).toBeCloseTo(79, 3);
    const log = [entry(0, 'lit'), entry(8, 'temperature', 83)];
    expect(codes(off, log, 8.1)).not.toContain('curdles');
  });

  test('a slow cooker that stays below 60 °C (common practice)', () => {
    const slow = cookPlanFor(['3 kg apples'], { product: 'butter', heat: 'slow-cooker-low' });
    const log = [entry(0, 'lit'), entry(150, 'temperature', 52)];
    expect(cautionsAt(slow, log, 150.1)[0]).toMatchObject({ code: 'too-cool', level: 'stop' });
    const warm = [entry(0, 'lit'), entry(150, 'temperature', 75)];
    expect(codes(slow, warm, 150.1)).not.toContain('too-cool');
    expect(codes(slow, warm, 150.1)).toContain('hours-above');
  });
});

test('the pot may be left for less and less time as it thickens', () => {
  const at = (minute: number) => {
    const now = estimate(jam, boiling, minute * MIN, { calibrated: true });
    return stirEvery(jam, now, progressOf(jam, boiling));
  };
  expect(at(6)).toBeGreaterThan(at(38));
  expect(at(38)).toBeLessThanOrEqual(1);
});

describe('a test and a thermometer that disagree', () => {
  const known = (toGoK: number) => ({ toGoK }) as Estimate;
  const runs = entry(30, 'plate-test', null, 'runs');
  const wrinkles = entry(30, 'plate-test', null, 'wrinkles');

  test('runs at the stop: acid or pectin is low, or the probe touches the base', () => {
    expect(textOf(testConflict(jam, known(0.1), [runs]) ?? '')).toMatch(
      /acid or pectin is low.*touches the bottom/s,
    );
  });

  test('wrinkles far below it: rich fruit, or a probe that reads low', () => {
    expect(textOf(testConflict(jam, known(2), [wrinkles]) ?? '')).toMatch(
      /rich in pectin.*reads low/s,
    );
  });

  test('agree, and nothing is said; nor is it where temperature tells nothing', () => {
    expect(testConflict(jam, known(2), [runs])).toBeNull();
    expect(testConflict(jam, known(0.1), [wrinkles])).toBeNull();
    expect(testConflict(jam, known(0.1), [])).toBeNull();
    expect(testConflict(curd, known(0.1), [runs])).toBeNull();
  });
});

describe('readings', () => {
  test('in stretches: their middle, which one wild reading does not move', () => {
    const readings = [60, 61, 62, 20, 63].map((value, i) => entry(i / 60, 'temperature', value));
    const [bin] = binned(readings, 0, MIN);
    expect(bin).toMatchObject({ value: 61, count: 5 });
    expect(() => median([])).toThrow(RangeError);
    expect(median([1, 4, 2, 3])).toBe(2.5);
  });
});

describe('the fit', () => {
  // A straight line through points with a known answer: least squares with a prior, in closed form.
  const xs = [1, 2, 3, 4, 5, 6];
  const SD = 0.1;
  const PRIOR: Prior = { mean: [0, 0, 0, 0, 0, -1.2], sd: [0.25, 0.06, 0.15, 0.3, 0.08, 0.2] };

  test('is the closed form of Bayes for a linear model', () => {
    const residuals = ([a]: PotParameters) => xs.map((x) => (a * x - 0.2 * x) / SD);
    const { mean, root } = fitPosterior(residuals, PRIOR);
    const information = xs.reduce((sum, x) => sum + (x / SD) ** 2, 0);
    const posterior = 1 / (information + 1 / 0.25 ** 2);
    expect(mean[0]).toBeCloseTo(0.2 * information * posterior, 4);
    expect(root[0]?.[0]).toBeCloseTo(Math.sqrt(posterior), 4);
    // Nothing was measured of the others: they stay as they were.
    expect(mean[1]).toBeCloseTo(0, 6);
    expect(root[1]?.[1]).toBeCloseTo(0.06, 4);
    expect(mean[5]).toBeCloseTo(-1.2, 6);
  });

  test('is not led astray by one measurement that is far out', () => {
    const residuals = ([a]: PotParameters) =>
      xs.map((x, i) => (a * x - (i === 2 ? 40 : 0.2 * x)) / SD);
    expect(fitPosterior(residuals, PRIOR).mean[0]).toBeCloseTo(0.2, 1);
  });
});

describe('a burner that switches on and off', () => {
  // A pot at 104 °C that climbs slowly, and drops by 2 K for half a minute in every two.
  const bins = Array.from({ length: 60 }, (_, i) => {
    const minute = i / 3;
    return { minute, value: 104 + 0.1 * minute - (i % 6 < 2 ? 2 : 0), count: 20 };
  });

  test('is left out of what says where the pot boils', () => {
    const kept = withoutDips(bins);
    // At the ends there is too little beside a dip to tell it by.
    const middle = kept.filter(({ minute }) => minute > 1.5 && minute < 18.5);
    expect(middle.length).toBeGreaterThan(30);
    for (const { minute, value } of middle) expect(value).toBeCloseTo(104 + 0.1 * minute, 9);
  });

  test('takes nothing from a pot that warms up, or that boils steadily', () => {
    const warming = bins.map(({ minute }) => ({ minute, value: 20 + 6 * minute, count: 20 }));
    expect(withoutDips(warming)).toEqual(warming);
    const steady = bins.map(({ minute }, i) => ({
      minute,
      value: 104 + 0.2 * minute + 0.08 * Math.sin(i),
      count: 20,
    }));
    expect(withoutDips(steady)).toEqual(steady);
  });
});

describe('before everything is in', () => {
  const straw = ['1 kg crushed strawberries', '700 g sugar'];

  test('the solids are of what is in the pot, lit or not, and no reading is missed yet', () => {
    const plan = cookPlanFor(straw);
    const cold = estimate(plan, [], 0, { calibrated: false });
    expect(cold.solublesPct.p90).toBeLessThan(15);
    const lit = estimate(plan, [entry(0, 'lit')], 1000, { calibrated: false });
    expect(lit.solublesPct.p90).toBeLessThan(15);
    expect(lit.unobserved).toBe('no reading yet');
    const later = estimate(plan, [entry(0, 'lit')], 61_000, { calibrated: false });
    expect(later.unobserved).toBe('no probe');
  });

  test('what went into the cold pot counts', () => {
    const log = [entry(0, 'added', 700, AS_PLANNED)];
    const cold = estimate(cookPlanFor(straw), log, 1000, { calibrated: false });
    expect(cold.solublesPct.p10).toBeGreaterThan(35);
  });
});

describe('an addition that is not in the log', () => {
  const damson = cookPlanFor(['2 kg damsons', '300 mL water', '1.4 kg sugar']);
  const waiting = [entry(0, 'lit'), entry(12, 'rolling'), entry(22, 'softened')];
  const at = (second: number, log = waiting) =>
    estimate(damson, log, second * 1000, { calibrated: false });

  test('is never counted, second for second, however long it is waited for', () => {
    for (let second = 22 * 60 + 1; second < 26 * 60; second += 7)
      expect(at(second).solublesPct.p90).toBeLessThan(20);
  });

  test('is counted from the moment that it is', () => {
    const added = [...waiting, entry(26, 'added', 1400, AS_PLANNED)];
    expect(at(26 * 60 - 1, added).solublesPct.p90).toBeLessThan(20);
    expect(at(26 * 60 + 1, added).solublesPct.p10).toBeGreaterThan(40);
  });
});
