/** What a thermometer and a scale tell. */
export const READING_KINDS = ['temperature', 'weight'] as const;

/** What a cook does and sees at the stove. `lifted` is off the heat for a moment, `off-heat` is the end of an act on it. */
export const EVENT_KINDS = [
  'in-water',
  'water-boils',
  'lit',
  'flame',
  'lid-on',
  'lid-off',
  'softened',
  'added',
  'dissolved',
  'rolling',
  'stirred',
  'skimmed',
  'pureed',
  'plate-test',
  'sheet-test',
  'mound-test',
  'off-heat',
  'lifted',
  'on-heat',
  'stood',
  'probe-out',
  'probe-in',
  'ready',
  'undo',
] as const;

/** A kind of reading. */
export type ReadingKind = (typeof READING_KINDS)[number];
/** A kind of thing that a cook does or sees. */
export type EventKind = (typeof EVENT_KINDS)[number];

/** What a drop does on a cold plate. */
export const PLATE_OUTCOMES = ['runs', 'slow', 'wrinkles'] as const;
/** One of {@link PLATE_OUTCOMES}. */
export type PlateOutcome = (typeof PLATE_OUTCOMES)[number];
/** What the last drops do at the edge of a spoon. */
export const SHEET_OUTCOMES = ['drops', 'merges'] as const;
/** What a spoonful of a butter does on a tilted plate. */
export const MOUND_OUTCOMES = ['weeps', 'mounds'] as const;
