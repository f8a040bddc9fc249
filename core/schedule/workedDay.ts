import {
  BARE_KITCHEN,
  requestInKitchen,
  type Formula,
  type PlanningKitchen,
} from '../kitchen/index.ts';
import type { Fault, Plan } from '../plan/index.ts';
import type { BegunCook, DayTick } from './batchProgress.ts';
import { crewLine, type CrewLine } from './crewLine.ts';
import { jobsOfDay } from './day.ts';
import type { DayBatch, DayRequest } from './dayRequest.ts';
import type { Job, Things } from './job.ts';
import { firstPlan, liveDayOf, type LiveDay } from './liveDay.ts';
import type { Schedule } from './solve.ts';

/** A batch of a day in the kitchen in which it is made. */
export type AskedBatch = Omit<DayBatch, 'formula'> & {
  readonly formula: Formula;
  /** As it was when its cook was begun; as it is now before. */
  readonly kitchen: PlanningKitchen;
  readonly ticks: readonly DayTick[];
  readonly cook: BegunCook | null;
};

/** A day of batches as they are kept, at a moment. */
export type AskedDay = Omit<DayRequest, 'batches'> & {
  readonly batches: readonly AskedBatch[];
  readonly nowMs: number;
};

/** Something to have in the house for a day. */
export type DayNeed = { readonly name: string; readonly massG: number };

/** A day as it stands, and what its crew and its shopping need. */
export type WorkedDay = {
  readonly day: LiveDay | null;
  readonly faults: readonly Fault[];
  readonly crew: CrewLine | null;
  readonly shopping: readonly DayNeed[];
  /** What each batch holds, and jars to have ready for it: the most that it is likely to fill. */
  readonly batches: readonly (Pick<Plan, 'before' | 'lines' | 'remake'> & {
    readonly jars: number;
  })[];
};

/** Plans a day of batches as they are kept. */
export function workedDay({ batches, ...asked }: AskedDay): WorkedDay {
  const request = {
    ...asked,
    crew: true,
    batches: batches.map(({ formula, kitchen, ...batch }) => ({
      ...batch,
      formula: requestInKitchen(formula, { ...BARE_KITCHEN, ...kitchen }),
    })),
  };
  const nothing = { day: null, crew: null, shopping: [], batches: [] };
  if (batches.length === 0) return { ...nothing, faults: [] };
  const jobs = jobsOfDay(request);
  if (!jobs.ok) return { ...nothing, faults: jobs.faults };
  const day = liveDayOf(request, jobs, firstPlanKept(jobs.jobs, jobs.things));
  const needs = new Map<string, number>();
  for (const { lines, before } of jobs.plans)
    for (const { name, boughtG, massG = boughtG ?? 0 } of [...lines, ...(before?.lines ?? [])])
      if (name !== undefined && massG > 0)
        needs.set(name, (needs.get(name) ?? 0) + (boughtG ?? massG));
  return {
    day,
    faults: [],
    crew: crewLine(request, jobs.plans, day.acts),
    shopping: [...needs]
      .map(([name, massG]) => ({ name, massG: Math.round(massG) }))
      .sort((a, b) => b.massG - a.massG),
    batches: jobs.plans.map(({ before, lines, remake, yield: filled }) => ({
      before,
      lines,
      ...(remake === undefined ? {} : { remake }),
      jars: filled?.jarsToHeat ?? 0,
    })),
  };
}

/** Most first plans that are kept. */
const MOST_KEPT = 30;
const kept = new Map<string, Schedule>();

/** A first plan, worked out once for as long as nothing of it changes. */
function firstPlanKept(jobs: readonly Job[], things: Things): Schedule {
  const key = JSON.stringify([jobs, things]);
  const found = kept.get(key) ?? firstPlan(jobs, things);
  kept.delete(key);
  kept.set(key, found);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  return found;
}
