import { exactly } from '../quantity/index.ts';
import type { StorageLine } from './storageCase.ts';

/**
 * A range that a cook gives is wider than the scatter of measuring: its low end lies below this
 * share of its middle; judgement.
 */
const GIVEN_RANGE = 0.8;

/**
 * Acids that are measured; how much juice a lemon gives is scatter, and no range that a cook gives.
 */
const OF_KNOWN_STRENGTH: ReadonlySet<string> = new Set([
  'lemon-juice-bottled',
  'lime-juice-bottled',
  'vinegar',
]);

/**
 * Acid counts as its least: what need not go in as nothing, a range that is given as its low end.
 * All else stays as it is.
 */
export const withLeastAcid = (lines: readonly StorageLine[]): readonly StorageLine[] =>
  lines.flatMap((line) => {
    const { ingredient, massG, optional } = line;
    if (ingredient.kind !== 'acid') return [line];
    if (optional === true) return [];
    const isRange = OF_KNOWN_STRENGTH.has(ingredient.id) && massG.low < GIVEN_RANGE * massG.typical;
    return [isRange ? { ...line, massG: exactly(massG.low) } : line];
  });
