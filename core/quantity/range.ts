/** A property that varies: the least, the usual and the most that a cook meets. */
export type Range = { readonly low: number; readonly typical: number; readonly high: number };

/** Forecast spread: one in ten below p10, half below p50, one in ten above p90. */
export type Quantiles = { readonly p10: number; readonly p50: number; readonly p90: number };

/**
 * Builds a range. Throws RangeError unless low ≤ typical ≤ high.
 * @param typical likeliest; half of what it stands for lies on each side
 * @throws RangeError unless low ≤ typical ≤ high
 */
export function range(low: number, typical: number, high: number): Range {
  if (!(low <= typical && typical <= high)) {
    throw new RangeError(`A range must rise: got ${low}, ${typical}, ${high}`);
  }
  return { low, typical, high };
}

/** A property that does not vary. */
export const exactly = (value: number): Range => ({ low: value, typical: value, high: value });

/** All three figures so many times over. */
export const timesRange = ({ low, typical, high }: Range, by: number): Range =>
  range(low * by, typical * by, high * by);
