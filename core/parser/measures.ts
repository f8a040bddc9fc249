import { convert, range, type Range } from '../quantity/index.ts';
import type { Token } from './tokens.ts';

/** Whose cup, pint and spoon are meant. */
export const MEASURE_IDS = ['us', 'uk', 'metric'] as const;
/** Whose cups and spoons a kitchen uses. */
export type MeasuresId = (typeof MEASURE_IDS)[number];

/** Measures of volume that differ by country. */
type LocalVolume =
  'tsp' | 'dessertspoon' | 'tbsp' | 'fl oz' | 'gill' | 'cup' | 'pint' | 'quart' | 'gallon';

const US_ML = (unit: 'tsp' | 'tbsp' | 'fl oz' | 'cup' | 'pint' | 'quart' | 'gallon'): number =>
  convert(1, unit, 'mL');

/** A cup, mL, as the cups of the ingredient table are. */
export const ML_PER_CUP = US_ML('cup');

/** 1/160 of an imperial gallon, mL. */
const IMPERIAL_FL_OZ_ML = 28.4130625;

/** Spoons of 5, 10 and 15 mL, as both the UK and metric kitchens use. */
const METRIC_SPOONS = { tsp: 5, dessertspoon: 10, tbsp: 15 } as const;
const IMPERIAL = {
  'fl oz': IMPERIAL_FL_OZ_ML,
  gill: 5 * IMPERIAL_FL_OZ_ML,
  pint: 20 * IMPERIAL_FL_OZ_ML,
  quart: 40 * IMPERIAL_FL_OZ_ML,
  gallon: 160 * IMPERIAL_FL_OZ_ML,
} as const;

/**
 * mL in each measure. US and imperial as in GNU units (a test reads them there); a UK cup is half
 * an imperial pint; a metric cup is 250 mL, and a metric kitchen's pints are imperial ones.
 */
const LOCAL_ML: { readonly [id in MeasuresId]: { readonly [unit in LocalVolume]: number } } = {
  us: {
    tsp: US_ML('tsp'),
    dessertspoon: 2 * US_ML('tsp'),
    tbsp: US_ML('tbsp'),
    'fl oz': US_ML('fl oz'),
    gill: 4 * US_ML('fl oz'),
    cup: ML_PER_CUP,
    pint: US_ML('pint'),
    quart: US_ML('quart'),
    gallon: US_ML('gallon'),
  },
  uk: { ...METRIC_SPOONS, ...IMPERIAL, cup: 10 * IMPERIAL_FL_OZ_ML },
  metric: { ...METRIC_SPOONS, ...IMPERIAL, cup: 250 },
};

/** A country’s measure, mL. */
export const localMl = (unit: LocalVolume, measures: MeasuresId): number =>
  LOCAL_ML[measures][unit];

export const MEASURES_NAMES: { readonly [id in MeasuresId]: string } = {
  us: 'US',
  uk: 'UK',
  metric: 'metric',
};

/** What the word after a number means. */
export type Unit =
  | { readonly kind: 'mass'; readonly grams: number }
  | { readonly kind: 'volume'; readonly ml: number }
  | { readonly kind: 'local'; readonly unit: LocalVolume }
  /** Measures that no rule fixes: a pinch, a splash; mL. */
  | { readonly kind: 'loose'; readonly name: LooseName }
  | { readonly kind: 'bushels'; readonly bushels: number }
  /** Something bought with so much in it: a box, a tin, a punnet, a stick, a bunch. */
  | { readonly kind: 'container'; readonly name: string }
  /** A word that only counts: `2 pieces`, `3 whole`. */
  | { readonly kind: 'count' }
  | { readonly kind: 'length'; readonly cm: number };

const mass = (grams: number): Unit => ({ kind: 'mass', grams });
const volume = (ml: number): Unit => ({ kind: 'volume', ml });
const local = (unit: LocalVolume): Unit => ({ kind: 'local', unit });

/**
 * What cooks mean by measures that no rule fixes, mL of what is measured, low to high; common
 * practice. Those that differ by the thing itself (a handful, a knob) are in grams in `grams.ts`.
 */
export const LOOSE_ML = {
  pinch: range(0.2, 0.31, 0.5),
  dash: range(0.4, 0.62, 1),
  drop: range(0.03, 0.05, 0.08),
  splash: range(5, 10, 15),
  glug: range(15, 30, 45),
  squeeze: range(3, 5, 8),
  shot: range(25, 35, 45),
} as const satisfies { readonly [name: string]: Range };
/** A measure of the hand or the eye. */
export type LooseName = keyof typeof LOOSE_ML | 'handful' | 'knob' | 'thumb';

/** Words for something bought with so much in it, singular. */
export const PACKS = [
  'box', 'package', 'packet', 'pack', 'pouch', 'sachet', 'envelope', 'bottle', 'can', 'tin', 'jar', 'bag', 'carton',
  'punnet', 'tub', 'basket', 'container', 'tray', 'case', 'crate', 'flat', 'pail', 'bucket', 'sack', 'tube', 'block', 'bar',
] as const; // prettier-ignore
/** Words for a part as it grows or is cut: they count, and no size belongs to them. */
const GROWN = [
  'head', 'sprig', 'bunch', 'stick', 'clove', 'stalk', 'stem', 'rib', 'leaf', 'sheet', 'strip', 'slice', 'bulb', 'pod', 'wedge',
] as const; // prettier-ignore

const spelled = (unit: Unit, words: string): (readonly [string, Unit])[] =>
  words.split(' ').map((word) => [word, unit]);

const UNIT_WORDS: ReadonlyMap<string, Unit> = new Map([
  ...spelled(mass(0.001), 'mg milligram milligrams'),
  ...spelled(mass(1), 'g gr gm gms grm grms gram grams gramme grammes'),
  ...spelled(mass(1000), 'kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes'),
  ...spelled(mass(1e6), 'tonne tonnes ton tons'),
  ...spelled(mass(convert(1, 'oz', 'g')), 'oz ozs ounce ounces'),
  ...spelled(mass(convert(1, 'lb', 'g')), 'lb lbs pound pounds lbm ib ibs #'),
  ...spelled(volume(1), 'ml mls mil mils milliliter milliliters millilitre millilitres cc'),
  ...spelled(volume(10), 'cl centilitre centilitres centiliter centiliters'),
  ...spelled(volume(100), 'dl decilitre decilitres deciliter deciliters'),
  ...spelled(volume(1000), 'l ltr ltrs litre litres liter liters'),
  ...spelled(local('tsp'), 'tsp tsps tspn teasp teaspoon teaspoons teaspoonful teaspoonfuls teaspoonsful'),
  ...spelled(local('dessertspoon'), 'dessertspoon dessertspoons dessertspoonful dessertspoonfuls dsp dstspn'),
  ...spelled(local('tbsp'), 'tbsp tbsps tbs tbl tblsp tbls tbspn tblspn tablespoon tablespoons tablespoonful tablespoonfuls tablespoonsful'),
  ...spelled(local('gill'), 'gill gills'),
  ...spelled(local('cup'), 'c cup cups cupful cupfuls cupsful'),
  ...spelled(local('pint'), 'pt pts pint pints'),
  ...spelled(local('quart'), 'qt qts qrt qrts quart quarts'),
  ...spelled(local('gallon'), 'gal gals gallon gallons'),
  ...spelled({ kind: 'bushels', bushels: 1 }, 'bushel bushels bu'),
  ...spelled({ kind: 'bushels', bushels: 0.25 }, 'peck pecks pk'),
  ...spelled({ kind: 'length', cm: 2.54 }, 'inch inches in'),
  ...spelled({ kind: 'length', cm: 1 }, 'cm cms centimetre centimetres centimeter centimeters'),
  ...spelled({ kind: 'length', cm: 0.1 }, 'mm millimetre millimetres millimeter millimeters'),
  ...(['pinch', 'dash', 'drop', 'splash', 'glug', 'squeeze', 'shot', 'handful', 'knob', 'thumb'] as const).flatMap(
    (name) => spelled({ kind: 'loose', name }, name),
  ),
  ...spelled({ kind: 'count' }, 'piece whole'),
]); // prettier-ignore

/** Short for a pack. */
const SHORT_CONTAINERS: ReadonlyMap<string, string> = new Map(
  Object.entries({ pkg: 'package', pkge: 'package', pkt: 'packet', env: 'envelope', btl: 'bottle', ctn: 'carton', bx: 'box' }),
); // prettier-ignore
/** Packs that a size may stand before. A flat peach is a kind of peach. */
const PACK_NAMES: ReadonlySet<string> = new Set(
  PACKS.filter((name) => !/^(flat|case|block|bar|tray)$/.test(name)),
);
const CONTAINER_NAMES: ReadonlySet<string> = new Set([...PACKS, ...GROWN]);

/** Whether a token is a pack that a size may belong to: `12 oz bag`. */
export const packAt = (token: Token | undefined): string | null => {
  const name = SHORT_CONTAINERS.get(token?.word ?? '') ?? token?.word ?? '';
  return PACK_NAMES.has(name) ? name : null;
};

/** Whose measure a word says: `US cups`, `imperial pint`. */
const WHOSE: ReadonlyMap<string, MeasuresId> = new Map(
  Object.entries({ us: 'us', american: 'us', uk: 'uk', imperial: 'uk', british: 'uk', metric: 'metric', australian: 'metric' }),
); // prettier-ignore

/** Spoonfuls and cupfuls that are not level, as multiples of a level one; common practice. */
const FILLED: ReadonlyMap<string, number> = new Map(
  Object.entries({
    heaped: 1.5, heaping: 1.5, heapped: 1.5, rounded: 1.25, generous: 1.1, good: 1.1, big: 1.1, scant: 0.93, level: 1, full: 1, brimming: 1.1,
  }),
); // prettier-ignore

/** A unit read from tokens. */
export type UnitRead = {
  readonly unit: Unit;
  readonly next: number;
  /** The word, singular. */
  readonly word: string;
  /** `heaped`, `scant`: over a level one. */
  readonly filled: number;
  readonly whose: MeasuresId | null;
  /** `packed cups`: the form is said at the measure. */
  readonly packed: boolean;
  /** `small bunch`, `large handful`. */
  readonly size: string | null;
};

const SIZE_WORDS: ReadonlySet<string> = new Set([
  'small', 'medium', 'large', 'big', 'little', 'tiny', 'med', 'lg', 'lge', 'sm', 'walnut-sized',
]); // prettier-ignore
const PACKED: ReadonlySet<string> = new Set([
  'packed',
  'firmly',
  'lightly',
  'tightly',
  'loosely',
  'well',
]);

/**
 * The unit that starts at a token, with the words that may stand before it (`heaped`, `US`,
 * `packed`, `small`). Null where there is none. `T` is a tablespoon; `t` is none, since it may be a
 * teaspoon or a tonne.
 */
export function unitAt(tokens: readonly Token[], from: number): UnitRead | null {
  let at = from;
  let filled = 1;
  let whose: MeasuresId | null = null;
  let packed = false;
  let size: string | null = null;
  for (; at < tokens.length; at += 1) {
    const word = tokens[at]?.lower ?? '';
    const unit = bareUnitAt(tokens, at);
    // A `whole` or a `good` before the unit is an adjective; alone it counts.
    if (unit !== null && !(unit.unit.kind === 'count' && bareUnitAt(tokens, at + 1) !== null)) {
      return { ...unit, filled, whose, packed, size };
    }
    if (FILLED.has(word)) filled = FILLED.get(word) ?? 1;
    else if (WHOSE.has(word)) whose = WHOSE.get(word) ?? null;
    else if (PACKED.has(word)) packed = packed || word === 'packed';
    else if (SIZE_WORDS.has(word)) size = word;
    else if ((word === 'of' && at > from) || (word === 'whole' && unit !== null)) continue;
    else return null;
  }
  return null;
}

/** Units that are long enough to be misspelt and still be known. */
export const LONG_UNITS: readonly string[] = [...UNIT_WORDS.keys()].filter(
  (word) => word.length >= 5,
);

/** Whether a word is a unit, a pack or a bundle wherever it stands. */
export const isUnitWord = (token: Token): boolean => bareUnitAt([token], 0) !== null;

function bareUnitAt(
  tokens: readonly Token[],
  at: number,
): { unit: Unit; next: number; word: string } | null {
  const token = tokens[at];
  if (token === undefined) return null;
  if (token.text === 'T' || token.text === 'Tb')
    return { unit: local('tbsp'), next: at + 1, word: 'T' };
  if (token.text === 'T.' || token.text === 't') return null;
  const second = tokens[at + 1]?.lower ?? '';
  if ((token.lower === 'fl' || token.word === 'fluid') && /^(oz|ozs|ounces?)$/.test(second)) {
    return { unit: local('fl oz'), next: at + 2, word: 'fl oz' };
  }
  if (token.lower === 'floz') return { unit: local('fl oz'), next: at + 1, word: 'fl oz' };
  const unit = UNIT_WORDS.get(token.lower) ?? UNIT_WORDS.get(token.word);
  if (unit !== undefined) return { unit, next: at + 1, word: token.word };
  const name = SHORT_CONTAINERS.get(token.word) ?? token.word;
  return CONTAINER_NAMES.has(name)
    ? { unit: { kind: 'container', name }, next: at + 1, word: name }
    : null;
}
