import { requestInKitchen, type CookRecord } from '@idle-kettle/contract';
import { sheetOf, toldRequest, type Sheet } from '@idle-kettle/core';

/** What of a cook its sheet depends on. */
export type CookFacts = Pick<CookRecord, 'formula' | 'kitchen' | 'practice'>;

/**
 * The sheet that a cook goes by, with what the thermometer showed in boiling water on this very cook (null where that was not looked
 * at); of a practice, as it is told.
 */
export function stoveSheet(
  { formula, kitchen, practice }: CookFacts,
  waterBoilsC: number | null,
): Sheet | null {
  const request = requestInKitchen(formula, kitchen);
  return sheetOf(practice === null ? request : toldRequest(request, practice), waterBoilsC);
}

/** Whether boiling water was ever read on this thermometer. */
export const isCalibrated = (
  { kitchen, practice }: CookFacts,
  waterBoilsC: number | null,
): boolean => waterBoilsC !== null || (practice === null && kitchen.waterBoilsC !== null);
