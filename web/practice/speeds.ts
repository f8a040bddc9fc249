import { FASTEST } from '@idle-kettle/contract';

/** How fast a practice may run, minutes of the kitchen in one of the wall. */
export const SPEEDS: readonly number[] = [1, 5, 20, FASTEST];
