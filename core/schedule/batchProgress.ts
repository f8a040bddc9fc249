import type { ActId } from '../chain/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { isAtRest, jarPlanOf, jarProgressOf, REST_MS, type Load } from '../jars/index.ts';
import {
  cookPlanOf,
  effectiveEvents,
  entriesByHand,
  momentsOf,
  type CookPlan,
  type Entry,
} from '../stove/index.ts';

/** When something was done, ms. */
export type DoneSpan = { readonly startMs: number; readonly endMs: number };

/** A load that is in the canner: which act of it is on, and since when. */
export type LoadOn = { readonly act: ActId; readonly sinceMs: number };

/** How far one batch of a day is. Times in ms. */
export type BatchProgress = {
  /** How many acts of its chain are over, up to the filled jars; in order. */
  readonly over: readonly DoneSpan[];
  /** Loads that are out of the canner. */
  readonly out: readonly DoneSpan[];
  /** The load that is in it; null for none. */
  readonly on: LoadOn | null;
  /** Whether nothing is left to do on its day. */
  readonly isOver: boolean;
};

/** What a cook told of a batch that was begun. */
export type BegunCook = { readonly beganAtMs: number; readonly entries: readonly Entry[] };

/** A press that an act before the stove is done, on the sheet of the day. */
export type DayTick = { readonly act: ActId; readonly atMs: number };

/**
 * How far a batch is: what comes before the stove by the ticks of its sheet, the rest by the log of
 * its cook. Who has begun to cook has prepared everything.
 * @param acts its chain up to the filled jars
 */
export function batchProgress(
  formula: PlanRequest,
  acts: readonly ActId[],
  ticks: readonly DayTick[],
  cook: BegunCook | null,
): BatchProgress {
  const cookPlan = cook === null ? null : cookPlanOf(formula);
  const begins = cookPlan === null ? -1 : acts.indexOf(cookPlan.acts[0]?.id ?? 'light');
  if (cook === null || cookPlan === null || begins < 0)
    return { over: ticked(acts, ticks), out: [], on: null, isOver: false };
  const before = ticked(acts.slice(0, begins), ticks);
  const prepared = Array.from(
    { length: begins },
    (_, index): DoneSpan => before[index] ?? { startMs: cook.beganAtMs, endMs: cook.beganAtMs },
  );
  const atStove = overAtStove(cookPlan, cook);
  const jarPlan = jarPlanOf(formula, effectiveEvents(cook.entries), 0);
  const jars = jarPlan && jarProgressOf(jarPlan, entriesByHand(cook.entries));
  const over = [...prepared, ...atStove];
  if (jars === null || jars.jars.length === 0) return { over, out: [], on: null, isOver: false };
  const { loads } = jars;
  const filled = loads[0]?.loadedAtMs ?? Math.max(...jars.jars.map(({ filledAtMs }) => filledAtMs));
  const wait = jars.jars.some(({ state }) => state === 'filled' || state === 'closed');
  const isFilled = loads.length > 0 || jars.jars.every(isAtRest);
  if (isFilled)
    while (over.length < acts.length)
      over.push({ startMs: over.at(-1)?.endMs ?? cook.beganAtMs, endMs: filled });
  const on = loads.find(({ outAtMs }) => outAtMs === null);
  return {
    over,
    out: loads.flatMap(({ loadedAtMs, outAtMs }) =>
      outAtMs === null ? [] : [{ startMs: loadedAtMs, endMs: outAtMs }],
    ),
    on: on === undefined ? null : actOfLoad(on),
    isOver: isFilled && on === undefined && !wait,
  };
}

/** Acts from the first on that were ticked; one after another. */
function ticked(acts: readonly ActId[], ticks: readonly DayTick[]): readonly DoneSpan[] {
  const at = new Map(ticks.map(({ act, atMs }) => [act, atMs]));
  const over: DoneSpan[] = [];
  for (const act of acts) {
    const endMs = at.get(act);
    if (endMs === undefined) break;
    over.push({ startMs: Math.min(endMs, over.at(-1)?.endMs ?? endMs), endMs });
  }
  return over;
}

/** Acts at the stove that are over; one that is come back to is not. */
function overAtStove(cookPlan: CookPlan, { beganAtMs, entries }: BegunCook): readonly DoneSpan[] {
  const over: DoneSpan[] = [];
  for (const { event, progress } of momentsOf(cookPlan, effectiveEvents(entries))) {
    const { actIndex } = progress;
    over.length = Math.min(over.length, actIndex);
    while (over.length < actIndex)
      over.push({ startMs: over.at(-1)?.endMs ?? beganAtMs, endMs: event.at });
  }
  return over;
}

/** Which act of a load is on. */
function actOfLoad({ state, loadedAtMs, litAtMs, timedFromMs, offAtMs }: Load): LoadOn {
  switch (state) {
    case 'in':
      return { act: 'load', sinceMs: loadedAtMs };
    case 'heating':
    case 'boil lost':
      return { act: 'heat-canner', sinceMs: litAtMs ?? loadedAtMs };
    case 'timed':
      return { act: 'process', sinceMs: timedFromMs ?? loadedAtMs };
    case 'resting':
      return { act: 'rest', sinceMs: offAtMs ?? loadedAtMs };
    case 'out':
      return { act: 'out', sinceMs: (offAtMs ?? loadedAtMs) + REST_MS };
  }
}
