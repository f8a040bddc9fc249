import { message, type Text } from '@idle-kettle/words/message';
import { weighedOutG, type UnderstoodLine } from '../parser/index.ts';
import { isSugar, type Product } from '../method/index.ts';
import { fromMemory } from '../quantity/index.ts';

/**
 * Whether a batch is what a law or a standard calls by a name. Figures are from memory of each
 * text.
 */
export type Definition = {
  /** `US jam, fruit group II` */
  readonly name: string;
  /** `21 CFR 150.160` */
  readonly source: string;
  readonly met: boolean;
  /** What it asks for, and what this batch has. */
  readonly text: Text;
};

export const DEFINITIONS_SOURCE = fromMemory(
  '21 CFR 150.110, 150.140, 150.160; Codex Stan 296-2009; Directive 2001/113/EC as amended by 2024/1438; UK Jam Regulations 2015',
);

/** Fruit of 21 CFR 150.160(b)(1): at least 47 parts to 55 of sugar; the others 45. */
const US_GROUP_ONE: ReadonlySet<string> = new Set([
  'blackberry', 'blueberry', 'boysenberry', 'cherry', 'sour-cherry', 'crab-apple', 'elderberry', 'grape', 'grapefruit',
  'loganberry', 'orange', 'pineapple', 'raspberry', 'rhubarb', 'strawberry', 'clementine', 'tomato',
]); // prettier-ignore

/** Fruit of which the Codex, the EU and the UK ask for less, g per 100 g, because it is strong. */
const STRONG: ReadonlySet<string> = new Set([
  'blackcurrant', 'redcurrant', 'quince', 'rose-hip', 'rowan', 'sea-buckthorn', 'hawthorn',
]); // prettier-ignore

/** What a legal definition of a spread looks at. */
export type DefinitionCase = {
  readonly product: Product;
  readonly lines: readonly UnderstoodLine[];
  readonly fruitPer100g: number;
  readonly solublesPct: number;
};

const gramsOf = (lines: readonly UnderstoodLine[], which: (line: UnderstoodLine) => boolean) =>
  lines.filter(which).reduce((g, line) => g + weighedOutG(line), 0);

const isFruit = ({ ingredient }: UnderstoodLine): boolean =>
  ingredient.kind === 'fruit' || ingredient.kind === 'juice';

/**
 * The definitions that speak of such a spread, and whether this batch meets each; none for those no
 * text defines.
 */
export function definitionsOf(found: DefinitionCase): Definition[] {
  const { product } = found;
  if (product === 'butter') return [usButter(found)];
  if (product === 'jam' || product === 'conserve') {
    return [usSpread(found, 'jam'), codexJam(found), euJam(found), ukJam(found)];
  }
  if (product === 'jelly')
    return [usSpread(found, 'jelly'), codexJam(found), euJam(found), ukJam(found)];
  return product === 'marmalade' ? [codexMarmalade(found), euMarmalade(found)] : [];
}

const show = (value: number): string => value.toFixed(0);

function usSpread({ lines, solublesPct }: DefinitionCase, name: 'jam' | 'jelly'): Definition {
  const fruitG = gramsOf(lines, isFruit);
  const sugarG = gramsOf(lines, isSugar);
  const groupOne =
    name === 'jam' &&
    lines.filter(isFruit).every(({ ingredient }) => US_GROUP_ONE.has(ingredient.id));
  const least = groupOne ? 47 : 45;
  const parts = sugarG === 0 ? Infinity : (55 * fruitG) / sugarG;
  return {
    name: name === 'jelly' ? 'US jelly' : `US jam, fruit group ${groupOne ? 'I' : 'II'}`,
    source: name === 'jelly' ? '21 CFR 150.140' : '21 CFR 150.160',
    met: parts >= least && solublesPct >= 64.95,
    text: message('label.needsPartsTo55Of', {
      least,
      part: name === 'jelly' ? 'juice' : 'fruit',
      part2: Number.isFinite(parts) ? show(parts) : 'no sugar',
      show: show(solublesPct),
    }),
  };
}

function usButter({ lines, solublesPct }: DefinitionCase): Definition {
  const fruitG = gramsOf(lines, isFruit);
  const sugarG = gramsOf(lines, isSugar);
  const parts = sugarG === 0 ? Infinity : (2 * fruitG) / sugarG;
  return {
    name: 'US fruit butter',
    source: '21 CFR 150.110',
    met: parts >= 5 && solublesPct >= 42.95,
    text: message('label.needs5PartsFruitTo', {
      part: Number.isFinite(parts) ? `${show(parts)} to 2` : 'no sugar',
      show: show(solublesPct),
    }),
  };
}

/** g of fruit per 100 g that a text asks for, where strong fruit counts for more. */
function leastFruit({ lines }: DefinitionCase, usual: number, strong: number): number {
  const fruit = lines.filter(isFruit);
  return fruit.length > 0 && fruit.every(({ ingredient }) => STRONG.has(ingredient.id))
    ? strong
    : usual;
}

function asks(found: DefinitionCase, name: string, source: string, least: number): Definition {
  const { fruitPer100g, solublesPct } = found;
  return {
    name,
    source,
    met: fruitPer100g >= least && solublesPct >= 59.95,
    text: message('label.needsGOfFruitPer', {
      least,
      show: show(fruitPer100g),
      show2: show(solublesPct),
    }),
  };
}

const codexJam = (found: DefinitionCase) =>
  asks(found, 'Codex jam or jelly', 'Codex Stan 296-2009', leastFruit(found, 35, 25));
const euJam = (found: DefinitionCase) =>
  asks(
    found,
    'EU jam or jelly',
    'Directive 2001/113/EC, as amended 2024',
    leastFruit(found, 45, 35),
  );
const ukJam = (found: DefinitionCase) =>
  asks(
    found,
    'UK jam or jelly',
    'Jam and Similar Products Regulations 2015',
    leastFruit(found, 35, 25),
  );
const codexMarmalade = (found: DefinitionCase) =>
  asks(found, 'Codex citrus marmalade', 'Codex Stan 296-2009', 20);
const euMarmalade = (found: DefinitionCase) =>
  asks(found, 'EU marmalade', 'Directive 2001/113/EC', 20);

/**
 * The statement that a label prints, both figures per 100 g.
 * @param fruitPer100g g of fruit per 100 g of the finished spread
 * @param sugarsPer100g g of sugars in 100 g of it
 */
export const labelStatement = (fruitPer100g: number, sugarsPer100g: number): Text =>
  message('label.preparedWithGOfFruit', { show: show(fruitPer100g), show2: show(sugarsPer100g) });
