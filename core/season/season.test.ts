import { FRUITS } from '../ingredients/index.ts';
import {
  fruitKeepsDays,
  halfPintsPerKg,
  nextRipeMs,
  ripeIn,
  ripeMonths,
  toMake,
  useRateOf,
  HALF_PINT_ML,
  MONTH_MS,
  type UsedJar,
} from './index.ts';

const NOW = new Date(2026, 6, 10).getTime();

describe('when fruit is ripe', () => {
  test('is told for fruit of the table alone', () => {
    const known = new Set(FRUITS.map(({ id }) => id));
    for (let month = 1; month <= 12; month += 1)
      for (const fruit of ripeIn(month, null))
        expect([fruit, known.has(fruit)]).toEqual([fruit, true]);
  });

  // Common practice in the temperate north.
  test.each([
    ['damson', [9]],
    ['strawberry', [5, 6, 7]],
    ['quince', [10, 11]],
    ['seville-orange', [1, 2]],
  ])('%s in the north', (fruit, months) =>
    expect(ripeMonths(fruit, 'Europe/London')).toEqual(months),
  );

  test('is half a year later in the south', () => {
    expect(ripeMonths('damson', 'Pacific/Auckland')).toEqual([3]);
    expect(ripeMonths('strawberry', 'Australia/Hobart')).toEqual([11, 12, 1]);
    expect(ripeMonths('quince', 'Africa/Johannesburg')).toEqual([4, 5]);
  });

  test('comes next this year or the next', () => {
    expect(nextRipeMs('damson', NOW, null)).toBe(new Date(2026, 8, 1).getTime());
    expect(nextRipeMs('strawberry', NOW, null)).toBe(NOW);
    expect(nextRipeMs('seville-orange', NOW, null)).toBe(new Date(2027, 0, 1).getTime());
    expect(nextRipeMs('banana', NOW, null)).toBeNull();
  });
});

describe('how long fruit keeps', () => {
  test('berries for a day or two, apples for weeks, frozen for months', () => {
    expect(fruitKeepsDays('raspberry', 'fridge', null)).toBeLessThanOrEqual(3);
    expect(fruitKeepsDays('apple', 'fridge', null)).toBeGreaterThanOrEqual(21);
    expect(fruitKeepsDays('raspberry', 'freezer', null)).toBeGreaterThan(200);
  });

  test('the riper, the shorter; colder, longer; never less than a day', () => {
    for (const { id } of FRUITS)
      for (const place of ['counter', 'fridge'] as const) {
        const [green, ripe, over] = [0, 0.5, 1].map((ripeness) =>
          fruitKeepsDays(id, place, ripeness),
        );
        expect([
          id,
          (green ?? 0) >= (ripe ?? 0) && (ripe ?? 0) >= (over ?? 0) && (over ?? 0) >= 1,
        ]).toEqual([id, true]);
        expect(fruitKeepsDays(id, 'fridge', 0.5)).toBeGreaterThanOrEqual(
          fruitKeepsDays(id, 'counter', 0.5),
        );
      }
  });
});

describe('what to make', () => {
  const eaten = (perMonth: number): UsedJar[] =>
    Array.from({ length: 12 * perMonth }, (_, i) => ({
      holdsMl: HALF_PINT_ML,
      sinceMs: NOW - 13 * MONTH_MS,
      leftAtMs: NOW - (i * MONTH_MS) / perMonth - 1,
      left: 'eaten' as const,
    }));

  test('is a year of what is eaten, less what is left by then', () => {
    const rate = useRateOf(eaten(1), NOW);
    const none = toMake('damson', rate, 0, NOW, null);
    expect(none.halfPints.p50).toBeGreaterThanOrEqual(9);
    expect(none.halfPints.p50).toBeLessThanOrEqual(15);
    expect(none.ripeMs).toBe(new Date(2026, 8, 1).getTime());
    const full = toMake('damson', rate, 30 * HALF_PINT_ML, NOW, null);
    expect(full.halfPints.p50).toBe(0);
    expect(full.until.p50).toBeGreaterThan(NOW + 12 * MONTH_MS);
  });

  test('tells the fruit that it takes: 12 half-pints of damson, about 3 kg', () => {
    // Common practice: 4 lb of plums and 3 lb of sugar make about 9 half-pints.
    const perKg = halfPintsPerKg('damson') ?? NaN;
    expect(12 / perKg).toBeGreaterThan(2.2);
    expect(12 / perKg).toBeLessThan(3.6);
    expect(halfPintsPerKg('no-such-fruit')).toBeNull();
  });
});
