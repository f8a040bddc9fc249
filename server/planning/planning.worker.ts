import {
  planInKitchen,
  type CookRecord,
  type Formula,
  type PlanningKitchen,
  type PotSight,
} from '@idle-kettle/contract';
import {
  planBatch,
  planLine,
  platesAt,
  readLines,
  sensesAt,
  type Entry,
  type Fault,
  type PlanLine,
  type PlanOutcome,
  type PlanRequest,
  type ReadRequest,
} from '@idle-kettle/core';
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
