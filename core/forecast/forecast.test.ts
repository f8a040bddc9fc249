import fc from 'fast-check';
import { readLine, type UnderstoodLine } from '../formula/index.ts';
import { range } from '../quantity/index.ts';
import { chanceFrom, drawFrom } from './random.ts';
import { spreadOf } from './spread.ts';
import { simulateCook } from '../boil/index.ts';
import { finishOf } from '../yield/index.ts';
import { massOf, startContents } from '../formula/index.ts';
import { forecastBatch } from './batchForecast.ts';

const lines = (...texts: string[]) => texts.map((text) => readLine(text) as UnderstoodLine);
const HALF_PINT_ML = 237;

/** The forecast of a batch cooked at sea level on a burner as strong as the batch is large. */
function forecast(of: readonly UnderstoodLine[], seed: number, draws: number) {
  const start = startContents(of);
  const { contents: aim } = finishOf(start, 65, 0.2);
  const cook = simulateCook(start, {
    pressurePa: 101325,
    netPowerW: massOf(start) / 2,
    panDiameterCm: Math.sqrt(massOf(start) / 4),
    startTempC: 20,
    targetSolublesPct: 65,
    hydrogenAt: () => 10 ** -3.2,
  });
  return forecastBatch(of, { targetPct: 65, seed, draws, start, cook, finishMassG: massOf(aim) });
}

describe('draws', () => {
  test('the same seed gives the same numbers, another seed others', () => {
    const first = (seed: number) => Array.from({ length: 5 }, chanceFrom(seed));
    expect(first(7)).toEqual(first(7));
    expect(first(7)).not.toEqual(first(8));
  });

  test('stay within their range and average as a triangular distribution does', () => {
    const chance = chanceFrom(1);
    const draws = Array.from({ length: 20_000 }, () => drawFrom(range(2, 3, 7), chance));
    expect(Math.min(...draws)).toBeGreaterThanOrEqual(2);
    expect(Math.max(...draws)).toBeLessThanOrEqual(7);
    // Mean of a triangular distribution: (low + mode + high) / 3.
    expect(draws.reduce((sum, x) => sum + x, 0) / draws.length).toBeCloseTo(4, 1);
  });

  test('spreads are ordered, and interpolate between ranks', () => {
    expect(spreadOf(Float64Array.from({ length: 11 }, (_, i) => i * 10))).toEqual({
      p10: 10,
      p50: 50,
      p90: 90,
    });
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1 }),
        (xs) => {
          const { p10, p50, p90 } = spreadOf(Float64Array.from(xs));
          expect(p10).toBeLessThanOrEqual(p50);
          expect(p50).toBeLessThanOrEqual(p90);
        },
      ),
    );
    expect(() => spreadOf(new Float64Array())).toThrow(RangeError);
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
