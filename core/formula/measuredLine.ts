import { inflect } from 'inflection';
import { amountText, readLine, type ParserKitchen, type UnderstoodLine } from '../parser/index.ts';
import { exactFraction } from '../quantity/index.ts';

/**
 * What a cup, a spoon or a whole fruit gives may miss the mass it should have by this share; common
 * practice measures no closer.
 */
const MEASURED_WITHIN = 0.02;
/** Whole things are taken as they come: five eggs for four and four fifths. */
const COUNTED_WITHIN = 0.06;

/**
 * One measure: the word it is written with, the parts that it is marked in, and what the rest is
 * measured with.
 */
type Measure = {
  readonly word: string;
  readonly is: RegExp;
  readonly parts: readonly number[];
  /** The smaller measure, and how many of it make one. */
  readonly smaller?: readonly [measure: Measure, inOne: number];
};

const TSP: Measure = {
  word: 'tsp',
  is: /\b(?:tsps?|teaspoons?)\b/i,
  parts: [0, 1 / 4, 1 / 2, 3 / 4, 1],
};
const TBSP: Measure = {
  word: 'tbsp',
  is: /\b(?:tbsps?|tbs|tablespoons?)\b/i,
  parts: [0, 1 / 2, 1],
  smaller: [TSP, 3],
};
const CUP: Measure = {
  word: 'cup',
  is: /\bcups?\b/i,
  parts: [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1],
  smaller: [TBSP, 16],
};
const OZ: Measure = { word: 'oz', is: /\b(?:oz|ounces?)\b/i, parts: [0, 1 / 4, 1 / 2, 3 / 4, 1] };
const LB: Measure = {
  word: 'lb',
  is: /\b(?:lbs?|pounds?)\b/i,
  parts: [0, 1 / 4, 1 / 2, 3 / 4, 1],
  smaller: [OZ, 16],
};

/** What is bought and opened whole. */
const PACKS =
  /\b(?:box(?:es)?|pack(?:et|age)?s?|pouch(?:es)?|sachets?|envelopes?|cans?|tins?|bottles?)\b/i;

/** A measure that a line names twice is its larger one: `1 lb 4 oz`. */
const MEASURES = [CUP, TBSP, TSP, LB, OZ] as const;

/**
 * A line of another mass in what its own measure can give: cups in fractions with spoons beside
 * them, pounds and ounces, whole fruit, halves of it, boxes. `5⅓ cups crushed damsons`,
 * `1 cup plus 1½ tbsp lemon juice`, `2 lb 6¼ oz plums`, `3½ lemons`.
 * @param wantedG grams that the line should come to, more than 0
 * @returns null for a line that is measured otherwise, and for a mass that its measure cannot give
 */
export function measuredLine(
  line: UnderstoodLine,
  wantedG: number,
  kitchen: Partial<ParserKitchen> = {},
): string | null {
  const amount = amountText(line.text, kitchen.measures);
  if (amount === null || PACKS.test(amount)) return countedLine(line, wantedG, kitchen);
  const measure = MEASURES.find(({ is }) => is.test(amount));
  if (measure === undefined) return null;
  const words = line.text.slice(line.text.indexOf(amount) + amount.length).trim();
  const one = readLine(`1 ${measure.word} ${words}`, kitchen);
  if (!one.understood) return null;
  const count = wantedG / one.massG.typical;
  const texts = waysOf(measure, count).map((text) => `${text} ${words}`);
  return texts.find((text) => isAbout(text, line, wantedG, MEASURED_WITHIN, kitchen)) ?? null;
}

/**
 * How so many of a measure can be written, the plainest first: in its own parts, then with the
 * smaller measure beside it.
 */
function waysOf(measure: Measure, count: number): readonly string[] {
  const { parts, smaller } = measure;
  const whole = Math.floor(count);
  const near = [...parts].sort(
    (a, b) => Math.abs(whole + a - count) - Math.abs(whole + b - count),
  )[0] as number;
  const plain = [written(measure, whole + near)];
  if (smaller === undefined) return plain.filter((text) => text !== '');
  const [small, inOne] = smaller;
  // Pounds have ounces beside them, and no fraction.
  const under = measure === LB ? 0 : (parts.filter((part) => whole + part <= count).at(-1) ?? 0);
  const [rest = ''] = waysOf(small, (count - whole - under) * inOne);
  const base = written(measure, whole + under);
  const joined =
    measure === LB ? [base, rest].join(' ') : [base, rest].filter(Boolean).join(' plus ');
  return [...plain, joined.trim(), ...(base === '' ? waysOf(small, count * inOne) : [])].filter(
    (text) => text !== '',
  );
}

/** `1½ cups`, `½ cup`; nothing of nothing. */
const written = ({ word }: Measure, count: number): string =>
  count === 0 ? '' : `${exactFraction(count)} ${word === 'cup' && count > 1 ? 'cups' : word}`;

/**
 * A line of whole things, and halves of them: `3½ lemons, juice only`, `2 boxes powdered pectin`.
 */
function countedLine(
  line: UnderstoodLine,
  wantedG: number,
  kitchen: Partial<ParserKitchen>,
): string | null {
  const found = /^(\d+|½|\d½)(\s*(?:\([^)]*\)\s*)?)([a-z]+)(.*)$/i.exec(line.text);
  if (found === null) return null;
  const [, number = '', between = '', noun = '', after = ''] = found;
  const written = number === '½' ? 0.5 : parseFloat(number.replace('½', '.5'));
  // What is in a box can be weighed out of it; of an egg or a lemon half is the least.
  const inOne = PACKS.test(noun) ? 4 : 2;
  const wanted = (written * wantedG) / line.massG.typical;
  const count = Math.max(1, Math.round(inOne * wanted)) / inOne;
  const text = `${exactFraction(count)}${between === '' ? ' ' : between}${inflect(noun, Math.ceil(count))}${after}`;
  return isAbout(text, line, wantedG, COUNTED_WITHIN, kitchen) ? text : null;
}

/** Whether a line reads as the same thing of about such a mass. */
function isAbout(
  text: string,
  line: UnderstoodLine,
  wantedG: number,
  within: number,
  kitchen: Partial<ParserKitchen>,
): boolean {
  const reading = readLine(text, kitchen);
  return (
    reading.understood &&
    reading.ingredient.id === line.ingredient.id &&
    Math.abs(reading.massG.typical / wantedG - 1) <= within
  );
}
