import { add } from 'date-fns';
import type { Quantiles } from '../quantity/index.ts';
import { planBatch } from '../plan/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { USUAL_REQUEST } from '../evaluate/index.ts';
import { ripeMonths } from './ripeMonths.ts';
import { HALF_PINT_ML, lastsUntil, MONTH_MS, type UseRate } from './useRate.ts';

/** What to make of one fruit when it is ripe next. */
export type ToMake = {
  readonly fruit: string;
  /** When what there is runs out; null for more than five years. */
  readonly until: { readonly [quantile in keyof Quantiles]: number | null };
  /** The first day of the month in which it is ripe next, ms; null where nobody knows. */
  readonly ripeMs: number | null;
  /** Half-pints for a year from then, gifts too. */
  readonly halfPints: Quantiles;
  /** Fruit for that, g; null where no spread of it can be planned. */
  readonly fruitG: Quantiles | null;
};

/** A year’s worth is made at a time. */
const MONTHS = 12;

/**
 * What to make of a fruit for a year from when it is ripe next: what is eaten and given in that,
 * less what is left by then.
 * @param leftMl what stands there, mL
 * @param zone the kitchen’s time zone; null for somewhere north
 */
export function toMake(
  fruit: string,
  rate: UseRate,
  leftMl: number,
  nowMs: number,
  zone: string | null,
): ToMake {
  const ripeMs = nextRipeMs(fruit, nowMs, zone);
  const monthsTo = ripeMs === null ? 0 : Math.max(0, (ripeMs - nowMs) / MONTH_MS);
  const left = leftMl / HALF_PINT_ML;
  const need = (perMonth: number) =>
    Math.max(
      0,
      Math.round(MONTHS * perMonth + rate.givenAYear - Math.max(0, left - monthsTo * perMonth)),
    );
  const halfPints = {
    p10: need(rate.perMonth.p10),
    p50: need(rate.perMonth.p50),
    p90: need(rate.perMonth.p90),
  };
  const perKg = halfPintsPerKg(fruit);
  const grams = (count: number) => Math.round((1000 * count) / (perKg ?? NaN));
  return {
    fruit,
    until: lastsUntil(rate, leftMl, nowMs),
    ripeMs,
    halfPints,
    fruitG:
      perKg === null
        ? null
        : { p10: grams(halfPints.p10), p50: grams(halfPints.p50), p90: grams(halfPints.p90) },
  };
}

/** When a fruit is ripe next: now where it is, else on the first of its month. */
export function nextRipeMs(fruit: string, nowMs: number, zone: string | null): number | null {
  const months = ripeMonths(fruit, zone);
  if (months.length === 0) return null;
  const now = new Date(nowMs);
  if (months.includes(now.getMonth() + 1)) return nowMs;
  for (let ahead = 1; ahead < MONTHS; ahead += 1) {
    const first = add(new Date(now.getFullYear(), now.getMonth(), 1), { months: ahead });
    if (months.includes(first.getMonth() + 1)) return first.getTime();
  }
  return null;
}

const PER_KG = new Map<string, number | null>();

/** Half-pints that a kilogram of a fruit gives as jam with the usual sugar; null for none. */
export function halfPintsPerKg(fruit: string): number | null {
  const known = PER_KG.get(fruit);
  if (known !== undefined) return known;
  const name = findIngredient(fruit)?.name;
  const outcome =
    name === undefined
      ? null
      : planBatch({ ...USUAL_REQUEST, lines: [`1 kg ${name}`, '700 g sugar'], draws: 0 });
  const mL = outcome?.ok === true ? outcome.plan.yield?.volumeMl.p50 : undefined;
  const found = mL === undefined || !(mL > 0) ? null : mL / HALF_PINT_ML;
  PER_KG.set(fruit, found);
  return found;
}
