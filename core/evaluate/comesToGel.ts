import { massOf, type Contents } from '../formula/index.ts';
import { isSugar, METHODS, PRODUCTS, type Method, type Product } from '../method/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';

/**
 * Least that is left of fruit and sugar, water apart, in a pot that is boiled down to a jam: a
 * fruit cheese, the thickest that is made, keeps more than half. What has to lose more than this
 * catches and burns first; common practice, the figure a judgement.
 */
const LEAST_KEPT = 0.4;

/**
 * Whether a pot comes to a set that can be foretold. A sugar gel that is boiled down needs sugar:
 * without any, or with so little that the pulp would be a burnt paste long before its stop, pectin
 * held against pectin needed says nothing.
 * @param stop what the pot holds at its stop
 */
export function comesToGel(
  product: Product,
  method: Method,
  lines: readonly UnderstoodLine[],
  stop: Contents,
): boolean {
  const { setModel, stopKind } = METHODS[method];
  if (setModel !== 'high-methoxyl' || stopKind !== 'temperature') return true;
  if (!lines.some(isSugar)) return false;
  const solid = lines
    .filter(({ ingredient }) => ingredient.kind !== 'water')
    .reduce((sum, { massG }) => sum + massG.typical, 0);
  return PRODUCTS[product].base === 'juice' || massOf(stop) >= LEAST_KEPT * solid;
}
