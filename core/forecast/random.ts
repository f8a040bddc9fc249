import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Range } from '../quantity/index.ts';

/** A source of numbers in [0, 1), the same for the same seed. */
export type Chance = () => number;

/**
 * A generator of numbers from 0 to below 1, the same for the same seed (xoroshiro128+).
 * @param seed any whole number
 * @returns a function that gives the next number, 0 to below 1
 */
export function chanceFrom(seed: number): Chance {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}

/** A draw from the normal distribution with mean 0 and standard deviation 1, by Box and Muller. */
export const normalFrom = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());

/**
 * The value below which a share `u` of what a range stands for lies. Half lies on each side of its
 * typical value, so that the middle of many draws is the typical one; on either side it thins out
 * to nothing at the end, in a straight line.
 */
export function quantileOf({ low, typical, high }: Range, u: number): number {
  return u < 0.5
    ? low + (typical - low) * Math.sqrt(2 * u)
    : high - (high - typical) * Math.sqrt(2 * (1 - u));
}

/** A draw from a range; see {@link quantileOf}. */
export const drawFrom = (from: Range, chance: Chance): number =>
  from.high === from.low ? from.typical : quantileOf(from, chance());
