import { parseIngredient, type Ingredient as ParsedLine } from 'parse-ingredient';
import { unitOf, type UnitId, UNITS } from '../quantity/index.ts';
import type { LineTrouble } from './line.ts';
import { nameOf } from './naming.ts';
import { PACK_WORDS } from './tidy.ts';

/** The parsing package's names for the units, in ours. */
const UNIT_BY_PARSER_ID: Readonly<Record<string, UnitId>> = {
  milligram: 'mg',
  gram: 'g',
  kilogram: 'kg',
  tonne: 'tonne',
  ounce: 'oz',
  pound: 'lb',
  milliliter: 'mL',
  liter: 'L',
  teaspoon: 'tsp',
  tablespoon: 'tbsp',
  'fluid ounce': 'fl oz',
  deciliter: 'dL',
  cup: 'cup',
  pint: 'pint',
  quart: 'quart',
  gallon: 'gallon',
};

/** Measures that no rule fixes, m³; common practice. */
const LOOSE_M3: Readonly<Record<string, number>> = { pinch: 0.31e-6, dash: 0.62e-6, drop: 0.05e-6 };

/** Spellings that the package does not know. */
const EXTRA_UNITS = {
  liter: {
    short: 'L',
    plural: 'litres',
    alternates: ['litre', 'Litre', 'liter', 'liters', 'l', 'ltr'],
  },
  milliliter: {
    short: 'mL',
    plural: 'millilitres',
    alternates: ['millilitre', 'milliliter', 'milliliters', 'ml', 'ML', 'cc'],
  },
  kilogram: {
    short: 'kg',
    plural: 'kilograms',
    alternates: ['kilo', 'kilos', 'kgs', 'Kg', 'KG', 'kilogramme', 'kilogrammes'],
  },
  gram: { short: 'g', plural: 'grams', alternates: ['gr', 'gm', 'gms', 'gramme', 'grammes'] },
  tonne: { short: 'tonne', plural: 'tonnes', alternates: ['ton', 'tons'] },
  bushel: { short: 'bu', plural: 'bushels', alternates: ['bushel', 'bu.'] },
  peck: { short: 'pk', plural: 'pecks', alternates: ['peck'] },
  ...Object.fromEntries(
    PACK_WORDS.map((word) => [word, { short: word, plural: pluralOf(word), alternates: [] }]),
  ),
};

function pluralOf(word: string): string {
  return /(x|ch)$/.test(word) ? `${word}es` : `${word}s`;
}

/** The units' own names, for a line that stops after one. */
const UNIT_WORDS: ReadonlySet<string> = new Set([
  ...UNITS.keys(),
  ...Object.values(EXTRA_UNITS).flatMap(({ short, plural, alternates }) => [short, plural, ...alternates]),
  'cups', 'pounds', 'ounces', 'quarts', 'pints', 'gallons',
]); // prettier-ignore

/** One letter that cooks use for two units each. */
const AMBIGUOUS_UNITS: Readonly<Record<string, string>> = {
  t: '“t” may be a teaspoon or a tonne. Write tsp or kg.',
  T: '“T” may be a tablespoon or a tonne. Write tbsp or kg.',
};

/** How many bushels. */
const BUSHELS: Readonly<Record<string, number>> = { bushel: 1, peck: 0.25 };

/** Words that count pieces, and how many pieces each stands for. */
const COUNTING: Readonly<Record<string, number>> = { piece: 1, clove: 1, dozen: 12 };
const SIZE_WORDS: ReadonlySet<string> = new Set(['small', 'medium', 'large']);

/** The amount at the head of a line: kilograms, cubic metres, pieces, packs or bushels. */
export type Measured = {
  readonly kind: 'mass' | 'volume' | 'pieces' | 'packs' | 'bushels';
  /** kg, m³, or how many. */
  readonly si: number;
  /** Least and most over the middle, for `3 to 4 lemons`; 1 and 1 otherwise. */
  readonly spread: { readonly low: number; readonly high: number };
  /** The word for the pack, or for the size of a piece; empty for none. */
  readonly word: string;
  readonly rest: string;
};

export type Unmeasured = { readonly about: LineTrouble['about']; readonly message: string };

/** Reads the amount a line starts with: `5 lb 8 oz apples`, `2 cups sugar`, `10 medium apples`, `2 pouches …`. */
export function measure(text: string): Measured | Unmeasured {
  const parsed = parseIngredient(text, { additionalUOMs: EXTRA_UNITS })[0];
  if (!parsed || parsed.quantity === null) {
    return {
      about: 'amount',
      message: 'No amount found. Start with one, like “2 kg” or “3 cups”.',
    };
  }
  const { quantity, quantity2, unitOfMeasure, unitOfMeasureID, description: rest } = parsed;
  const middle = quantity2 === null ? quantity : (quantity + quantity2) / 2;
  const ends = [quantity, quantity2 ?? quantity];
  const spread =
    middle === 0
      ? { low: 1, high: 1 }
      : { low: Math.min(...ends) / middle, high: Math.max(...ends) / middle };
  const ambiguous = AMBIGUOUS_UNITS[unitOfMeasure ?? ''];
  if (ambiguous !== undefined) return { about: 'unit', message: ambiguous };
  const id = unitOfMeasureID ?? '';
  const as = (kind: Measured['kind'], times: number, word = ''): Measured => ({
    kind,
    si: middle * times,
    spread,
    word,
    rest,
  });
  const bushels = BUSHELS[id];
  if (bushels !== undefined) return as('bushels', bushels);
  const loose = LOOSE_M3[id];
  if (loose !== undefined) return as('volume', loose);
  const unitId = UNIT_BY_PARSER_ID[id];
  if (unitId === undefined) return counted(parsed, as);
  const unit = unitOf(unitId);
  const first = as(unit.kind === 'mass' ? 'mass' : 'volume', unit.si);
  if (!/^[\d¼½¾⅓⅔⅛⅜⅝⅞]/.test(rest)) return first;
  const second = measure(rest);
  if ('about' in second || second.kind !== first.kind) return first;
  return { ...second, si: first.si + second.si };
}

/** A line without a measure of mass or volume: pieces, packs, or trouble. */
function counted(
  parsed: ParsedLine,
  as: (kind: Measured['kind'], times: number, word?: string) => Measured,
): Measured | Unmeasured {
  const { unitOfMeasureID: id, description } = parsed;
  const [first = '', ...after] = description.split(' ');
  const very = /^(very|extra)[ -](large|small) /i.exec(description);
  if (very) {
    const [whole, , size = ''] = very;
    return { ...as('pieces', 1, `very ${size}`), rest: description.slice(whole.length) };
  }
  const ingredient = nameOf(description)?.ingredient;
  const packs = ingredient?.kind === 'fruit' ? undefined : ingredient?.packs;
  if (id !== null && packs?.[id] !== undefined) return as('packs', 1, id);
  const pieces = id === null || SIZE_WORDS.has(id) ? 1 : COUNTING[id === 'stick' ? 'piece' : id];
  if (pieces !== undefined && ingredient?.pieceG !== undefined) {
    return as('pieces', pieces, SIZE_WORDS.has(id ?? '') ? (id ?? '') : '');
  }
  if (parsed.unitOfMeasure === null && UNIT_WORDS.has(first) && after.length === 0) {
    return { about: 'ingredient', message: 'Which ingredient? Name it after the amount.' };
  }
  if (/^\d{3}$/.test(first)) {
    return {
      about: 'amount',
      message: `“${parsed.quantity} ${first}” can be read two ways. Write the number without a space.`,
    };
  }
  if (id !== null && (PACK_WORDS as readonly string[]).includes(id)) {
    return {
      about: 'unit',
      message: `How much is in one ${id}? Write it as “1 (400 g) ${id} ${description}”.`,
    };
  }
  if (id === null && ingredient) {
    return {
      about: 'unit',
      message: 'No unit found. Give a weight or a volume, after preparing the fruit.',
    };
  }
  const unit = parsed.unitOfMeasure ?? (after.length > 0 ? first : null);
  return {
    about: 'unit',
    message: `${unit === null ? 'No unit found that we know.' : `“${unit}” is not a unit we know.`} Use g, kg, oz, lb, mL, L, tsp, tbsp, cup, pint, quart or gallon.`,
  };
}
