import type { Form, FruitState } from '../larder/index.ts';

/** Words of a recipe line, and what each says about the ingredient. All lower case. */

export const FORM_WORDS: ReadonlyMap<string, Form> = new Map(
  Object.entries({
    whole: 'whole',
    sliced: 'sliced',
    slices: 'sliced',
    shredded: 'sliced',
    halved: 'sliced',
    halves: 'sliced',
    quartered: 'sliced',
    quarters: 'sliced',
    chopped: 'chopped',
    diced: 'chopped',
    cubed: 'chopped',
    cubes: 'chopped',
    chunks: 'chopped',
    minced: 'chopped',
    crushed: 'crushed',
    mashed: 'crushed',
    pulped: 'crushed',
    pureed: 'pureed',
    puréed: 'pureed',
    puree: 'pureed',
    purée: 'pureed',
    pulp: 'pureed',
    sieved: 'pureed',
    packed: 'packed',
  } as const),
);

export const STATE_WORDS: ReadonlyMap<string, FruitState> = new Map(
  Object.entries({
    frozen: 'frozen',
    thawed: 'frozen',
    defrosted: 'frozen',
    dried: 'dried',
    canned: 'canned',
    tinned: 'canned',
    juice: 'juice',
  } as const),
);

/** Ripeness, 0 (green) to 1 (over-ripe). A ripe fruit is the ordinary case. */
export const RIPENESS_WORDS: ReadonlyMap<string, number> = new Map(
  Object.entries({
    'over-ripe': 0.95,
    overripe: 0.95,
    'fully-ripe': 0.75,
    'very-ripe': 0.8,
    'under-ripe': 0.2,
    underripe: 0.2,
    unripe: 0.1,
    'barely-ripe': 0.3,
    'just-ripe': 0.4,
    'slightly-under-ripe': 0.3,
    green: 0.1,
  }),
);

/** Two words that mean one: joined before the words are looked at singly. */
export const joinedWords = (text: string): string =>
  text
    .replace(/\bslightly (under-?ripe)\b/g, 'slightly-under-ripe')
    .replace(/\b(under|over|fully|very|barely|just) ripe\b/g, '$1-ripe');

/** Preparing that throws something away: stones, cores, peel. */
export const PREPARING_WORDS: ReadonlySet<string> = new Set([
  'stoned', 'pitted', 'cored', 'peeled', 'hulled', 'capped', 'trimmed', 'skinned', 'deseeded', 'seeded',
  'stemmed', 'topped', 'tailed', 'shelled', 'destoned', 'podded',
]); // prettier-ignore

/** Words that describe without changing the sums made here. */
export const QUIET_WORDS: ReadonlySet<string> = new Set([
  'a', 'an', 'of', 'and', 'the', 'or', 'with', 'in', 'fresh', 'freshly', 'ripe', 'firm', 'firm-ripe', 'large', 'medium', 'small',
  'finely', 'roughly', 'coarsely', 'lightly', 'well', 'thinly', 'very', 'washed', 'rinsed', 'drained', 'strained',
  'squeezed', 'pressed', 'prepared', 'organic', 'wild', 'local', 'good', 'quality', 'pure', 'white', 'soft', 'plain',
  'unwaxed', 'cooking', 'eating', 'sharp', 'mixed', 'dry', 'cleaned', 'picked', 'over', 'removed', 'stalks', 'stones',
  'skins', 'on', 'off', 'cut', 'into', 'pieces', 'cooked', 'roasted', 'softened', 'melted', 'beaten', 'extra',
  'cold', 'hot', 'warm', 'big', 'sized', 'home-made', 'homemade', 'extracted', 'unsweetened', 'grated', 'ground',
]); // prettier-ignore

export const NUMBER_WORDS: ReadonlyMap<string, string> = new Map(Object.entries({
  a: '1', an: '1', one: '1', two: '2', three: '3', four: '4', five: '5', six: '6', seven: '7', eight: '8',
  nine: '9', ten: '10', twelve: '12', dozen: '12', half: '1/2',
})); // prettier-ignore

/** Spoonfuls that are not level, as multiples of a level one; common practice. */
export const HEAPING: ReadonlyMap<string, number> = new Map(
  Object.entries({
    heaped: 1.5,
    heaping: 1.5,
    rounded: 1.25,
    generous: 1.1,
    scant: 0.93,
    level: 1,
  }),
);
