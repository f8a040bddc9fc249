import type { Formula } from '@idle-kettle/core';

/** Every line of a formula: what is done first, and what goes in the pot. */
export const linesOf = ({ lines, settings }: Formula): readonly string[] => [
  ...(settings.before?.lines ?? []),
  ...lines,
];
