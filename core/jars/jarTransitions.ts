/**
 * How a jar stands: filled and open · closed, waiting for the canner · in it · out of it before its
 * time was over · cooling untouched · sealed or not, as it was pressed · in the fridge, the
 * freezer, on the shelf · broken.
 */
export const JAR_STATES = [
  'filled',
  'closed',
  'in the canner',
  'cut short',
  'cooling',
  'sealed',
  'unsealed',
  'fridge',
  'freezer',
  'shelf',
  'broken',
] as const;
/** One of {@link JAR_STATES}. */
export type JarState = (typeof JAR_STATES)[number];

/** What happens to one jar. `out` and `out early` follow from its load. */
export const JAR_STEPS = [
  'close',
  'load',
  'out',
  'out early',
  'seal',
  'fail',
  'new lid',
  'chill',
  'freeze',
  'store',
  'break',
] as const;
/** One of {@link JAR_STEPS}. */
export type JarStep = (typeof JAR_STEPS)[number];

/** What of a jar can still be put somewhere cold, or be dropped. */
const ANYWHERE_ELSE = { chill: 'fridge', freeze: 'freezer', break: 'broken' } as const;

/** The table: what a step makes of a jar; a step that is not there changes nothing, and is told. */
export const JAR_TRANSITIONS: {
  readonly [state in JarState]: { readonly [step in JarStep]?: JarState };
} = {
  filled: { ...ANYWHERE_ELSE, close: 'closed' },
  closed: { ...ANYWHERE_ELSE, load: 'in the canner' },
  'in the canner': { out: 'cooling', 'out early': 'cut short', break: 'broken' },
  'cut short': { ...ANYWHERE_ELSE, 'new lid': 'closed' },
  cooling: { ...ANYWHERE_ELSE, seal: 'sealed', fail: 'unsealed' },
  sealed: { ...ANYWHERE_ELSE, fail: 'unsealed', store: 'shelf' },
  // A lid that was found loose is not trusted when it goes down later.
  unsealed: { ...ANYWHERE_ELSE, 'new lid': 'closed' },
  fridge: { freeze: 'freezer', break: 'broken' },
  freezer: { chill: 'fridge', break: 'broken' },
  shelf: { ...ANYWHERE_ELSE, fail: 'unsealed' },
  broken: {},
};

/**
 * How a load stands in its canner: in, not heated yet · coming to the boil · its time running ·
 * boil lost, so no time runs · resting with the heat off · out of it.
 */
export const LOAD_STATES = ['in', 'heating', 'timed', 'boil lost', 'resting', 'out'] as const;
/** One of {@link LOAD_STATES}. */
export type LoadState = (typeof LOAD_STATES)[number];

/** What happens to a load. */
export const LOAD_STEPS = ['light', 'boil', 'lose', 'water', 'off', 'lift'] as const;
/** One of {@link LOAD_STEPS}. */
export type LoadStep = (typeof LOAD_STEPS)[number];

/**
 * The table: what a step makes of a load; a step that is not there changes nothing, and is told.
 */
export const LOAD_TRANSITIONS: {
  readonly [state in LoadState]: { readonly [step in LoadStep]?: LoadState };
} = {
  in: { light: 'heating', boil: 'timed', water: 'in', lift: 'out' },
  heating: { boil: 'timed', water: 'heating', off: 'in', lift: 'out' },
  timed: { lose: 'boil lost', water: 'timed', off: 'resting', lift: 'out' },
  'boil lost': { boil: 'timed', water: 'boil lost', light: 'heating', off: 'resting', lift: 'out' },
  // Off too early: back to the boil, and the whole time again.
  resting: { light: 'heating', boil: 'timed', lift: 'out' },
  out: {},
};
