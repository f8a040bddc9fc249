import { textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { simulateCook } from '../boil/index.ts';
import { massOf, startContents } from '../formula/index.ts';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import { range } from '../quantity/index.ts';
import { finishOf } from '../yield/index.ts';
import { forecastBatch } from './batchForecast.ts';
import type { Care } from './care.ts';
import { NOTHING_LEARNED } from './learned.ts';
import { contributorsTo, rankCorrelation } from './contributors.ts';
import { NOT_MEASURED, type Measurements } from './measurements.ts';
import { chanceFrom, drawFrom, quantileOf } from './random.ts';
import { quantilesOf } from './quantiles.ts';

const lines = (...texts: string[]) => texts.map((text) => readLine(text) as UnderstoodLine);
const HALF_PINT_ML = 237;

/** The forecast of a batch cooked at sea level on a burner as strong as the batch is large. */
function forecast(
  of: readonly UnderstoodLine[],
  seed: number,
  draws: number,
  measured: Measurements = NOT_MEASURED,
  care: Partial<Care> = {},
) {
  const all = startContents(of);
  const { contents: aim } = finishOf(all, 65, 0.2);
  const cook = simulateCook(all, {
    pressurePa: 101325,
    netPowerW: massOf(all) / 2,
    panDiameterCm: Math.sqrt(massOf(all) / 4),
    startTempC: 20,
    hydrogenAt: () => 10 ** -3.2,
    stages: [
      { name: 'boil', until: { kind: 'boil' } },
      { name: 'stop', until: { kind: 'solubles', pct: 65 } },
    ],
  });
  return forecastBatch(of, {
    targetPct: 65,
    stopKind: 'temperature',
    care: { thermometerChecked: false, burnerKnown: false, learned: NOTHING_LEARNED, ...care },
    fruitCook: { boiledLong: true, withPeel: false },
    setModel: 'high-methoxyl',
    setTimes: 1,
    gels: true,
    seed,
    draws,
    late: new Set(),
    boiled: all,
    cook,
    clockMin: 0,
    stopMassG: massOf(aim),
    measured,
    amountsAlone: false,
  });
}

describe('draws', () => {
  test('the same seed gives the same numbers, another seed others', () => {
    const first = (seed: number) => Array.from({ length: 5 }, chanceFrom(seed));
    expect(first(7)).toEqual(first(7));
    expect(first(7)).not.toEqual(first(8));
  });

  test('stay within their range, and half of them lie on each side of its typical value', () => {
    const chance = chanceFrom(1);
    const draws = Array.from({ length: 20_000 }, () => drawFrom(range(2, 3, 7), chance));
    expect(Math.min(...draws)).toBeGreaterThanOrEqual(2);
    expect(Math.max(...draws)).toBeLessThanOrEqual(7);
    expect(quantilesOf(Float64Array.from(draws)).p50).toBeCloseTo(3, 1);
    // Either half is a triangle with its top at the typical value: a third of its width from there,
    // on average.
    const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
    expect(mean(draws.filter((x) => x < 3))).toBeCloseTo(3 - 1 / 3, 1);
    expect(mean(draws.filter((x) => x > 3))).toBeCloseTo(3 + 4 / 3, 1);
  });

  test('spreads are ordered, and interpolate between ranks', () => {
    expect(quantilesOf(Float64Array.from({ length: 11 }, (_, i) => i * 10))).toEqual({
      p10: 10,
      p50: 50,
      p90: 90,
    });
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1 }),
        fc.option(fc.constant(1)),
        (xs, weight) => {
          const draws = Float64Array.from(xs);
          const { p10, p50, p90 } = quantilesOf(
            draws,
            weight === null ? null : draws.map(() => weight),
          );
          expect(p10).toBeLessThanOrEqual(p50);
          expect(p50).toBeLessThanOrEqual(p90);
        },
      ),
    );
    expect(() => quantilesOf(new Float64Array())).toThrow(RangeError);
  });
});

describe('yield forecast', () => {
  /**
   * USDA Complete Guide to Home Canning, jams without added pectin, quoted from memory. Printed
   * yields scatter by a quarter around what the sugar allows, because cups are filled and pots
   * stopped differently; so the middle is held to 30 % of the printed middle, and not tuned to it.
   */
  test.each([
    [['4 cups crushed blackberries', '4 cups sugar'], 3.5],
    [['4 1/4 cups crushed apricots', '4 cups sugar', '2 tbsp lemon juice'], 5.5],
    [['5 3/4 cups crushed peaches', '4 1/2 cups sugar', '2 tbsp lemon juice'], 6.5],
  ])('%s gives within 30 %% of the printed %d half-pints', (texts, printed) => {
    const { p50 } = forecast(lines(...texts), 1, 2000).volumeMl;
    expect(Math.abs(p50 / HALF_PINT_ML / printed - 1)).toBeLessThanOrEqual(0.3);
  });

  test('cups are less certain than scales, and the range says so', () => {
    const width = (...texts: string[]) => {
      const { p10, p50, p90 } = forecast(lines(...texts), 1, 4000).volumeMl;
      return (p90 - p10) / p50;
    };
    expect(width('10 cups crushed plums', '7 cups sugar')).toBeGreaterThan(
      width('2.3 kg crushed plums', '1.4 kg sugar'),
    );
  });

  test('twice the batch is twice the jars', () => {
    const once = forecast(lines('1 kg plums', '1 kg sugar'), 3, 500).volumeMl;
    const twice = forecast(lines('2 kg plums', '2 kg sugar'), 3, 500).volumeMl;
    expect(twice.p50 / once.p50).toBeCloseTo(2, 9);
    expect(twice.p90 / once.p90).toBeCloseTo(2, 9);
  });
});

describe('what the spread comes from', () => {
  test('rank correlation is that of Spearman', () => {
    // A textbook case with one pair swapped: 1 − 6 Σd² / n(n² − 1) = 1 − 12/120.
    expect(
      rankCorrelation(Float64Array.of(1, 2, 3, 4, 5), Float64Array.of(10, 30, 20, 40, 50)),
    ).toBeCloseTo(0.9, 12);
    expect(rankCorrelation(Float64Array.of(1, 2, 3), Float64Array.of(9, 4, 1))).toBeCloseTo(-1, 12);
    expect(rankCorrelation(Float64Array.of(1, 1, 1), Float64Array.of(9, 4, 1))).toBe(0);
  });

  test('is named by share, the biggest first, and its shares add up', () => {
    const chance = chanceFrom(4);
    const draws = Array.from({ length: 3 }, () => Float64Array.from({ length: 4000 }, chance));
    const [big, small, none] = draws as [Float64Array, Float64Array, Float64Array];
    const result = big.map((u, i) => 3 * u + (small[i] as number));
    const found = contributorsTo(result, [
      { what: 'none', places: none },
      { what: 'small', places: small },
      { what: 'big', places: big },
    ]);
    expect(found.map(({ what }) => what)).toEqual(['big', 'small']);
    // Variances 9 to 1.
    expect(found[0]?.share).toBeCloseTo(0.9, 1);
  });

  test('a cup of fruit is less certain than a weight of sugar', () => {
    const { minutes } = forecast(
      lines('7 cups crushed damsons', '1.4 kg sugar'),
      1,
      2000,
    ).contributors;
    const share = (of: RegExp) =>
      minutes.reduce((sum, { what, share: part }) => sum + (of.test(textOf(what)) ? part : 0), 0);
    expect(share(/damson|cups/)).toBeGreaterThan(0);
    expect(share(/sugar/)).toBe(0);
  });
});

describe('draws of one fruit', () => {
  test('hang together: the sourer pots hold more pectin', () => {
    const { cloud } = forecast(lines('2 kg crushed plums', '2 kg sugar'), 2, 2000);
    const stiff = cloud.filter(({ set }) => set === 'firm' || set === 'slices');
    const weak = cloud.filter(({ set }) => set !== 'firm' && set !== 'slices');
    const mean = (of: typeof cloud) => of.reduce((sum, { pH }) => sum + pH, 0) / of.length;
    expect(mean(stiff)).toBeLessThan(mean(weak));
  });

  test('places in a range are its quantiles', () => {
    const skewed = range(2, 3, 7);
    expect(quantileOf(skewed, 0)).toBe(2);
    expect(quantileOf(skewed, 1)).toBe(7);
    expect(quantileOf(skewed, 0.5)).toBe(3);
    // A quarter of all lies below where a triangle of width 1 has a quarter of 2 of its area: 2 +
    // √½.
    expect(quantileOf(skewed, 0.25)).toBeCloseTo(2 + Math.SQRT1_2, 12);
  });
});

describe('a measurement', () => {
  const of = lines('2 kg crushed damsons', '1.4 kg sugar');
  const width = ({ p10, p90 }: { p10: number; p90: number }) => p90 - p10;

  test('of the raw pH narrows the pH of the jar, and moves it the same way', () => {
    const blind = forecast(of, 1, 4000);
    const measured = forecast(of, 1, 4000, { ...NOT_MEASURED, startPH: 3.3 });
    expect(width(measured.pH?.finish ?? { p10: 0, p90: 0 })).toBeLessThan(
      0.7 * width(blind.pH?.finish ?? { p10: 0, p90: 0 }),
    );
    expect(measured.pH?.finish.p50).toBeGreaterThan(blind.pH?.finish.p50 ?? NaN);
    expect(measured.measurementsUnlikely).toBe(false);
  });

  test('of the raw °Brix narrows the yield', () => {
    const blind = forecast(of, 1, 4000);
    const measured = forecast(of, 1, 4000, { ...NOT_MEASURED, startBrix: 50.5 });
    expect(width(measured.minutes)).toBeLessThan(width(blind.minutes));
  });

  test('that nothing agrees with is set aside, and said', () => {
    const blind = forecast(of, 1, 1000);
    const odd = forecast(of, 1, 1000, { ...NOT_MEASURED, startBrix: 20 });
    expect(odd.measurementsUnlikely).toBe(true);
    expect(odd.volumeMl).toEqual(blind.volumeMl);
  });
});
