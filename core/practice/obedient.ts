import type { Stage } from '../boil/index.ts';
import { plus, type Contents } from '../formula/index.ts';
import { AS_PLANNED, cookAs, type Act, type Entry, type Sheet } from '../stove/index.ts';
import { drawnTruth } from './kettle.ts';
import type { Practice } from './practice.ts';

export const COOK_SOURCE = 'cook';
/** Time that a hand takes to do something, s. */
const HAND_S = 20;

/**
 * The events of a cook who does everything the sheet asks for, when the pot in truth is ready for it, from the flame at `startMs`
 * to the jars; every drop on the plate wrinkles. `sheet` is the true one.
 */
export function obedientCook(sheet: Sheet, practice: Practice, startMs: number): Entry[] {
  const truth = drawnTruth(practice.seed);
  const events: Entry[] = [];
  let stages: readonly Stage[] = [];
  let adds: Contents | null = null;
  let minute = 0;
  for (const act of sheet.acts) {
    const own = ownStages(act);
    const [first, ...rest] = own;
    if (act.adds) adds = adds === null ? act.adds.contents : plus(adds, act.adds.contents);
    // What was put in is in the pot from the next stretch on; the hand that adds it has its own.
    const entering = act.id === 'add' || adds === null ? {} : { add: adds };
    if (first) {
      stages = [...stages, { ...first, ...entering }, ...rest];
      if (act.id !== 'add') adds = null;
      minute = cookAs(sheet, truth, stages).stages.at(-1)?.endMin ?? minute;
    }
    events.push({
      source: COOK_SOURCE,
      seq: events.length + 1,
      at: Math.round(startMs + minute * 60_000),
      kind: act.done,
      value: act.adds?.massG ?? null,
      text: wordsOf(act),
    });
  }
  return events;
}

/** What the pot goes through during an act; something that a hand does takes a moment on its flame. */
const ownStages = (act: Act): readonly Stage[] =>
  act.id === 'light' || act.ahead.length > 0
    ? act.ahead
    : [{ name: act.id, flame: act.flame, until: { kind: 'minutes', minutes: HAND_S / 60 } }];

const wordsOf = ({ done }: Act): string | null =>
  ({ added: AS_PLANNED, 'plate-test': 'wrinkles', 'mound-test': 'mounds' })[done as string] ?? null;
