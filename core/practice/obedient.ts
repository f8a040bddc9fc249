import { asPlanned, minutesAfter, type CookPlan, type Entry } from '../stove/index.ts';
import { drawnTruth } from './kettle.ts';
import type { Practice } from './practice.ts';

export const COOK_SOURCE = 'cook';

/**
 * The events of a cook who does everything the sheet asks for, when the pot in truth is ready for
 * it, from the flame at `startMs` to the jars; every drop on the plate wrinkles. `sheet` is the
 * true one.
 */
export function obedientCook(cookPlan: CookPlan, practice: Practice, startMs: number): Entry[] {
  const events: Entry[] = [];
  const minuteAfter = minutesAfter(cookPlan, drawnTruth(practice.seed));
  for (const [index, act] of cookPlan.acts.entries()) {
    const [end] = act.ends;
    if (end === undefined) continue;
    events.push({
      source: COOK_SOURCE,
      seq: events.length + 1,
      at: Math.round(startMs + minuteAfter(index) * 60_000),
      kind: end.on,
      value: act.adds?.massG ?? null,
      text: act.adds === null ? (end.said ?? null) : asPlanned(act.adds.id),
    });
  }
  return events;
}
