import { chanceFrom } from '../forecast/index.ts';
import { HALF_PINT_ML, lastsUntil, MONTH_MS, useRateOf, type UsedJar } from './index.ts';

const NOW = Date.UTC(2026, 11, 1);
const DAY_MS = 86_400_000;

/** A household that eats so many half-pints a month, each quarter so many times as many. */
type Household = {
  readonly perMonth: number;
  readonly season: readonly number[];
  readonly months: number;
};

/**
 * What such a household’s shelf was, and what becomes of it: it makes more whenever little is left,
 * gives some away in December, and from now on makes nothing.
 * @returns its jars, and when the last of them is gone
 */
function lived({ perMonth, season, months }: Household, chance: () => number) {
  const jars: { sinceMs: number; leftAtMs: number | null; left: UsedJar['left'] }[] = [];
  const whole = () => jars.filter(({ leftAtMs }) => leftAtMs === null);
  let emptyMs: number | null = null;
  for (
    let at = NOW - months * MONTH_MS;
    emptyMs === null && at < NOW + 400 * MONTH_MS;
    at += DAY_MS
  ) {
    const isPast = at < NOW;
    if (isPast && whole().length < 2)
      for (let i = 0; i < 6; i += 1) jars.push({ sinceMs: at, leftAtMs: null, left: null });
    const quarter = Math.floor(new Date(at).getUTCMonth() / 3);
    const chances = ((perMonth * DAY_MS) / MONTH_MS) * (season[quarter] ?? 1);
    if (chance() < chances) {
      const [jar] = whole();
      if (jar !== undefined) Object.assign(jar, { leftAtMs: at, left: 'eaten' });
    }
    if (isPast && new Date(at).getUTCMonth() === 11 && chance() < 0.02) {
      const jar = whole()[1];
      if (jar !== undefined) Object.assign(jar, { leftAtMs: at, left: 'given' });
    }
    if (!isPast && whole().length === 0) emptyMs = at;
  }
  const known = jars.map((jar) =>
    jar.leftAtMs !== null && jar.leftAtMs > NOW ? { ...jar, leftAtMs: null, left: null } : jar,
  );
  return { jars: known.map((jar) => ({ ...jar, holdsMl: HALF_PINT_ML })), emptyMs };
}

describe('how fast a household eats', () => {
  test('of households whose rate is known, the date lies within what is told in about 80 of 100', () => {
    const chance = chanceFrom(11);
    let [within, all] = [0, 0];
    for (let run = 0; run < 240; run += 1) {
      const tilt = 0.4 * (2 * chance() - 1);
      const { jars, emptyMs } = lived(
        {
          perMonth: 0.4 * 10 ** chance(),
          season: [1 + tilt, 1, 1 - tilt, 1],
          months: 4 + Math.floor(24 * chance()),
        },
        chance,
      );
      const left = jars.filter(({ leftAtMs }) => leftAtMs === null).length;
      if (left === 0 || emptyMs === null) continue;
      const { p10, p90 } = lastsUntil(useRateOf(jars, NOW), left * HALF_PINT_ML, NOW);
      all += 1;
      if (emptyMs >= (p10 ?? Infinity) && emptyMs <= (p90 ?? Infinity)) within += 1;
    }
    expect(all).toBeGreaterThan(200);
    expect(within / all).toBeGreaterThan(0.74);
    expect(within / all).toBeLessThan(0.9);
  });

  test('a jar a month for two years is about a jar a month, more surely than for two months', () => {
    const monthly = (months: number): UsedJar[] =>
      Array.from({ length: months }, (_, i) => ({
        holdsMl: HALF_PINT_ML,
        sinceMs: NOW - (months - i) * MONTH_MS,
        leftAtMs: NOW - (months - i - 1) * MONTH_MS - 1,
        left: 'eaten' as const,
      }));
    const [short, long] = [useRateOf(monthly(2), NOW), useRateOf(monthly(24), NOW)];
    expect(long.perMonth.p50).toBeGreaterThan(0.8);
    expect(long.perMonth.p50).toBeLessThan(1.2);
    const wide = ({ p10, p90 }: typeof long.perMonth) => p90 / p10;
    expect(wide(short.perMonth)).toBeGreaterThan(1.5 * wide(long.perMonth));
  });

  test('a pint is two half-pints', () => {
    const jar = {
      holdsMl: 2 * HALF_PINT_ML,
      sinceMs: NOW - 3 * MONTH_MS,
      leftAtMs: NOW - 1,
      left: 'eaten',
    } as const;
    expect(useRateOf([jar], NOW).uses).toBeCloseTo(2, 6);
  });

  test('what is given away, lost or thrown out is not eaten; gifts are told apart', () => {
    const jar = (left: UsedJar['left'], at: number): UsedJar => ({
      holdsMl: HALF_PINT_ML,
      sinceMs: NOW - 10 * MONTH_MS,
      leftAtMs: NOW - at * MONTH_MS,
      left,
    });
    const rate = useRateOf([jar('given', 2), jar('given', 3), jar('gone', 4)], NOW);
    expect(rate.uses).toBe(0);
    expect(rate.givenAYear).toBeCloseTo(2, 6);
    expect(rate.perMonth.p50).toBeLessThan(0.4);
  });

  test('months without a jar of it tell nothing: nobody eats what is not there', () => {
    const early = {
      holdsMl: HALF_PINT_ML,
      sinceMs: NOW - 20 * MONTH_MS,
      leftAtMs: NOW - 19 * MONTH_MS,
      left: 'eaten',
    } as const;
    const now = {
      holdsMl: HALF_PINT_ML,
      sinceMs: NOW - MONTH_MS,
      leftAtMs: null,
      left: null,
    } as const;
    expect(useRateOf([early, now], NOW).months).toBeCloseTo(2, 1);
  });

  test('season is told by a whole year alone, and adds up to none', () => {
    const winter = Array.from({ length: 24 }, (_, i) => ({
      holdsMl: HALF_PINT_ML,
      sinceMs: Date.UTC(2024, 8, 1),
      leftAtMs: Date.UTC(2025, 0, 5 + (i % 12) * 7),
      left: 'eaten' as const,
    }));
    const stock = {
      holdsMl: HALF_PINT_ML,
      sinceMs: Date.UTC(2024, 8, 1),
      leftAtMs: null,
      left: null,
    } as const;
    const { season } = useRateOf([...winter, stock], NOW);
    expect(season[0]).toBeGreaterThan(1.4);
    expect(season[2]).toBeLessThan(0.9);
    expect(season.reduce((sum, times) => sum + times, 0)).toBeCloseTo(4, 6);
    const young = winter.map((jar) => ({
      ...jar,
      sinceMs: NOW - 3 * MONTH_MS,
      leftAtMs: NOW - MONTH_MS,
    }));
    expect(useRateOf(young, NOW).season).toEqual([1, 1, 1, 1]);
  });

  test('nothing left lasts until now; a hoard that nobody eats, for more than five years', () => {
    const rate = useRateOf([], NOW);
    expect(lastsUntil(rate, 0, NOW)).toEqual({ p10: NOW, p50: NOW, p90: NOW });
    const hoard = useRateOf(
      [{ holdsMl: HALF_PINT_ML, sinceMs: NOW - 40 * MONTH_MS, leftAtMs: null, left: null }],
      NOW,
    );
    expect(lastsUntil(hoard, 100 * HALF_PINT_ML, NOW).p50).toBeNull();
  });
});
