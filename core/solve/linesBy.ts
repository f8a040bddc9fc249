import type { GellingRatio } from '../gel/index.ts';
import { isSugar, type Method } from '../method/index.ts';
import { convert, kitchenFraction, lineIn, lineInGrams } from '../quantity/index.ts';
import { readLine, type ParserKitchen, type UnderstoodLine } from '../parser/index.ts';
import { gramsOf, isFruit } from './tryMix.ts';

/** A way to make a batch of fruit: its method, and what goes with a gram of the fruit, g. */
export type Proportions = {
  readonly method: Method;
  readonly sugar: number;
  readonly water?: number;
  /** Bottled lemon juice, mL. */
  readonly lemon?: number;
};

/** Sugar by fruit, by weight, as each method usually has it; common practice. */
export const USUAL_SUGAR: { readonly [method in Method]?: number } = {
  'long-boil': 0.8,
  'powdered-pectin': 1.22,
  'liquid-pectin': 1.5,
  'low-methoxyl': 0.25,
};
/** Pectin to start from, g to a kilogram of fruit, before it is solved for. */
const PECTIN: { readonly [method in Method]?: readonly [id: string, gramsPerKg: number] } = {
  'powdered-pectin': ['powdered pectin', 42],
  'liquid-pectin': ['liquid pectin', 80],
  'low-methoxyl': ['low-sugar pectin', 35],
};

/**
 * The lines of the same fruit made another way: what sweetens it and what sets it are put in anew,
 * the rest stays. Amounts are round ones, in the measure that the fruit is written in.
 * @param gave those of the lines that are made first, and come into the pot by themselves
 */
export function linesBy(
  lines: readonly UnderstoodLine[],
  { method, sugar, water = 0, lemon = 0 }: Proportions,
  kitchen: Partial<ParserKitchen>,
  gave: ReadonlySet<UnderstoodLine> = new Set(),
): string[] {
  const fruit = lines.filter(isFruit);
  const fruitG = gramsOf(fruit, isFruit);
  const round = ROUND[measureOf(fruit)];
  const pectin = PECTIN[method];
  return [
    ...keptOf(lines, gave),
    ...(water > 0 ? [round(water * fruitG, 'water', kitchen)] : []),
    ...(lemon > 0 ? [lemonLine(lemon * fruitG, measureOf(fruit))] : []),
    round(sugar * fruitG, 'sugar', kitchen),
    ...(pectin ? [lineInGrams(Math.round((pectin[1] * fruitG) / 1000), pectin[0])] : []),
  ];
}

/** What stays in a formula that is made to set another way. */
const keptOf = (
  lines: readonly UnderstoodLine[],
  gave: ReadonlySet<UnderstoodLine>,
): readonly string[] =>
  lines
    .filter(
      (line) =>
        !gave.has(line) &&
        !isSugar(line) &&
        line.ingredient.kind !== 'pectin' &&
        line.ingredient.kind !== 'calcium',
    )
    .map(({ text }) => text);

/** The same fruit with as much of a gelling sugar as is made for it: its figure goes by weight. */
export const linesByGellingSugar = (
  lines: readonly UnderstoodLine[],
  ratio: GellingRatio,
  gave: ReadonlySet<UnderstoodLine>,
): readonly string[] => [
  ...keptOf(lines, gave),
  lineInGrams(
    Math.max(1, Math.round(gramsOf(lines, isFruit) / ratio / 10) * 10),
    `${ratio}:1 gelling sugar`,
  ),
];

type Measure = 'grams' | 'pounds' | 'cups';

/** What the first fruit that says so is measured in. */
function measureOf(fruit: readonly UnderstoodLine[]): Measure {
  const text = fruit.map((line) => line.text).join('\n');
  if (/(?:\d|\b)(?:lbs?|pounds?|oz|ounces?)\b/i.test(text)) return 'pounds';
  return /\b(?:cups?|pints?|quarts?)\b/i.test(text) ? 'cups' : 'grams';
}

type Rounding = (
  massG: number,
  thing: 'sugar' | 'water',
  kitchen: Partial<ParserKitchen>,
) => string;

/** To 5 mL, or by the tablespoon where the fruit is in cups or pounds. */
const lemonLine = (volumeMl: number, measure: Measure): string =>
  measure === 'grams'
    ? lineIn('mL', Math.max(5, 5 * Math.round(volumeMl / 5)), LEMON_JUICE)
    : lineIn('tbsp', Math.max(1, Math.round(volumeMl / TABLESPOON_ML)), LEMON_JUICE);
const LEMON_JUICE = 'bottled lemon juice';
const TABLESPOON_ML = 15;

/** To 10 g, and by the kilogram to 50 g. */
const grams: Rounding = (massG, thing) =>
  massG < 1000
    ? lineInGrams(massG < 10 ? Math.max(1, Math.round(massG)) : Math.round(massG / 10) * 10, thing)
    : lineIn('kg', Number((Math.round(massG / 50) / 20).toFixed(2)), thing);

/** To a quarter of a cup of this kitchen. */
const cups: Rounding = (massG, thing, kitchen) => {
  const cup = readLine(`1 cup ${thing}`, kitchen);
  const count = cup.understood ? Math.round((4 * massG) / cup.massG.typical) / 4 : 0;
  return count === 0
    ? grams(massG, thing, kitchen)
    : `${kitchenFraction(count)} ${count > 1 ? 'cups' : 'cup'} ${thing}`;
};

/** To a quarter of a pound, below a pound to half an ounce; water by the cup. */
const pounds: Rounding = (massG, thing, kitchen) => {
  if (thing === 'water') return cups(massG, thing, kitchen);
  const quarters = Math.round(4 * convert(massG, 'g', 'lb'));
  if (quarters >= 4) return lineIn('lb', kitchenFraction(quarters / 4), thing);
  const halves = Math.round(2 * convert(massG, 'g', 'oz'));
  return halves === 0
    ? grams(massG, thing, kitchen)
    : lineIn('oz', kitchenFraction(halves / 2), thing);
};

const ROUND: { readonly [measure in Measure]: Rounding } = { grams, pounds, cups };
