import { isSugar, type Method, type Product } from '../method/index.ts';
import { isEmptied, massOfLines, type UnderstoodLine } from '../parser/index.ts';
import type { AdditionId } from './act.ts';

/**
 * Spirits beyond this share of a batch are what it is made of, and are cooked with it; judgement.
 */
const MOST_SPIRIT_SHARE = 0.1;
/** Dried fruit beyond this share of a conserve's fruit is what it is made of; judgement. */
const MOST_DRIED_SHARE = 0.25;
/** More dairy butter than a knob is there for its own sake, g; common practice. */
const MOST_KNOB_G = 20;

/**
 * Wine, beer and cider are cooked; spirits and fortified wine go in off the heat, so that their
 * scent stays; common practice.
 */
const COOKED_DRINKS: ReadonlySet<string> = new Set(['wine', 'beer', 'hard-cider']);
/** Extracts and flower waters lose their scent in a boil; common practice. */
const SCENTS: ReadonlySet<string> = new Set(['vanilla-extract', 'extract', 'flower-water']);
/** Seasonings that are no spice. */
const NO_SPICE: ReadonlySet<string> = new Set([
  ...SCENTS,
  'salt',
  'zest',
  'citrus-peel',
  'candied-peel',
  'candied-ginger',
  'food-colouring',
]);

/** Lines that do not go into the cold pot, by what they go in with; the others do. */
export type GoesInLater = { readonly [id in AdditionId]?: readonly UnderstoodLine[] };

/**
 * What goes in later, by method and product: sugar and pectin in the method's order; a knob of
 * butter once a long boil foams; spices of a butter with its sugar; and at the end, off the heat,
 * spirits and extracts, and the dried fruit and nuts of a conserve. Common practice.
 */
export function goesInLater(
  product: Product,
  method: Method,
  lines: readonly UnderstoodLine[],
): GoesInLater {
  const spirits = lines.filter(
    ({ ingredient }) => ingredient.kind === 'spirit' && !COOKED_DRINKS.has(ingredient.id),
  );
  const spiritsAreFew = massOfLines(spirits) <= MOST_SPIRIT_SHARE * massOfLines(lines);
  const fruit = lines.filter(({ ingredient }) => ingredient.kind === 'fruit');
  const dried = fruit.filter(isDried);
  const driedIsLittle = massOfLines(dried) <= MOST_DRIED_SHARE * massOfLines(fruit);
  const isLate = (line: UnderstoodLine): boolean =>
    SCENTS.has(line.ingredient.id) ||
    (spiritsAreFew && spirits.includes(line)) ||
    (product === 'conserve' &&
      ((driedIsLittle && dried.includes(line)) || NUTS.has(line.ingredient.id)));
  const isKnob = ({ ingredient, massG }: UnderstoodLine): boolean =>
    method === 'long-boil' && ingredient.id === 'butter' && massG.typical <= MOST_KNOB_G;
  const groups: Partial<Record<AdditionId, UnderstoodLine[]>> = {};
  const addsPectin = lines.some((line) => !isEmptied(line) && line.ingredient.kind === 'pectin');
  for (const line of lines) {
    const id = lines.some(isEmptied)
      ? inRemake(method, line, addsPectin)
      : isLate(line)
        ? 'at-the-end'
        : isKnob(line)
          ? 'against-foam'
          : byMethod(method, line);
    if (id !== null) (groups[id] ??= []).push(line);
  }
  return groups;
}

/**
 * Where jars are emptied: powder is boiled up with what it is stirred into, and the jars go in; liquid
 * pectin and a gel of calcium go into what boils already; anything else goes in cold. Common
 * practice.
 */
function inRemake(method: Method, line: UnderstoodLine, addsPectin: boolean): AdditionId | null {
  if (!addsPectin) return null;
  if (method === 'powdered-pectin') return isEmptied(line) ? 'emptied-jars' : null;
  if (method === 'liquid-pectin' || method === 'low-methoxyl')
    return isEmptied(line) ? null : 'together';
  return null;
}

const NUTS: ReadonlySet<string> = new Set(['walnut', 'almond']);

const isDried = ({ ingredient }: UnderstoodLine): boolean =>
  ingredient.kind === 'fruit' && (ingredient.state === 'dried' || DRIED_ROWS.test(ingredient.id));
/** Fruit that is only known dried. */
const DRIED_ROWS = /^(dried-|raisin|currant-dried|sultana|prune$|date$)/;

function byMethod(method: Method, line: UnderstoodLine): AdditionId | null {
  const { ingredient } = line;
  switch (method) {
    case 'long-boil':
    case 'powdered-pectin':
      return isSugar(line) ? 'sugar' : null;
    case 'reduce':
      return isSugar(line) || isSpice(line) ? 'sugar' : null;
    case 'liquid-pectin':
      return ingredient.kind === 'pectin' ? 'pectin' : null;
    case 'low-methoxyl':
      return isSugar(line) || ingredient.kind === 'pectin' ? 'sugar-and-pectin' : null;
    case 'gelling-sugar':
    case 'egg':
      return null;
  }
}

const isSpice = ({ ingredient }: UnderstoodLine): boolean =>
  ingredient.kind === 'seasoning' && !NO_SPICE.has(ingredient.id);

/** What goes in at the end, when the cook is over: it is never boiled. */
export const atTheEnd = (
  product: Product,
  method: Method,
  lines: readonly UnderstoodLine[],
): readonly UnderstoodLine[] => goesInLater(product, method, lines)['at-the-end'] ?? [];

/**
 * Alcohol by weight, g per 100 g; common practice, from strengths by volume of 40, 30, 20 and 12 %.
 */
const ALCOHOL_PCT: { readonly [id: string]: number } = {
  brandy: 33,
  rum: 33,
  whisky: 33,
  gin: 33,
  kirsch: 33,
  port: 16,
};
const LIQUEUR_PCT = 22;

/**
 * Alcohol that stays in a batch because it goes in at the end, g: that of spirits and fortified
 * wine.
 */
export const alcoholLeftG = (late: readonly UnderstoodLine[]): number =>
  late
    .filter(({ ingredient }) => ingredient.kind === 'spirit')
    .reduce(
      (sum, { ingredient, massG }) =>
        sum + (massG.typical * (ALCOHOL_PCT[ingredient.id] ?? LIQUEUR_PCT)) / 100,
      0,
    );
