import type { Quantiles } from './range.ts';

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
