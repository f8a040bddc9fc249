import { type CookSession } from '@idle-kettle/contract';
import {
  cookPlanOf,
  planBatch,
  toldRequest,
  type CookPlan,
  type Plan,
  type PlanRequest,
  requestInKitchen,
} from '@idle-kettle/core';

/** What of a cook its sheet depends on. */
export type CookFacts = Pick<CookSession, 'formula' | 'kitchen' | 'practice'>;

/**
 * The sheet that a cook goes by, with what the thermometer showed in boiling water on this very
 * cook (null where that was not looked at); of a practice, as it is told.
 */
export function stoveCookPlan(cook: CookFacts, waterBoilsC: number | null): CookPlan | null {
  return cookPlanOf(requestOf(cook), waterBoilsC);
}

/**
 * Minutes that the plan of a cook says, before its burner is on; null where there is none.
 */
export function plannedMinutes(
  cook: CookFacts,
  waterBoilsC: number | null,
): NonNullable<Plan['minutes']> | null {
  const request = requestOf(cook);
  const outcome = planBatch(waterBoilsC === null ? request : { ...request, waterBoilsC });
  return outcome.ok ? (outcome.plan.minutes ?? null) : null;
}

function requestOf({ formula, kitchen, practice }: CookFacts): PlanRequest {
  const request = requestInKitchen(formula, kitchen);
  return practice === null ? request : toldRequest(request, practice);
}

/** Whether boiling water was ever read on this thermometer. */
export const isCalibrated = (
  { kitchen, practice }: CookFacts,
  waterBoilsC: number | null,
): boolean => waterBoilsC !== null || (practice === null && kitchen.waterBoilsC !== null);
