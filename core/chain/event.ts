/** What a thermometer and a scale tell. */
export const READING_KINDS = ['temperature', 'weight'] as const;

/**
 * What a cook does and sees at the stove. `lifted` is off the heat for a moment, `off-heat` is the
 * end of an act on it.
 */
export const STOVE_EVENT_KINDS = [
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

/**
 * What is done and seen from the filling of the jars to the shelf. `measured` is what is in the
 * pot; `bubbled` to `tight` close a row of jars; `loaded` to `lifted-out` are of a load in the
 * canner; `was-hot` is said of a pot whose log says otherwise; the rest is of a jar, or of all of
 * them.
 */
export const JAR_EVENT_KINDS = [
  'measured',
  'filled',
  'bubbled',
  'wiped',
  'lidded',
  'tight',
  'loaded',
  'canner-lit',
  'canner-boils',
  'boil-lost',
  'water-in',
  'canner-off',
  'lifted-out',
  'sealed',
  'unsealed',
  'siphoned',
  'floating',
  'cracked',
  'new-lid',
  'to-fridge',
  'to-freezer',
  'labelled',
  'put-away',
  'was-hot',
] as const;

/** Everything that a cook does and sees with a batch. */
export const EVENT_KINDS = [...STOVE_EVENT_KINDS, ...JAR_EVENT_KINDS] as const;

/** A kind of reading. */
export type ReadingKind = (typeof READING_KINDS)[number];
/** A kind of thing that a cook does or sees at the stove. */
export type StoveEventKind = (typeof STOVE_EVENT_KINDS)[number];
/** A kind of thing that a cook does or sees at the jars. */
export type JarEventKind = (typeof JAR_EVENT_KINDS)[number];
/** A kind of thing that a cook does or sees. */
export type EventKind = StoveEventKind | JarEventKind;

const AT_THE_JARS: ReadonlySet<string> = new Set(JAR_EVENT_KINDS);

/** Whether a kind of entry is of the jars. */
export const isOfTheJars = (kind: ReadingKind | EventKind): kind is JarEventKind =>
  AT_THE_JARS.has(kind);

/** What a drop does on a cold plate. */
export const PLATE_OUTCOMES = ['runs', 'slow', 'wrinkles'] as const;
/** One of {@link PLATE_OUTCOMES}. */
export type PlateOutcome = (typeof PLATE_OUTCOMES)[number];
/** What the last drops do at the edge of a spoon. */
export const SHEET_OUTCOMES = ['drops', 'merges'] as const;
/** One of {@link SHEET_OUTCOMES}. */
export type SheetOutcome = (typeof SHEET_OUTCOMES)[number];
/** What a spoonful of a butter does on a tilted plate. */
export const MOUND_OUTCOMES = ['weeps', 'mounds'] as const;
/** One of {@link MOUND_OUTCOMES}. */
export type MoundOutcome = (typeof MOUND_OUTCOMES)[number];
