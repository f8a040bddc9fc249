import type { Formula } from '@idle-kettle/core';

/** Every line of a formula: what is in jars that are emptied, what is done first, and the pot’s own. */
export const linesOf = ({ lines, settings }: Formula): readonly string[] => [
  ...(settings.remake?.lines ?? []),
  ...(settings.before?.lines ?? []),
  ...lines,
];
