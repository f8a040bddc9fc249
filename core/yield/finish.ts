import { solublesG, type Contents } from '../formula/index.ts';
import { boiledDownTo, inverted } from '../boil/index.ts';

/**
 * The thickest syrup a pot of jam is ever boiled to, g of solubles per 100 g of syrup; beyond it
 * scorches.
 */
export const THICKEST_SYRUP_BRIX = 78;

/** A batch at its stop, and whether that was its target. */
export type Finish = {
  readonly contents: Contents;
  /** What was reached of the target. */
  readonly outcome: 'reached' | 'already past' | 'pieces too many';
};

/**
 * The batch when it has boiled down to `targetPct` soluble solids of the whole mass. No water is
 * ever added: a batch that starts past the target stays as it is. Where the fruit's own pieces
 * leave no room for the target, it stops at the thickest syrup instead.
 * @param targetPct soluble solids of the whole, g per 100 g
 * @param invertShare of its sucrose, 0 to 1
 */
export function finishOf(start: Contents, targetPct: number, invertShare: number): Finish {
  const ripe = inverted(start, invertShare);
  const boiled = boiledDownTo(ripe, targetPct);
  if (boiled.water >= ripe.water) return { contents: ripe, outcome: 'already past' };
  const solubles = solublesG(ripe);
  const leastWater = (100 * solubles) / THICKEST_SYRUP_BRIX - solubles;
  return boiled.water < leastWater
    ? { contents: { ...ripe, water: Math.min(ripe.water, leastWater) }, outcome: 'pieces too many' }
    : { contents: boiled, outcome: 'reached' };
}

/**
 * The batch after `steamG` of its water has gone and `invertShare` of its sucrose inverted: the end
 * of a timed boil.
 * @param steamG water that boils away, g
 * @param invertShare of its sucrose, 0 to 1
 */
export function boiledFor(start: Contents, steamG: number, invertShare: number): Contents {
  const ripe = inverted(start, invertShare);
  const leastWater = (100 * solublesG(ripe)) / THICKEST_SYRUP_BRIX - solublesG(ripe);
  return { ...ripe, water: Math.max(Math.min(ripe.water, leastWater), ripe.water - steamG) };
}
