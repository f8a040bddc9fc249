import { parseIngredient, type Ingredient as ParsedLine } from 'parse-ingredient';
import { findIngredient, type Form, type Ingredient } from '../larder/index.ts';
import {
  convert,
  exactly,
  plainNumbers,
  unitOf,
  type Range,
  type UnitId,
  UNITS,
} from '../quantity/index.ts';
import { readPhrase } from './phrases.ts';
import { impossible, MOST_LINE_CHARS, MOST_LINE_G, puzzling, type LineReading } from './line.ts';

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
};

/** The units' own names, for a line that stops after one. */
const UNIT_WORDS: ReadonlySet<string> = new Set([
  ...UNITS.keys(),
  ...Object.values(EXTRA_UNITS).flatMap(({ short, plural, alternates }) => [short, plural, ...alternates]),
  'cups', 'pounds', 'ounces', 'quarts', 'pints', 'gallons',
]); // prettier-ignore

/** Sizes that the parsing package takes for units. */
const PIECE_SIZES: ReadonlySet<string> = new Set(['small', 'medium', 'large']);

/** One letter that cooks use for two units each. */
const AMBIGUOUS_UNITS: Readonly<Record<string, string>> = {
  t: '“t” may be a teaspoon or a tonne. Write tsp or kg.',
  T: '“T” may be a tablespoon or a tonne. Write tbsp or kg.',
};

const FORM_WORDS: ReadonlyMap<string, Form> = new Map(
  Object.entries({
    whole: 'whole',
    sliced: 'sliced',
    halved: 'sliced',
    quartered: 'sliced',
    chopped: 'chopped',
    diced: 'chopped',
    cubed: 'chopped',
    crushed: 'crushed',
    mashed: 'crushed',
    pureed: 'pureed',
    puréed: 'pureed',
    packed: 'packed',
  } as const),
);

/** Words that describe the fruit without changing the sums made here. */
const QUIET_WORDS = new Set([
  'a', 'of', 'and', 'the', 'fresh', 'freshly', 'ripe', 'firm', 'large', 'medium', 'small', 'frozen', 'thawed',
  'finely', 'roughly', 'coarsely', 'lightly', 'well', 'hulled', 'stoned', 'pitted', 'cored', 'peeled',
  'washed', 'trimmed', 'strained', 'squeezed', 'prepared',
]); // prettier-ignore

const NUMBER_WORDS: ReadonlyMap<string, string> = new Map(Object.entries({
  a: '1', an: '1', one: '1', two: '2', three: '3', four: '4', five: '5', six: '6', seven: '7', eight: '8',
  nine: '9', ten: '10', half: '1/2',
})); // prettier-ignore

/** A leading number word as digits: `half a cup` → `1/2 cup`. */
const numbered = (text: string): string =>
  text.replace(/^half (?:of )?an? /i, '1/2 ').replace(/^([a-z]+) /i, (whole, word: string) => {
    const digits = NUMBER_WORDS.get(word.toLowerCase());
    return digits === undefined ? whole : `${digits} `;
  });

type Named = { readonly ingredient: Ingredient; readonly form: Form | null };

/** Finds the ingredient in a description such as `ripe plums, stoned` or `crushed damsons`. */
function nameOf(description: string): Named | null {
  const words = description
    .toLowerCase()
    .split(/[\s,;()]+/)
    .filter((word) => word !== '');
  const exact = findIngredient(description);
  if (exact) return { ingredient: exact, form: null };
  const form =
    words.map((word) => FORM_WORDS.get(word)).find((found) => found !== undefined) ?? null;
  const rest = words.filter((word) => !FORM_WORDS.has(word) && !QUIET_WORDS.has(word));
  const ingredient = findIngredient(rest.join(' '));
  return ingredient ? { ingredient, form } : null;
}

/** Whether a line without a unit counts pieces of something: `3 plums`, `10 medium apples`. */
function isCounted({ unitOfMeasureID, description }: ParsedLine): boolean {
  const counts = unitOfMeasureID === null || PIECE_SIZES.has(unitOfMeasureID);
  const ingredient = counts ? nameOf(description)?.ingredient : undefined;
  return ingredient?.kind === 'fruit' && ingredient.pieceG !== undefined;
}

/** What to say to a line whose unit is missing or unknown. */
function withoutUnit(text: string, parsed: ParsedLine): LineReading {
  const { quantity, unitOfMeasure, description } = parsed;
  const [first = '', ...after] = description.split(' ');
  if (unitOfMeasure === null && UNIT_WORDS.has(first) && after.length === 0) {
    return puzzling(text, 'ingredient', 'Which ingredient? Name it after the amount.');
  }
  if (/^\d{3}$/.test(first)) {
    return puzzling(
      text,
      'amount',
      `“${quantity} ${first}” can be read two ways. Write the number without a space.`,
    );
  }
  if (unitOfMeasure === null && nameOf(description)) {
    return puzzling(
      text,
      'unit',
      'No unit found. Give a weight or a volume, after preparing the fruit.',
    );
  }
  const unit = unitOfMeasure ?? (after.length > 0 ? first : null);
  return puzzling(
    text,
    'unit',
    `${unit === null ? 'No unit found that we know.' : `“${unit}” is not a unit we know.`} Use g, kg, oz, lb, mL, L, tsp, tbsp, cup, pint, quart or gallon.`,
  );
}

/** Kilograms, cubic metres or pieces: `5 lb 8 oz apples`, `2 cups sugar`, `10 medium apples`. */
type Measured = {
  readonly kind: 'mass' | 'volume' | 'pieces';
  readonly si: number;
  readonly rest: string;
};

function measure(text: string): Measured | { readonly trouble: LineReading } {
  const parsed = parseIngredient(text, { additionalUOMs: EXTRA_UNITS })[0];
  const fail = (about: 'unit' | 'amount', message: string) => ({
    trouble: puzzling(text, about, message),
  });
  if (!parsed || parsed.quantity === null) {
    return fail('amount', 'No amount found. Start with one, like “2 kg” or “3 cups”.');
  }
  if (parsed.quantity2 !== null) {
    return fail(
      'amount',
      `Two amounts found, ${parsed.quantity} and ${parsed.quantity2}. Write one.`,
    );
  }
  const ambiguous = AMBIGUOUS_UNITS[parsed.unitOfMeasure ?? ''];
  if (ambiguous !== undefined) return fail('unit', ambiguous);
  const unitId = UNIT_BY_PARSER_ID[parsed.unitOfMeasureID ?? ''];
  if (unitId === undefined) {
    return isCounted(parsed)
      ? { kind: 'pieces', si: parsed.quantity, rest: parsed.description }
      : { trouble: withoutUnit(text, parsed) };
  }
  const unit = unitOf(unitId);
  const kind = unit.kind === 'mass' ? 'mass' : 'volume';
  const first = { kind, si: parsed.quantity * unit.si, rest: parsed.description } as const;
  if (!/^[\d¼½¾⅓⅔⅛⅜⅝⅞]/.test(parsed.description)) return first;
  const second = measure(parsed.description);
  if ('trouble' in second || second.kind !== first.kind) return first;
  return { ...second, si: first.si + second.si };
}

const timesRange = (factor: number, r: Range): Range => ({
  low: factor * r.low,
  typical: factor * r.typical,
  high: factor * r.high,
});

const ML_PER_CUP = convert(1, 'cup', 'mL');

/** The checks that hold for every mass, however it was given. */
function impossibleMass(text: string, massG: number): LineReading | null {
  if (!(massG > 0)) return impossible(text, 'amount', 'The amount must be more than zero.');
  if (massG > MOST_LINE_G) {
    return impossible(
      text,
      'amount',
      `That is ${Math.round(massG / 1000).toLocaleString('en-US')} kg. One line may hold at most ${MOST_LINE_G / 1000} kg.`,
    );
  }
  return null;
}

/**
 * Reads one line of a recipe as written, such as `7 cups crushed damsons` or `5 lb 8 oz apples`.
 * Never throws and never guesses silently: a line that is not understood comes back with its text
 * and the reason, and whatever was taken for granted is said in `assumed`.
 */
export function readLine(written: string): LineReading {
  const text = written.trim();
  if (text.length > MOST_LINE_CHARS) {
    return impossible(
      `${text.slice(0, 60)}…`,
      'text',
      `A line may have at most ${MOST_LINE_CHARS} characters; this one has ${text.length}.`,
    );
  }
  const line = numbered(plainNumbers(text.replace(/^[-•*–]\s+/, '')));
  if (/^[-+]?(nan|inf(inity)?)\b/i.test(line)) {
    return impossible(text, 'amount', 'The amount must be a number.');
  }
  if (/^-\s*[\d.¼½¾⅓⅔⅛⅜⅝⅞]/.test(line)) {
    return impossible(text, 'amount', 'The amount must be more than zero.');
  }
  const asPhrase = readPhrase(text.replace(/^[-•*–]\s+/, ''));
  if (asPhrase) {
    const { ingredient, massG, assumed } = asPhrase;
    return (
      impossibleMass(text, massG.high) ?? {
        understood: true,
        text,
        ingredient,
        form: ingredient.usualForm,
        massG,
        assumed,
      }
    );
  }
  if (/\bpectin\b|\b(jam|jelly|gelling) sugar\b/i.test(text)) {
    return puzzling(
      text,
      'ingredient',
      'Added pectin is not planned yet: only what the fruit itself brings.',
    );
  }
  const measured = measure(line);
  if ('trouble' in measured) return { ...measured.trouble, text };
  const { kind, si, rest } = measured;
  if (!(si > 0)) return impossible(text, 'amount', 'The amount must be more than zero.');
  const named = nameOf(rest);
  if (!named) {
    const tooMuch = kind === 'mass' ? impossibleMass(text, si * 1000) : null;
    return (
      tooMuch ??
      puzzling(
        text,
        'ingredient',
        rest === ''
          ? 'Which ingredient? Name it after the amount.'
          : `“${rest}” is not in the larder yet.`,
      )
    );
  }
  const { ingredient } = named;
  const form = named.form ?? ingredient.usualForm;
  if (kind === 'mass') {
    return (
      impossibleMass(text, si * 1000) ?? {
        understood: true,
        text,
        ingredient,
        form,
        massG: exactly(si * 1000),
      }
    );
  }
  if (kind === 'pieces') return countedLine(text, si, ingredient, form);
  const cup = ingredient.cups[form];
  if (!cup) {
    return puzzling(
      text,
      'unit',
      `We have no cup weight for ${form} ${ingredient.name}. Give its weight instead.`,
    );
  }
  const massG = timesRange((si * 1e6) / ML_PER_CUP, cup);
  const assumed =
    named.form === null && Object.keys(ingredient.cups).length > 1
      ? { assumed: `Taken as ${form}; ${Math.round(cup.typical)} g a cup.` }
      : {};
  return (
    impossibleMass(text, massG.high) ?? {
      understood: true,
      text,
      ingredient,
      form,
      massG,
      ...assumed,
    }
  );
}

/** A line that counts whole pieces as bought: what is left of them after stoning, coring or peeling. */
function countedLine(text: string, count: number, ingredient: Ingredient, form: Form): LineReading {
  if (ingredient.kind !== 'fruit' || ingredient.pieceG === undefined) {
    return puzzling(
      text,
      'unit',
      `We do not know what one ${ingredient.name} weighs. Give a weight.`,
    );
  }
  const { pieceG, edibleShare } = ingredient;
  const massG = timesRange(count * edibleShare, pieceG);
  const left =
    edibleShare < 1 ? `, ${Math.round(100 * edibleShare)} % of it left after preparing` : '';
  const assumed = `Taken as ${Math.round(pieceG.typical)} g each${left}.`;
  return (
    impossibleMass(text, massG.high) ?? { understood: true, text, ingredient, form, massG, assumed }
  );
}

/** A line given as data instead of words. */
export type WeighedLine = {
  readonly ingredient: string;
  readonly massG: number;
  readonly form?: Form | undefined;
};

/** Reads a weighed line by the same rules as a written one. */
export function readWeighedLine({ ingredient: name, massG, form }: WeighedLine): LineReading {
  const text = `${massG} g ${form === undefined ? '' : `${form} `}${name}`;
  if (!Number.isFinite(massG)) return impossible(text, 'amount', 'The amount must be a number.');
  const refused = impossibleMass(text, massG);
  if (refused) return refused;
  const ingredient = findIngredient(name);
  if (!ingredient) return puzzling(text, 'ingredient', `“${name}” is not in the larder yet.`);
  return {
    understood: true,
    text,
    ingredient,
    form: form ?? ingredient.usualForm,
    massG: exactly(massG),
  };
}
