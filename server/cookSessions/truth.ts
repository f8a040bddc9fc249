import { type CookSession } from '@idle-kettle/contract';
import { trueSheet, type CookPlan, requestInKitchen } from '@idle-kettle/core';

/**
 * What is true of a practice pot, which its cook is not told; null for a pot that is no practice.
 */
export const truthOf = ({
  formula,
  kitchen,
  practice,
}: Pick<CookSession, 'formula' | 'kitchen' | 'practice'>): CookPlan | null =>
  practice && trueSheet(requestInKitchen(formula, kitchen), practice);
