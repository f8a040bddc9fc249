import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Range } from '../quantity/index.ts';

/** A source of numbers in [0, 1), the same for the same seed. */
export type Chance = () => number;

export function chanceFrom(seed: number): Chance {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}

/** A draw from the normal distribution with mean 0 and standard deviation 1, by Box and Muller. */
export const normalFrom = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());

/** The value of a triangular distribution over a range below which a share `u` of it lies, by its inverse. */
export function quantileOf({ low, typical, high }: Range, u: number): number {
  const width = high - low;
  if (width === 0) return typical;
  const rise = (typical - low) / width;
  return u < rise
    ? low + Math.sqrt(u * width * (typical - low))
    : high - Math.sqrt((1 - u) * width * (high - typical));
}

/** A draw from the triangular distribution over a range. */
export const drawFrom = (from: Range, chance: Chance): number =>
  from.high === from.low ? from.typical : quantileOf(from, chance());
