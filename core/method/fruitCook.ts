import type { FruitCook } from '../gel/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import type { Method } from './method.ts';
import { METHODS } from './methods.ts';
import type { Product } from './products.ts';

/** How the fruit of a formula is cooked, as far as its pectin goes by it. */
export const fruitCookOf = (
  product: Product,
  method: Method,
  lines: readonly UnderstoodLine[],
): FruitCook => ({
  boiledLong: METHODS[method].boilMin === null,
  // Peel on a line of its own is counted there.
  withPeel:
    product === 'marmalade' &&
    !lines.some(({ ingredient }) => ingredient.id === 'citrus-peel' || ingredient.id === 'zest'),
});
