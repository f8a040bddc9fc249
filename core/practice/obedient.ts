import type { Stage } from '../boil/index.ts';
import { stagesOf, type Act } from '../chain/index.ts';
import {
  asPlanned,
  cookWith,
  type Entry,
  type PotParameters,
  type CookPlan,
} from '../stove/index.ts';
import { drawnTruth } from './kettle.ts';
import type { Practice } from './practice.ts';

export const COOK_SOURCE = 'cook';
/** Time that a hand takes to do something, s. */
const HAND_S = 20;

/**
 * The events of a cook who does everything the sheet asks for, when the pot in truth is ready for
 * it, from the flame at `startMs` to the jars; every drop on the plate wrinkles. `sheet` is the
 * true one.
 */
export function obedientCook(cookPlan: CookPlan, practice: Practice, startMs: number): Entry[] {
  const truth = drawnTruth(practice.seed);
  const events: Entry[] = [];
  const minuteAfter = minutesAfter(cookPlan, truth);
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

/** The true pot's minute when an act of its sheet is over. */
function minutesAfter(cookPlan: CookPlan, truth: PotParameters): (act: number) => number {
  const stages = stagesOf(cookPlan.acts, ownStages);
  const taken = cookWith(
    cookPlan,
    truth,
    stages.map(({ stage }) => stage),
  ).stages;
  return (act) => {
    const last = stages.findLastIndex((one) => one.act <= act);
    return last < 0 ? 0 : (taken[last]?.endMin ?? taken.at(-1)?.endMin ?? 0);
  };
}

/**
 * What the pot goes through during an act; something that a hand does takes a moment on its flame.
 */
const ownStages = (act: Act): readonly Stage[] =>
  act.id === 'light' || act.ahead.length > 0
    ? act.ahead
    : [{ name: act.id, flame: act.flame, until: { kind: 'minutes', minutes: HAND_S / 60 } }];
