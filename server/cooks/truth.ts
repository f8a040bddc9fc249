import { requestInKitchen, type CookRecord } from '@idle-kettle/contract';
import { trueSheet, type Sheet } from '@idle-kettle/core';

/** What is true of a practice pot, which its cook is not told; null for a pot that is no practice. */
export const truthOf = ({
  formula,
  kitchen,
  practice,
}: Pick<CookRecord, 'formula' | 'kitchen' | 'practice'>): Sheet | null =>
  practice && trueSheet(requestInKitchen(formula, kitchen), practice);
