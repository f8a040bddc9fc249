import { say } from '@idle-kettle/words';
import type { Plan, Storage } from '@idle-kettle/core';
import { add, format } from 'date-fns';

/** How long a batch keeps, unopened, by where its jars are. */
export type Unopened = Plan['keeping']['unopened'];

/**
 * The last day of a jar: by where it is kept, from the day it was filled. For screen, label and
 * paper.
 */
export const keepsUntil = (unopened: Unopened, place: Storage, filledAtMs: number): Date =>
  add(filledAtMs, unopened[place]);

/**
 * `Best before Nov 2027` for what keeps for months in a pantry or frozen, `Eat by 12 Dec 2026` for
 * the fridge.
 */
export function bestBefore(unopened: Unopened, place: Storage, filledAtMs: number): string {
  const until = keepsUntil(unopened, place, filledAtMs);
  return place === 'fridge'
    ? say('labels.eatByDay', { day: format(until, 'd MMM yyyy') })
    : say('labels.bestBeforeMonth', { month: format(until, 'MMM yyyy') });
}
