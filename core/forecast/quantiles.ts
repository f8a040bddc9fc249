import type { Quantiles } from '../quantity/index.ts';

/**
 * p10, p50 and p90 of some draws, by linear interpolation between ranks. With weights, a draw
 * counts for its weight. Throws RangeError for no draws, or weights that are all zero.
 */
export function quantilesOf(draws: Float64Array, weights: Float64Array | null = null): Quantiles {
  if (draws.length === 0) throw new RangeError('A spread needs at least one draw');
  return weights === null ? evenSpread(draws) : weighedSpread(draws, weights);
}

function evenSpread(draws: Float64Array): Quantiles {
  const sorted = draws.slice().sort();
  const at = (share: number): number => {
    const rank = share * (sorted.length - 1);
    const below = Math.floor(rank);
    const low = sorted[below] as number;
    const high = sorted[Math.min(below + 1, sorted.length - 1)] as number;
    return low + (high - low) * (rank - below);
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

function weighedSpread(draws: Float64Array, weights: Float64Array): Quantiles {
  const order = Uint32Array.from(draws, (_, i) => i).sort(
    (a, b) => (draws[a] as number) - (draws[b] as number),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  if (!(total > 0)) throw new RangeError('Some draw must have weight');
  const at = (share: number): number => {
    let sum = 0;
    for (const i of order) {
      sum += weights[i] as number;
      if (sum >= share * total) return draws[i] as number;
    }
    return draws[order[order.length - 1] as number] as number;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
