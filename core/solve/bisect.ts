const MOST_HALVINGS = 60;

/**
 * Where a rising function reaches `target` between two ends, by halving; the nearer end where it
 * lies beyond. Where it is NaN near the upper end, the search ends below that; elsewhere NaN counts
 * as too little.
 * @param rising rises, or stays level, from `from` to `to`
 * @param tolerance width at which it ends, in units of x
 */
export function bisect(
  rising: (x: number) => number,
  target: number,
  from: number,
  to: number,
  tolerance = 1e-6,
): number {
  if (rising(from) >= target) return from;
  let [low, high] = [from, to];
  while (Number.isNaN(rising(high)) && high - low > tolerance * Math.max(1, high)) {
    high = (low + high) / 2;
  }
  for (let n = 0; n < MOST_HALVINGS && high - low > tolerance * Math.max(1, high); n++) {
    const middle = (low + high) / 2;
    if (rising(middle) >= target) high = middle;
    else low = middle;
  }
  return high;
}
