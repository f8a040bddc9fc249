import type { Quantiles } from './range.ts';

/**
 * Shares of a whole in whole per cents that add up to a hundred, by largest remainders.
 * @param shares each 0 to 1, together 1
 */
export function wholePercents(shares: readonly number[]): number[] {
  const exact = shares.map((share) => 100 * share);
  const whole = exact.map(Math.floor);
  const rest = 100 - whole.reduce((sum, one) => sum + one, 0);
  const order = exact
    .map((one, index) => ({ index, over: one - Math.floor(one) }))
    .toSorted((a, b) => b.over - a.over);
  for (const { index } of order.slice(0, Math.max(0, Math.round(rest))))
    whole[index] = (whole[index] ?? 0) + 1;
  return whole;
}

/**
 * Rounds to a number of decimals for an answer that people and programs read.
 * @param decimals 0 or more
 */
export function roundTo(value: number, decimals: number): number {
  const factor = 10 ** decimals;
  return Math.round(value * factor) / factor;
}

/**
 * A spread with each of its figures rounded to a number of decimals.
 * @param decimals 0 or more
 */
export const roundQuantiles = ({ p10, p50, p90 }: Quantiles, decimals: number): Quantiles => ({
  p10: roundTo(p10, decimals),
  p50: roundTo(p50, decimals),
  p90: roundTo(p90, decimals),
});
