import { contentsOf } from '../formula/index.ts';
import { acidLoadOf, NO_ACID, pHOf, plusLoad } from '../gel/index.ts';
import type { StorageLine } from './storageCase.ts';

/**
 * pH of a batch with everything in it at the end that is against it, or for it: the ends of each
 * row’s pH and acidity, the least of what sours and the most of what does not. Null where nothing
 * is sour, or there is no water.
 */
function pHAtEnd(lines: readonly StorageLine[], end: 'against' | 'for'): number | null {
  const against = end === 'against';
  let load = NO_ACID;
  let water = 0;
  let sour = false;
  for (const { ingredient, massG } of lines) {
    const sours = ingredient.sour !== undefined && ingredient.sour.pH.typical < SOUR_PH;
    const grams = sours === against ? massG.low : massG.high;
    const wet = contentsOf(ingredient, grams).water;
    water += wet;
    if (!ingredient.sour) continue;
    sour = true;
    const { pH, taPct, acids } = ingredient.sour;
    // What is less sour than the limit holds it back with its own acids: the most of them is
    // against it.
    const titrated = sours === against ? taPct.low : taPct.high;
    load = plusLoad(
      load,
      acidLoadOf({ pH: against ? pH.high : pH.low, taPct: titrated, acids }, grams, wet),
    );
  }
  return sour && water > 0 ? pHOf({ ...load, waterKg: water / 1000 }) : null;
}

/** Below it a row sours a batch, above it a row is soured. */
const SOUR_PH = 4.6;

/**
 * The highest that the pH may be by the sums, whatever was drawn: each row at its unfavourable end.
 */
export const worstPH = (lines: readonly StorageLine[]): number | null => pHAtEnd(lines, 'against');

/** The lowest that it may be. */
export const bestPH = (lines: readonly StorageLine[]): number | null => pHAtEnd(lines, 'for');
