import { formatGrams, formatMass, type UnitSystem } from '@idle-kettle/core';

/**
 * A mass as a kitchen reads it: `1,400 g, 3 lb 1.4 oz` where it measures in pounds, `1.4 kg`
 * elsewhere.
 */
export const massInWords = (massG: number, units: UnitSystem): string =>
  units === 'us'
    ? `${formatGrams(massG)}, ${formatMass(massG, 'us')}`
    : formatMass(massG, 'metric');

/**
 * A mass with the amount that the cook wrote before it, where there is one:
 * `7 cups (1,400 g, 3 lb 1.4 oz)`.
 */
export const asWritten = (written: string | undefined, mass: string): string =>
  written === undefined ? mass : `${written} (${mass})`;
