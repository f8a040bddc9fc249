import {
  planInKitchen,
  requestInKitchen,
  type CookRecord,
  type Formula,
  type PlanningKitchen,
  type PotSight,
} from '@idle-kettle/contract';
import {
  debriefOf,
  jarProgressOf,
  jarSheetOf,
  planBatch,
  planLine,
  platesAt,
  readingsOf,
  readLines,
  sensesAt,
  sheetOf,
  standingEvents,
  stockUseOf,
  type Debrief,
  type Entry,
  type Fault,
  type PlanLine,
  type PlanOutcome,
  type PlanRequest,
  type ReadRequest,
  type StockUse,
} from '@idle-kettle/core';
import type { DrivenCook } from '../cooks/devices.ts';
import { truthOf } from '../cooks/truth.ts';

/** What takes long enough to hold a server up, done in a thread of its own. Each takes and answers plain values. */
export const TASKS = {
  plan: (request: PlanRequest): PlanOutcome => planBatch(request),

  planInKitchen: (asked: {
    readonly formula: Formula;
    readonly kitchen: PlanningKitchen;
  }): PlanOutcome => planInKitchen(asked.formula, asked.kitchen),

  /** What stands against a plan, by its typical figures alone; none where there is one. */
  faultsInKitchen: (asked: {
    readonly formula: Formula;
    readonly kitchen: PlanningKitchen;
  }): readonly Fault[] => {
    const outcome = planInKitchen(asked.formula, asked.kitchen, 0);
    return outcome.ok ? [] : outcome.faults;
  },

  read: (request: ReadRequest): PlanLine[] => readLines(request).map(planLine),

  /** Whether there is enough in the pot to be cooked. */
  canBeCooked: (asked: Pick<CookRecord, 'formula' | 'kitchen'>): boolean =>
    sheetOf(requestInKitchen(asked.formula, asked.kitchen)) !== null,

  /** What the jars of a cook took of the stock, where its log says that they were put away; null where it does not. */
  putAway: (asked: {
    readonly cook: Pick<CookRecord, 'formula' | 'kitchen'>;
    readonly events: readonly Entry[];
  }): readonly StockUse[] | null => {
    const { cook } = asked;
    const events = standingEvents(asked.events);
    const sheet = jarSheetOf(requestInKitchen(cook.formula, cook.kitchen), events, 0);
    const progress = sheet && jarProgressOf(sheet, events);
    return sheet && progress?.putAwayAtMs != null ? stockUseOf(sheet, progress) : null;
  },

  /** What is said of a practice when it is over; null for a cook that is none. */
  debrief: (asked: {
    readonly cook: Pick<CookRecord, 'formula' | 'kitchen' | 'practice'>;
    readonly events: readonly Entry[];
    /** ms on the kitchen’s clock. */
    readonly endMs: number;
  }): Debrief | null => {
    const { cook, events, endMs } = asked;
    const sheet = truthOf(cook);
    return cook.practice && sheet ? debriefOf(sheet, cook.practice, events, endMs) : null;
  },

  /** What the simulated probe and scale read from second `fromS` of a practice to before `toS`; nothing of a cook that is none. */
  readings: (asked: {
    readonly cook: DrivenCook;
    readonly events: readonly Entry[];
    readonly fromS: number;
    readonly toS: number;
  }): readonly Entry[] => {
    const { cook, events, fromS, toS } = asked;
    const sheet = truthOf(cook);
    return cook.practice && sheet
      ? readingsOf(sheet, cook.practice, events, cook.startMs, fromS, toS)
      : [];
  },

  /** Null for a pot that cannot be looked into. */
  look: (asked: {
    readonly cook: Pick<CookRecord, 'formula' | 'kitchen' | 'practice'>;
    readonly events: readonly Entry[];
    /** ms on the kitchen’s clock. */
    readonly at: number;
  }): PotSight | null => {
    const { cook, events, at } = asked;
    const sheet = truthOf(cook);
    if (!cook.practice || !sheet) return null;
    return {
      at,
      ...sensesAt(sheet, cook.practice, events, at),
      plate: platesAt(sheet, cook.practice, events, at),
    };
  },
};

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;

/** What a thread is given to do. */
export type Task = {
  readonly [name in TaskName]: { readonly name: name; readonly of: Parameters<Tasks[name]>[0] };
}[TaskName];

export default function work({ name, of }: Task): unknown {
  return (TASKS[name] as (of: unknown) => unknown)(of);
}
