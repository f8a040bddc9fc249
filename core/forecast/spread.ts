import type { Spread } from '../quantity/index.ts';

/** p10, p50 and p90 of some draws, by linear interpolation between ranks. Throws RangeError for none. */
export function spreadOf(draws: Float64Array): Spread {
  if (draws.length === 0) throw new RangeError('A spread needs at least one draw');
  const sorted = Float64Array.from(draws).sort();
  const at = (share: number): number => {
    const rank = share * (sorted.length - 1);
    const below = Math.floor(rank);
    const low = sorted[below] as number;
    const high = sorted[Math.min(below + 1, sorted.length - 1)] as number;
    return low + (high - low) * (rank - below);
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
