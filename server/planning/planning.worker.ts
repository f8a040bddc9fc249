import {
  mainFruitOf,
  type CookSession,
  type JarPlaces,
  type PotSight,
} from '@idle-kettle/contract';
import {
  debriefOf,
  cannerWatchedWith,
  type CannerWatched,
  jarProgressOf,
  jarPlaceOf,
  jarPlanOf,
  type Storage,
  planBatch,
  planLine,
  dropsAt,
  readingsOf,
  readLines,
  sensesAt,
  spoiledBy,
  cookPlanOf,
  effectiveEvents,
  entriesByHand,
  stockUseOf,
  type Debrief,
  type Entry,
  type Fault,
  type PlanLine,
  type PlanOutcome,
  type PlanRequest,
  type ReadRequest,
  type StockUse,
  planInKitchen,
  requestInKitchen,
  type Formula,
  type KitchenKnowledge,
  type PlanningKitchen,
} from '@idle-kettle/core';
import { workedDay, type AskedDay, type WorkedDay } from '@idle-kettle/core/schedule';
import type { DrivenSession } from '../cookSessions/devices.ts';
import { truthOf } from '../cookSessions/truth.ts';

import { loggedJars, type LoggedJar } from '@idle-kettle/core/season';
import { bookedCook, troubledCookOf, type BookedCook, type KeptCook } from '@idle-kettle/core/book';
import {
  knowledgeOf,
  storiesOf,
  type CookTold,
  type EstimateStory,
  type Forgotten,
  type TaughtBurner,
} from '@idle-kettle/core/learning';

/** What a kitchen’s cooks told, and what of it was to be forgotten. */
type Taught = {
  readonly burners: readonly TaughtBurner[];
  readonly cooks: readonly CookTold[];
  readonly forgotten: Forgotten;
};

/**
 * What takes long enough to hold a server up, done in a thread of its own. Each takes and answers
 * plain values.
 */
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
  canBeCooked: (asked: Pick<CookSession, 'formula' | 'kitchen'>): boolean =>
    cookPlanOf(requestInKitchen(asked.formula, asked.kitchen)) !== null,

  /**
   * Where the jars of a cook are, null while its log says of none; and what they took of the stock,
   * where the log says that they were stored, null where it does not; and how the canner is known
   * then.
   */
  jarsOfLog: (asked: {
    readonly session: Pick<CookSession, 'formula' | 'kitchen'>;
    readonly events: readonly Entry[];
    readonly canner: { readonly holds: number | null; readonly watched: CannerWatched | null };
  }): {
    readonly jars: readonly LoggedJar[];
    readonly fruit: string | null;
    readonly places: JarPlaces | null;
    readonly used: readonly StockUse[] | null;
    readonly watched: CannerWatched | null;
  } => {
    const { session, canner } = asked;
    const events = effectiveEvents(asked.events);
    const jarPlan = jarPlanOf(requestInKitchen(session.formula, session.kitchen), events, 0);
    const progress = jarPlan && jarProgressOf(jarPlan, entriesByHand(asked.events));
    if (!jarPlan || !progress)
      return { jars: [], fruit: null, places: null, used: null, watched: null };
    const { verdict } = jarPlan.shelf;
    const count = (place: Storage) =>
      progress.jars.filter((jar) => jarPlaceOf(jar, verdict) === place).length;
    const places = {
      pantry: count('pantry'),
      fridge: count('fridge'),
      freezer: count('freezer'),
    };
    const planned = planInKitchen(session.formula, session.kitchen, 0);
    return {
      jars: loggedJars(jarPlan, progress),
      fruit: planned.ok ? mainFruitOf(planned.plan) : null,
      places: places.pantry + places.fridge + places.freezer === 0 ? null : places,
      used: progress.storedAtMs === null ? null : stockUseOf(jarPlan, progress),
      watched: cannerWatchedWith(
        {
          burners: session.kitchen.burners,
          settings: session.formula.settings,
          cannerHolds: canner.holds,
          jarPlan,
        },
        progress.loads,
        canner.watched,
      ),
    };
  },

  /** What is said of a practice when it is over; null for a cook that is none. */
  debrief: (asked: {
    readonly session: Pick<CookSession, 'formula' | 'kitchen' | 'practice'>;
    readonly events: readonly Entry[];
    /** ms on the kitchen’s clock. */
    readonly endMs: number;
  }): Debrief | null => {
    const { session, events, endMs } = asked;
    const cookPlan = truthOf(session);
    if (!session.practice || !cookPlan) return null;
    const debrief = debriefOf(cookPlan, session.practice, events, endMs);
    const request = requestInKitchen(session.formula, session.kitchen);
    return { ...debrief, causes: spoiledBy(request, session.practice, debrief) };
  },

  /**
   * What the simulated probe and scale read from second `fromS` of a practice to before `toS`;
   * nothing of a cook that is none.
   */
  readings: (asked: {
    readonly session: DrivenSession;
    readonly events: readonly Entry[];
    readonly fromS: number;
    readonly toS: number;
  }): readonly Entry[] => {
    const { session, events, fromS, toS } = asked;
    const cookPlan = truthOf(session);
    return session.practice && cookPlan
      ? readingsOf(cookPlan, session.practice, events, session.startMs, fromS, toS)
      : [];
  },

  /** A day of several batches as it stands now, and who does what of a crew. */
  liveDay: (asked: AskedDay): WorkedDay => workedDay(asked),

  bookedCook: (cook: KeptCook): BookedCook => bookedCook(cook),

  /** What the record of a cook says of what may be wrong with it. */
  troubledCook: ({ cook, nowMs }: { readonly cook: KeptCook; readonly nowMs: number }) =>
    troubledCookOf(cook, nowMs),

  knowledge: ({ burners, cooks, forgotten }: Taught): KitchenKnowledge =>
    knowledgeOf(burners, cooks, forgotten),

  stories: ({ burners, cooks, forgotten }: Taught): readonly EstimateStory[] =>
    storiesOf(burners, cooks, forgotten),

  /** Null for a pot that cannot be looked into. */
  look: (asked: {
    readonly session: Pick<CookSession, 'formula' | 'kitchen' | 'practice'>;
    readonly events: readonly Entry[];
    /** ms on the kitchen’s clock. */
    readonly at: number;
  }): PotSight | null => {
    const { session, events, at } = asked;
    const cookPlan = truthOf(session);
    if (!session.practice || !cookPlan) return null;
    return {
      at,
      ...sensesAt(cookPlan, session.practice, events, at),
      drops: dropsAt(cookPlan, session.practice, events, at),
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
