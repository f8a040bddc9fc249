import { commonPractice, range } from '../quantity/index.ts';

/** How many times its level a full rolling boil of sugar climbs. */
export const FOAM_TIMES = range(3, 3.5, 4);
export const BOIL_OVER_PROVENANCE = commonPractice(
  'a rolling sugar boil climbs 3–4 times its level',
);

/** A pot is full enough at this share; common practice. */
export const FULL_ENOUGH = 1 / 3;
const TOO_FULL = 1 / 2;

/** How full a pot is, how far its foam climbs, and in how many pots it would be safe. */
export type BoilOver = {
  /** How full the pot is before the foam, 1 for the brim. */
  readonly fullShare: number;
  /** How high the foam would climb, 1 for the brim. */
  readonly foamShare: number;
  readonly risk: 'fine' | 'watch' | 'too full';
  /** Pots of the same size that would each stay a third full. */
  readonly pots: number;
};

/**
 * Whether a batch climbs out of its pot; volumes in mL.
 * @param batchMl the batch before it boils, mL
 * @param potMl what the pot holds to its brim, mL
 */
export function boilOverOf(batchMl: number, potMl: number): BoilOver {
  const fullShare = batchMl / potMl;
  return {
    fullShare,
    foamShare: fullShare * FOAM_TIMES.typical,
    risk: fullShare <= FULL_ENOUGH ? 'fine' : fullShare <= TOO_FULL ? 'watch' : 'too full',
    pots: Math.ceil(fullShare / FULL_ENOUGH - 1e-9),
  };
}
