import { chanceFrom, quantilesOf, type Chance } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';

/** A jar as far as it tells how fast a household eats. */
export type UsedJar = {
  readonly holdsMl: number;
  readonly sinceMs: number;
  /** When it was opened, eaten or given; null while it stands there whole. */
  readonly leftAtMs: number | null;
  /** `gone` for what was lost, thrown out or broken: nobody ate it. */
  readonly left: 'eaten' | 'given' | 'gone' | null;
};

/** How fast a household eats of one fruit. */
export type UseRate = {
  /** Half-pints a month that are eaten at home. */
  readonly perMonth: Quantiles;
  /** Half-pints that were eaten, and months with some in the house: what the rate rests on. */
  readonly uses: number;
  readonly months: number;
  /** The gamma distribution of the rate: its shape, a whole number, and months. */
  readonly gamma: { readonly shape: number; readonly months: number };
  /** Half-pints that were given away in the last twelve months. */
  readonly givenAYear: number;
  /** How much more is eaten in each quarter of the year than on average, January first. */
  readonly season: readonly [number, number, number, number];
};

/** A US half-pint, mL: what is counted. */
export const HALF_PINT_ML = 236.588;
const DAY_MS = 86_400_000;
/** A mean month, ms. */
export const MONTH_MS = (365.2425 / 12) * DAY_MS;
const YEAR_MS = 12 * MONTH_MS;
/** Households eat about a half-pint a month of one fruit, before any told. Judgement. */
const PRIOR_MONTHS = 1;
const PRIOR_USES = 1;
/** What was eaten so long ago counts half: habits change. Judgement. */
const HALF_LIFE_MS = YEAR_MS;
/** Half-pints of a quarter that season is told by as much as by nothing. Judgement. */
const SEASON_PRIOR = 8;
/** Season is told by a whole year, or not at all. */
const SEASON_FROM_MS = YEAR_MS;
const DRAWS = 800;

const quarterOf = (ms: number): 0 | 1 | 2 | 3 =>
  Math.floor(new Date(ms).getUTCMonth() / 3) as 0 | 1 | 2 | 3;

/** The stretches with some in the house: nobody eats what is not there. */
function available(
  jars: readonly UsedJar[],
  nowMs: number,
): readonly (readonly [number, number])[] {
  const steps = jars
    .flatMap(({ sinceMs, leftAtMs }) => [
      [sinceMs, 1] as const,
      ...(leftAtMs === null ? [] : [[Math.max(sinceMs, leftAtMs), -1] as const]),
    ])
    .filter(([at]) => at <= nowMs)
    .sort(([a, up], [b, down]) => a - b || down - up);
  const spans: [number, number][] = [];
  let count = 0;
  let from = nowMs;
  for (const [at, step] of steps) {
    if (count === 0) from = at;
    count += step;
    if (count === 0) spans.push([from, at]);
  }
  if (count > 0) spans.push([from, nowMs]);
  return spans;
}

/** Days of some spans, each with how much it counts. */
function* daysOf(spans: readonly (readonly [number, number])[]) {
  for (const [from, to] of spans)
    for (let at = from; at < to; at += DAY_MS)
      yield { at, months: Math.min(DAY_MS, to - at) / MONTH_MS };
}

const weightAt = (ms: number, nowMs: number): number => 0.5 ** ((nowMs - ms) / HALF_LIFE_MS);

/**
 * How fast a household eats of one fruit, from the jars of it that it had: a Poisson process whose
 * rate has a gamma prior, half as much told by a year ago; gifts and losses are no eating. Season
 * counts once there was a whole year.
 */
export function useRateOf(jars: readonly UsedJar[], nowMs: number): UseRate {
  const known = jars.filter(({ sinceMs }) => sinceMs <= nowMs);
  const eaten = known.filter(
    ({ left, leftAtMs }) => left === 'eaten' && (leftAtMs ?? Infinity) <= nowMs,
  );
  const spans = available(known, nowMs);
  const season = seasonOf(eaten, spans, nowMs);
  let [uses, months, there] = [0, 0, 0];
  for (const { holdsMl, leftAtMs } of eaten)
    uses += (holdsMl / HALF_PINT_ML) * weightAt(leftAtMs ?? nowMs, nowMs);
  for (const day of daysOf(spans)) {
    months += day.months * weightAt(day.at, nowMs) * season[quarterOf(day.at)];
    there += day.months;
  }
  const chance = chanceFrom(1);
  const gamma = { shape: PRIOR_USES + Math.round(uses), months: PRIOR_MONTHS + months };
  const rates = Float64Array.from(
    { length: DRAWS },
    () => waits(gamma.shape, chance) / gamma.months,
  );
  const inYear = (ms: number | null) => ms !== null && ms <= nowMs && ms > nowMs - YEAR_MS;
  return {
    perMonth: quantilesOf(rates),
    uses: eaten.reduce((sum, { holdsMl }) => sum + holdsMl / HALF_PINT_ML, 0),
    months: there,
    gamma,
    givenAYear: known
      .filter(({ left, leftAtMs }) => left === 'given' && inYear(leftAtMs))
      .reduce((sum, { holdsMl }) => sum + holdsMl / HALF_PINT_ML, 0),
    season,
  };
}

/** The sum of so many waits of an unhurried process: a gamma draw of whole shape. */
function waits(count: number, chance: Chance): number {
  let sum = 0;
  for (let i = 0; i < count; i += 1) sum -= Math.log(1 - chance());
  return sum;
}

/** How much more is eaten in each quarter than on average, drawn towards no difference. */
function seasonOf(
  eaten: readonly UsedJar[],
  spans: readonly (readonly [number, number])[],
  nowMs: number,
): UseRate['season'] {
  const exposed = [0, 0, 0, 0];
  for (const { at, months } of daysOf(spans))
    exposed[quarterOf(at)] = (exposed[quarterOf(at)] ?? 0) + months;
  const first = spans[0]?.[0] ?? nowMs;
  const all = exposed.reduce((sum, months) => sum + months, 0);
  if (nowMs - first < SEASON_FROM_MS || all === 0) return [1, 1, 1, 1];
  const found = [0, 0, 0, 0];
  for (const { holdsMl, leftAtMs } of eaten) {
    const quarter = quarterOf(leftAtMs ?? nowMs);
    found[quarter] = (found[quarter] ?? 0) + holdsMl / HALF_PINT_ML;
  }
  const total = found.reduce((sum, count) => sum + count, 0);
  const raw = found.map(
    (count, quarter) =>
      (SEASON_PRIOR + count) / (SEASON_PRIOR + (total * (exposed[quarter] ?? 0)) / all),
  );
  const mean = raw.reduce((sum, times) => sum + times, 0) / 4;
  return raw.map((times) => times / mean) as unknown as UseRate['season'];
}

/** No store is told to last longer than this, years. */
const MOST_YEARS = 5;

/**
 * Until when so much lasts at a rate, by its p10, p50 and p90; null where that is more than five
 * years away.
 * @param leftMl what stands there, mL
 */
export function lastsUntil(
  { gamma, season }: UseRate,
  leftMl: number,
  nowMs: number,
): { readonly [quantile in keyof Quantiles]: number | null } {
  const count = Math.round(leftMl / HALF_PINT_ML);
  if (count <= 0) return { p10: nowMs, p50: nowMs, p90: nowMs };
  const chance = chanceFrom(2);
  const months = Float64Array.from({ length: DRAWS }, () => {
    const perMonth = waits(gamma.shape, chance) / gamma.months;
    return waits(count, chance) / perMonth;
  });
  const { p10, p50, p90 } = quantilesOf(months);
  return {
    p10: monthsOn(p10, season, nowMs),
    p50: monthsOn(p50, season, nowMs),
    p90: monthsOn(p90, season, nowMs),
  };
}

/** So many months of mean eating after a moment, faster and slower by the season. */
function monthsOn(months: number, season: UseRate['season'], fromMs: number): number | null {
  let left = months;
  for (let at = fromMs; at < fromMs + MOST_YEARS * YEAR_MS; at += DAY_MS) {
    const day = (DAY_MS / MONTH_MS) * season[quarterOf(at)];
    if (day >= left) return Math.round(at + DAY_MS * (left / day));
    left -= day;
  }
  return null;
}
