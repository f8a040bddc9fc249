import { massOf, startContents, type UnderstoodLine } from '../formula/index.ts';
import { isSugar } from './methods.ts';
import type { Product } from './products.ts';

/** Fruit and vegetables that are softened in a little liquid before any sugar; common practice. */
const HARD: ReadonlySet<string> = new Set([
  'apple', 'crab-apple', 'quince', 'medlar', 'sloe', 'damson', 'plum', 'greengage', 'gooseberry', 'blackcurrant',
  'pear', 'rowan', 'rose-hip', 'hawthorn', 'carrot', 'dried-apricot', 'prune',
]); // prettier-ignore

/** Fruit and what is with it, drier than this by mass, has no liquid to soften in; judgement. */
const WATER_TO_SOFTEN_IN = 0.4;

/** Whether fruit is softened in its own liquid before any sugar goes in. */
export function softensFirst(product: Product, lines: readonly UnderstoodLine[]): boolean {
  if (product === 'jelly' || !lines.some(({ ingredient }) => HARD.has(ingredient.id))) return false;
  const pot = startContents(lines.filter((line) => !isSugar(line)));
  return pot.water >= WATER_TO_SOFTEN_IN * massOf(pot);
}

/** Minutes that it takes; common practice, 4–10. */
export const SOFTEN_FRUIT_MIN = 8;
