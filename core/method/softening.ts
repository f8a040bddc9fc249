import type { Pretreatment } from '../pretreatment/index.ts';
import { massOf, startContents } from '../formula/index.ts';
import { isEmptied, type UnderstoodLine } from '../parser/index.ts';
import { isSugar } from './methods.ts';
import type { Product } from './products.ts';

/** Fruit and vegetables that are softened in a little liquid before any sugar; common practice. */
const HARD: ReadonlySet<string> = new Set([
  'apple', 'crab-apple', 'quince', 'medlar', 'sloe', 'damson', 'plum', 'greengage', 'gooseberry', 'blackcurrant',
  'pear', 'rowan', 'rose-hip', 'hawthorn', 'carrot', 'dried-apricot', 'prune',
]); // prettier-ignore

/** Whether a line is of what has to soften before the sugar. */
export const isHard = ({ ingredient }: UnderstoodLine): boolean => HARD.has(ingredient.id);

/** Fruit and what is with it, drier than this by mass, has no liquid to soften in; judgement. */
const WATER_TO_SOFTEN_IN = 0.4;

/** Common practice: 4 to 10 minutes for fruit, until it crushes for peel. */
const MINUTES = { fruit: 8, peel: 45 } as const;

/** Fruit with tough skins takes longer: 15 to 20 minutes; common practice. */
const TOUGH: ReadonlyMap<string, number> = new Map([
  ['gooseberry', 18],
  ['blackcurrant', 15],
  ['sloe', 15],
]);

/** What is made soft before any sugar goes in, which would keep it hard; minutes from the boil. */
export type Softening = { readonly what: keyof typeof MINUTES; readonly minutes: number };

/**
 * What a long boil softens first: the peel of a marmalade, or hard fruit that has liquid to soften
 * in; null for nothing.
 */
export function softeningOf(product: Product, lines: readonly UnderstoodLine[]): Softening | null {
  if (lines.some(isEmptied)) return null;
  if (product === 'marmalade') return { what: 'peel', minutes: MINUTES.peel };
  if (product === 'jelly' || !lines.some(isHard)) return null;
  const pot = startContents(lines.filter((line) => !isSugar(line)));
  return pot.water >= WATER_TO_SOFTEN_IN * massOf(pot)
    ? {
        what: 'fruit',
        minutes: Math.max(
          ...lines
            .filter(isHard)
            .map(({ ingredient }) => TOUGH.get(ingredient.id) ?? MINUTES.fruit),
        ),
      }
    : null;
}

/**
 * Whether the fruit of a butter comes to its pot as a sauce: cooked and puréed before, bought so, or
 * out of jars.
 */
export const comesAsSauce = (
  before: Pretreatment | null,
  lines: readonly UnderstoodLine[],
): boolean =>
  before?.kind === 'sauce' ||
  lines.some(isEmptied) ||
  lines.every(({ ingredient, form }) => ingredient.kind !== 'fruit' || form === 'pureed');
