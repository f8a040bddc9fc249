import { findIngredient } from '../ingredients/index.ts';
import type { PretreatmentKind } from '../pretreatment/index.ts';
import type { Plan, PlanLine } from './plan.ts';

/**
 * Whether a line of the pot is of what is done first: whole fruit, and what it is softened in;
 * herbs in an infusion.
 */
export function goesFirst(kind: PretreatmentKind, line: PlanLine | undefined): boolean {
  const row = line?.ingredient === undefined ? null : findIngredient(line.ingredient);
  if (!row) return false;
  if (row.kind === 'water') return true;
  return kind === 'infuse'
    ? row.kind === 'seasoning'
    : row.kind === 'fruit' && line?.state !== 'juice';
}

/**
 * Grams of fruit in a batch, from its share of what is left at the stop; 0 where there is no plan.
 * @returns g
 */
export const fruitGramsOf = (plan: Plan | null): number =>
  ((plan?.finish?.fruitPer100g ?? 0) * ((plan?.start?.massG ?? 0) - (plan?.finish?.steamG ?? 0))) /
  100;
