import { fruitColour } from '../ui/fruit.ts';

/** The colour of a batch; enamel for one without fruit. */
export const colourOr = (colour: string | null): string => colour ?? fruitColour(null);

/** So much of it on the page’s ground, so that words can be read on it. */
export const mixed = (colour: string | null, share: number): string =>
  `color-mix(in srgb, ${colourOr(colour)} ${share}%, var(--color-base-100))`;

/** A bead is as wide as this at the least: it can be seen. */
export const LEAST_BEAD_PX = 3;
