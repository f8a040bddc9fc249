import { commonPractice, fromMemory, type Provenance } from '../quantity/index.ts';

const GUIDE = fromMemory(
  'USDA Complete Guide to Home Canning and the national extension centre’s pages',
);
const CAUTION = commonPractice('judgement, on the careful side of tested formulas');

/** What an ingredient is to the shelf. */
export type Role =
  | 'acid-fruit'
  | 'not-acid'
  | 'pepper'
  | 'allium'
  | 'citrus-juice'
  | 'vinegar'
  | 'other-acid'
  | 'sweetener'
  | 'pectin'
  | 'water'
  | 'fresh-herb'
  | 'dry-spice'
  | 'flavouring'
  | 'candied'
  | 'spirit'
  | 'wine'
  | 'zest'
  | 'butter'
  | 'nut'
  | 'egg'
  | 'salt'
  | 'barred';

/** How much of something may be in a jar for the shelf, as a share of something else in the pot. */
export type Cap = {
  readonly role: Role;
  readonly most: number;
  /** What it is a share of: the acid fruit and its juice, or that and the sugar. */
  readonly of: 'fruit' | 'fruit and sugar';
  readonly name: string;
  readonly source: Provenance;
};

/** What may be in a spread for the pantry besides fruit and sugar, by amount. */
export const CAPS: readonly Cap[] = [
  { role: 'fresh-herb', most: 0.03, of: 'fruit', name: 'fresh herbs and roots', source: CAUTION },
  { role: 'dry-spice', most: 0.01, of: 'fruit', name: 'dry spices', source: CAUTION },
  { role: 'spirit', most: 0.05, of: 'fruit', name: 'spirits', source: CAUTION },
  { role: 'wine', most: 0.05, of: 'fruit', name: 'wine and beer', source: CAUTION },
  {
    role: 'flavouring',
    most: 0.05,
    of: 'fruit',
    name: 'extracts, flower waters and colouring',
    source: CAUTION,
  },
  { role: 'candied', most: 0.1, of: 'fruit', name: 'candied peel and ginger', source: CAUTION },
  { role: 'salt', most: 0.01, of: 'fruit and sugar', name: 'salt', source: CAUTION },
  {
    role: 'butter',
    most: 0.01,
    of: 'fruit and sugar',
    name: 'butter against the foam',
    source: GUIDE,
  },
];

/** Zest and peel outside a marmalade, as a share of the fruit. */
export const MOST_ZEST = 0.05;
/** Nuts in a conserve, as a share of the fruit. */
export const MOST_NUTS = 0.1;
/** Acid fruit and its juice, as a share of all but sugar, pectin and water. */
export const LEAST_ACID_FRUIT = 0.5;
/** Water that is added, over the fruit. */
export const MOST_WATER = { usual: 1, sauce: 1.5, marmalade: 3, jellyOfWholeFruit: 1.5 } as const;
/**
 * Dried fruit takes up this many times its weight to be fruit again, which is not added water;
 * judgement.
 */
export const DRIED_TAKES_UP = 3;

/**
 * Curd, grams to a gram of bottled lemon or lime juice. The tested curd holds 1.35 of egg, 0.7 of
 * butter and 2 of sugar.
 */
export const CURD = {
  mostEgg: 1.5,
  testedEgg: 1.35,
  mostButter: 0.8,
  testedButter: 0.7,
  mostZest: 0.25,
  leastSucrose: 1.8,
  testedSucrose: 2,
  source: GUIDE,
} as const;

/** Pepper jelly: 5 % vinegar to all peppers, onion, garlic and herbs by their fresh weight. */
export const PEPPERS = {
  leastVinegar: 0.44,
  /**
   * Peppers, as a share of all that is green: garlic or onion by itself is no pepper jelly.
   * Judgement, below the published ones.
   */
  leastPeppers: 1 / 3,
  mostWaterOverVinegar: 1,
  leastSolublesPct: 50,
  /**
   * Sugar to a gram of all that is green and the vinegar: with less it is boiled down until the
   * vinegar is gone. Judgement, below the published ones.
   */
  leastSugar: 0.6,
  mostPH: 4.2,
  source: GUIDE,
} as const;

/**
 * Fresh weight of a dried herb or pepper over its dry one: a tenth of it is water dry, four fifths
 * fresh.
 */
export const FRESH_OVER_DRIED = 6;

/** Infusion, herb and wine jellies: bottled lemon juice or 5 % vinegar to the liquid. */
export const INFUSION = {
  leastAcid: 1 / 16,
  /** Herbs that are infused, grams to a gram of that acid. */
  mostHerbs: 5,
  /** Fruit and its juice to a gram of that acid: with more it is judged as a fruit jelly. */
  mostFruit: 10,
  mostPH: 4,
  source: GUIDE,
} as const;

/**
 * What an infusion, a herb or a wine jelly takes of each role, g to a gram of its bottled acid and
 * vinegar: of its liquid more water would raise the limit. Every role has its limit; what is not
 * meant here is none. Those without one are the liquid itself, what sours, sweetens and sets it,
 * and what is held against its acid by a rule of its own.
 */
export const INFUSION_TAKES: { readonly [role in Role]: number } = {
  water: Infinity,
  wine: Infinity,
  'citrus-juice': Infinity,
  vinegar: Infinity,
  'other-acid': Infinity,
  sweetener: Infinity,
  pectin: Infinity,
  'fresh-herb': Infinity,
  'acid-fruit': Infinity,
  spirit: Infinity,
  'dry-spice': 0.4,
  flavouring: 0.4,
  zest: 0.4,
  butter: 0.08,
  salt: 0.08,
  candied: 0,
  nut: 0,
  egg: 0,
  pepper: 0,
  allium: 0,
  'not-acid': 0,
  barred: 0,
};

/** Fruit that is not acid by itself and has a published formula: grams of acid to a gram of it. */
export const ACIDIFIED: {
  readonly [id: string]: {
    readonly least: number;
    readonly by: 'bottled' | 'bottled or vinegar';
    readonly published: string;
    readonly source: Provenance;
  };
} = {
  fig: {
    least: 0.1326,
    by: 'bottled',
    published: '½ cup bottled lemon juice to 4 cups of crushed figs',
    source: GUIDE,
  },
  tomato: {
    least: 0.08,
    by: 'bottled',
    published: '¼ cup lemon juice to 3 cups of prepared tomatoes',
    source: GUIDE,
  },
  elderberry: {
    least: 0.08,
    by: 'bottled or vinegar',
    published: '¼ cup lemon juice to 3 cups of elderberry juice',
    source: GUIDE,
  },
};

/** Boiling-water processing is for food below this pH (21 CFR 114.3, from memory). */
export const HIGH_ACID_PH = 4.6;
/** A calibrated meter must read this or less: 4.6 less a margin for the meter and the jar. */
export const METER_PH = 4.2;
/** No fruit spread is as sour as this: a meter that says so is wrong. */
export const LEAST_METER_PH = 2.5;
/** How far below the sums’ own low end a meter is still believed. */
export const METER_BELOW_SUMS = 0.5;

/** No safe home process exists for these, at any acidity, whatever a meter reads. */
export const NEVER: ReadonlySet<string> = new Set(['pumpkin', 'squash', 'courgette']);

const ROLE_OF_ID: { readonly [id: string]: Role } = {
  'sweet-pepper': 'pepper', chilli: 'pepper',
  onion: 'allium', shallot: 'allium', garlic: 'allium',
  'lemon-juice': 'citrus-juice', 'lemon-juice-bottled': 'citrus-juice', 'lime-juice': 'citrus-juice', 'lime-juice-bottled': 'citrus-juice',
  vinegar: 'vinegar',
  ginger: 'fresh-herb', mint: 'fresh-herb', basil: 'fresh-herb', thyme: 'fresh-herb', rosemary: 'fresh-herb', sage: 'fresh-herb',
  lavender: 'fresh-herb', 'rose-petals': 'fresh-herb', elderflower: 'fresh-herb',
  'vanilla-extract': 'flavouring', extract: 'flavouring', 'flower-water': 'flavouring', 'food-colouring': 'flavouring',
  'candied-ginger': 'candied', 'candied-peel': 'candied',
  zest: 'zest', 'citrus-peel': 'zest', salt: 'salt', butter: 'butter', margarine: 'butter', walnut: 'nut', almond: 'nut',
  egg: 'egg', 'egg-yolk': 'egg', 'egg-white': 'barred',
  wine: 'wine', port: 'wine', beer: 'wine', 'hard-cider': 'wine',
}; // prettier-ignore

/** Rows of dried pepper, which are pepper too. */
export const DRIED_PEPPERS: readonly string[] = ['chilli-flakes', 'cayenne'];

/** Dried herbs and peppers, which count by their fresh weight beside vinegar. */
export const DRIED_GREENS: ReadonlySet<string> = new Set(['dried-herbs', ...DRIED_PEPPERS]);

/** What a row is to the shelf, by its id, or else by its kind and acid class. */
export function roleOf(row: {
  readonly id: string;
  readonly kind: string;
  readonly acidClass?: string;
  readonly noShelf?: string;
}): Role {
  const own = ROLE_OF_ID[row.id.replace(/-and-(zest|citrus-peel)$/, '')];
  if (own !== undefined) return own;
  switch (row.kind) {
    case 'fruit':
    case 'juice':
      return row.acidClass === 'high' ? 'acid-fruit' : 'not-acid';
    case 'sweetener':
    case 'pectin':
    case 'water':
    case 'spirit':
      return row.kind;
    case 'calcium':
      return 'pectin';
    case 'acid':
      return 'other-acid';
    case 'seasoning':
      return 'dry-spice';
    default:
      return 'barred';
  }
}
