import { type CookSession } from '@idle-kettle/contract';
import { cookPlanOf, toldRequest, type CookPlan, requestInKitchen } from '@idle-kettle/core';

/** What of a cook its sheet depends on. */
export type CookFacts = Pick<CookSession, 'formula' | 'kitchen' | 'practice'>;

/**
 * The sheet that a cook goes by, with what the thermometer showed in boiling water on this very
 * cook (null where that was not looked at); of a practice, as it is told.
 */
export function stoveCookPlan(
  { formula, kitchen, practice }: CookFacts,
  waterBoilsC: number | null,
): CookPlan | null {
  const request = requestInKitchen(formula, kitchen);
  return cookPlanOf(practice === null ? request : toldRequest(request, practice), waterBoilsC);
}

/** Whether boiling water was ever read on this thermometer. */
export const isCalibrated = (
  { kitchen, practice }: CookFacts,
  waterBoilsC: number | null,
): boolean => waterBoilsC !== null || (practice === null && kitchen.waterBoilsC !== null);
