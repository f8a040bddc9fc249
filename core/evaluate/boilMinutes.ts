import { gellingRatioOf } from '../gel/index.ts';
import { METHODS, type Method } from '../method/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import type { PlanRequest } from './request.ts';

/**
 * Minutes at a full boil: those asked for, those that the pack of the gelling sugar prints, or the
 * method's own.
 * @returns null where no clock ends the cook
 */
export function boilMinutesOf(
  { boilMin, packs }: Pick<PlanRequest, 'boilMin' | 'packs'>,
  method: Method,
  lines: readonly UnderstoodLine[],
): number | null {
  const own = METHODS[method].boilMin;
  if (own === null) return null;
  const sugar = lines.find(({ ingredient }) => gellingRatioOf(ingredient) !== null)?.ingredient.id;
  const printed =
    method === 'gelling-sugar'
      ? packs.find(({ ingredient }) => ingredient === sugar)?.boilMin
      : null;
  return boilMin ?? printed ?? own;
}
