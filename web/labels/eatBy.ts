import type { Product } from '@idle-kettle/core';
import { addDays } from 'date-fns';

/** Days in the fridge, unopened: the cautious end of common practice, as core/process/keeping.ts has it in words. */
const FRIDGE_DAYS = { curd: 28, other: 21 } as const;

/** The day by which what is not for the shelf is eaten. */
export const eatBy = (product: Product, madeMs: number): Date =>
  addDays(madeMs, product === 'curd' ? FRIDGE_DAYS.curd : FRIDGE_DAYS.other);
