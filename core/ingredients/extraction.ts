import { commonPractice, range, type Range } from '../quantity/index.ts';
import { calibrated } from './calibrationOffsets.ts';

/**
 * How juice for jelly is got from a fruit: simmered in water until soft, and dripped or pressed
 * through a cloth.
 */
export type Extraction = {
  /** Grams of water that are added to a gram of fruit. */
  readonly waterPerG: number;
  /** Whether it is simmered long, as apples are, or only until its juice runs. */
  readonly hard: boolean;
  /** Minutes of simmering. */
  readonly minutes: number;
  /** Water that steams off meanwhile, as a share of fruit and water. */
  readonly steam: Range;
  /** Share of what is in the pan that runs through the cloth; the pulp holds the rest. */
  readonly drips: Range;
};

export const EXTRACTION_SOURCE = commonPractice(
  '3 lb apples and 3 cups water, 4 lb berries and ½ cup, 3½ lb quinces and 7 cups each give about 4 cups of juice, 3½ lb grapes and a cup about 5, 5 lb redcurrants about 6½, 3 lb sour cherries about 3½',
);

const LIDDED = range(0.03, 0.07, 0.12);
const LONG = range(0.2, 0.33, 0.42);

/** Pulpy fruit holds half of its juice back, soft berries less, and fruit that is all juice least. */
const DRIPS = {
  pulpy: range(0.38, 0.5, 0.6),
  soft: range(0.4, 0.53, 0.65),
  juicy: range(0.5, 0.62, 0.72),
  currants: range(0.56, 0.68, 0.78),
  grapes: range(0.6, 0.73, 0.82),
};

const PLENTY: Extraction = {
  waterPerG: 1,
  hard: true,
  minutes: 45,
  steam: LONG,
  drips: DRIPS.pulpy,
};
const HARD: Extraction = { ...PLENTY, waterPerG: 0.5, minutes: 20, steam: LIDDED };
const FIRM: Extraction = { ...HARD, waterPerG: 0.22, minutes: 15 };
const SOFT: Extraction = {
  waterPerG: 0.1,
  hard: false,
  minutes: 10,
  steam: LIDDED,
  drips: DRIPS.soft,
};
const GRAPES: Extraction = { ...SOFT, waterPerG: 0.15, drips: DRIPS.grapes };

const BY_FRUIT: { readonly [fruit: string]: Extraction } = {
  quince: PLENTY,
  'rose-hip': PLENTY,
  medlar: PLENTY,
  hawthorn: PLENTY,
  apple: HARD,
  'crab-apple': HARD,
  rowan: HARD,
  mayhaw: HARD,
  guava: HARD,
  pear: HARD,
  plum: FIRM,
  damson: FIRM,
  greengage: FIRM,
  sloe: FIRM,
  gooseberry: FIRM,
  blackcurrant: FIRM,
  redcurrant: { ...FIRM, drips: DRIPS.currants },
  'sour-cherry': { ...SOFT, drips: DRIPS.juicy },
  grape: GRAPES,
  'fox-grape': GRAPES,
  muscadine: GRAPES,
  cranberry: HARD,
  lingonberry: FIRM,
};

/**
 * Fruit for jelly is picked with a quarter of it under-ripe, on the scale of `ripened`; common
 * practice.
 */
export const JELLY_RIPENESS = 0.35;

/** How the juice of a fruit is usually got. */
export const extractionOf = (fruit: string): Extraction => BY_FRUIT[fruit] ?? SOFT;

/**
 * Share of the fruit's pectin that goes into the liquid; most of it from hard fruit, less from
 * soft.
 */
export function pectinIntoJuice(hard: boolean): Range {
  const typical = calibrated(
    hard ? 'pectin into the juice of hard fruit' : 'pectin into the juice of soft fruit',
  );
  return hard
    ? range(Math.min(0.6, typical), typical, Math.max(0.9, typical))
    : range(Math.min(0.4, typical), typical, Math.max(0.8, typical));
}

/** Share of what dissolves in the fruit, its acid among it, that goes into the liquid. */
export const SOLUBLES_INTO_JUICE = range(0.88, 0.95, 1);
