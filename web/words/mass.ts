import { formatGrams, formatMass, type UnitSystem } from '@idle-kettle/core';

/**
 * A mass as a kitchen reads it: `3 lb 1.4 oz (1,400 g)` where it measures in pounds, `1.4 kg`
 * elsewhere.
 */
export const massInWords = (massG: number, units: UnitSystem): string =>
  units === 'us'
    ? `${formatMass(massG, 'us')} (${formatGrams(massG)})`
    : formatMass(massG, 'metric');

/** A mass after the amount that the cook wrote, where there is one: `7 cups (1,400 g)`. */
export const asWritten = (written: string | undefined, massG: number, units: UnitSystem): string =>
  written === undefined ? massInWords(massG, units) : `${written} (${formatGrams(massG)})`;
