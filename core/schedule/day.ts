import { COOL_MIN, type ActId } from '../chain/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { loadsOf } from '../jars/index.ts';
import { planBatch, type Fault, type Plan, type PlanAct } from '../plan/index.ts';
import { minutesOfAct, type HandWork } from './handMinutes.ts';
import type { HeldKind, Job, LoadJob, Piece, Segment, Things } from './job.ts';
import type { PlacedAct } from './place.ts';
import { lengthOf, schedule, type Schedule } from './solve.ts';

/** Batches of one day, and what there is to make them with. Times in ms. */
export type DayRequest = {
  readonly fromMs: number;
  /** Null for whenever it is over. */
  readonly finishByMs: number | null;
  readonly people: number;
  readonly burners: number;
  readonly slowCookers: number;
  /** Half-pints that each canner takes. */
  readonly canners: readonly { readonly halfPints: number }[];
  readonly batches: readonly DayBatch[];
};

/** One batch of a day. */
export type DayBatch = {
  readonly name: string;
  readonly formula: PlanRequest;
  /** From when its fruit is there; null for the beginning. */
  readonly readyMs: number | null;
  /** Until when it must have begun; null for any time. */
  readonly keepsUntilMs: number | null;
};

/** What an act of a day is called: as in the chain, and the weighing of what goes in. */
export type DayActId = ActId | 'prepare';

/** An act of a day, at its time. */
export type DayAct = {
  readonly batch: string;
  readonly act: DayActId;
  readonly startMs: number;
  readonly endMs: number;
  /** Whether it wants somebody all the time. */
  readonly hands: boolean;
  /** What it holds: `burner 1`. */
  readonly holds: readonly string[];
};

/** What is short on a day that does not come out, and by how much. */
export type Short = {
  readonly resource: 'people' | 'burners' | 'slow cookers' | 'canners' | 'time';
  readonly shortMin: number;
};

/** A day as it is planned. */
export type Day = {
  readonly acts: readonly DayAct[];
  /** When the last jar is out. */
  readonly finishMs: number;
  readonly infeasible: Short | null;
  /** Share by which no schedule could be over sooner. */
  readonly gap: number;
};

/** A day, or what is wrong with a formula of it. */
export type DayOutcome =
  | { readonly ok: true; readonly day: Day }
  | { readonly ok: false; readonly faults: readonly Fault[] };

const MIN_MS = 60_000;
/** Filled jars stay hot for so long before a later load; common practice, as at the jars. */
const JARS_WAIT_MIN = 120;
/** How much of what an act may take longer is planned for, where nothing after it can wait. */
const SLACK = 1;

/**
 * Plans a day: every batch by its own chain, its minutes as they are likely with slack for what may
 * take longer, each on things that are free and hands that are there.
 */
export function planDay(request: DayRequest): DayOutcome {
  const faults: Fault[] = [];
  const jobs = request.batches.map((batch, index): Job | null => {
    const outcome = planBatch({ ...batch.formula, draws: DRAWS });
    if (outcome.ok) return jobOf(batch, outcome.plan, request);
    faults.push(
      ...outcome.faults.map((fault) => ({
        ...fault,
        field: `batches[${index}].formula.${fault.field}`,
      })),
    );
    return null;
  });
  if (faults.length > 0) return { ok: false, faults };
  const known = jobs.filter((job): job is Job => job !== null);
  const things = thingsOf(request);
  const found = schedule(known, things);
  const finishBy =
    request.finishByMs === null ? Infinity : (request.finishByMs - request.fromMs) / MIN_MS;
  const late = latenessOf(found, finishBy);
  const start = Math.min(...known.map(({ readyMin }) => readyMin), 0);
  return {
    ok: true,
    day: {
      acts: [
        ...found.acts.map((act) => dayAct(act, request)),
        ...coolingOf(found.acts, request),
      ].sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs),
      finishMs: request.fromMs + Math.round(found.finish * MIN_MS),
      infeasible: late <= 0 ? null : shortOf(known, things, finishBy, found),
      gap:
        found.finish <= start
          ? 0
          : Math.max(0, (found.finish - found.bound) / (found.finish - start)),
    },
  };
}

/** Few draws tell the range of minutes well enough. */
const DRAWS = 200;

const thingsOf = ({ people, burners, slowCookers, canners }: DayRequest): Things => ({
  people,
  burners,
  slowCookers,
  ovens: 1,
  canners: canners.length,
});

const latenessOf = ({ finish, spoiled, left }: Schedule, finishBy: number): number =>
  left.length > 0 ? Infinity : Math.max(spoiled, finish - finishBy);

/**
 * What is short: the thing of which one more would do, or lets a batch be made at all; else time. By
 * as many minutes as the day is late, or as what cannot be made takes.
 */
function shortOf(jobs: readonly Job[], things: Things, finishBy: number, found: Schedule): Short {
  const late = latenessOf(found, finishBy);
  const minutes = Number.isFinite(late)
    ? late
    : found.left.reduce((sum, index) => sum + lengthOf(jobs[index] as Job), 0);
  const more: readonly (readonly [Short['resource'], Things])[] = [
    ['people', { ...things, people: things.people + 1 }],
    ['burners', { ...things, burners: things.burners + 1 }],
    ['canners', { ...things, canners: things.canners + 1 }],
    ['slow cookers', { ...things, slowCookers: things.slowCookers + 1 }],
  ];
  const wouldDo = more.find(([, richer]) => {
    const still = schedule(jobs, richer);
    return Number.isFinite(late)
      ? latenessOf(still, finishBy) <= 0
      : still.left.length < found.left.length;
  });
  return { resource: wouldDo?.[0] ?? 'time', shortMin: Math.ceil(minutes) };
}

function dayAct(
  { job, act, from, to, hands, holds }: PlacedAct,
  { fromMs, batches }: DayRequest,
): DayAct {
  const at = (minute: number) => fromMs + Math.round(minute * MIN_MS);
  return {
    batch: batches[job]?.name ?? '',
    act: act === 'weigh' ? 'prepare' : act,
    startMs: at(from),
    endMs: at(to),
    hands,
    holds: holds === null ? [] : [`${holds.kind} ${holds.thing + 1}`],
  };
}

/** Jars cool by themselves from when the last of a batch is out. */
function coolingOf(acts: readonly PlacedAct[], { fromMs, batches }: DayRequest): readonly DayAct[] {
  return batches.flatMap(({ name }, job): readonly DayAct[] => {
    const outs = acts.filter((act) => act.job === job && act.act === 'out');
    if (outs.length === 0) return [];
    const startMs = fromMs + Math.round(Math.max(...outs.map(({ to }) => to)) * MIN_MS);
    const endMs = startMs + COOL_MIN * MIN_MS;
    return [{ batch: name, act: 'cool', startMs, endMs, hands: false, holds: [] }];
  });
}

/** A batch as it is scheduled: its chain up to the filled jars, and its loads. */
function jobOf(batch: DayBatch, plan: Plan, { fromMs, canners }: DayRequest): Job {
  const work = workOf(plan);
  const minuteOf = (ms: number | null) => (ms === null ? null : (ms - fromMs) / MIN_MS);
  const end = plan.acts.findIndex(({ id }) => id === 'load' || id === 'chill');
  const before = end < 0 ? plan.acts : plan.acts.slice(0, end);
  return {
    name: batch.name,
    readyMin: Math.max(0, minuteOf(batch.readyMs) ?? 0),
    keepsUntilMin: minuteOf(batch.keepsUntilMs),
    segments: segmentsOf(before, work),
    loads: plan.process.method === 'none' ? [] : loadsOfPlan(plan, batch.formula, canners),
    heatsMin: plan.canner?.ready.p50 ?? 0,
    jarsWaitMin: JARS_WAIT_MIN,
  };
}

/** How much fruit is prepared, and how many jars are filled where it goes well. */
function workOf({ lines, before, yield: jars }: Plan): HandWork {
  const fruitG = [...lines, ...(before?.lines ?? [])].reduce(
    (sum, { ingredient, form, massG = 0 }) => {
      const isFruit = ingredient !== undefined && findIngredient(ingredient)?.kind === 'fruit';
      return isFruit && form !== 'pureed' && form !== 'liquid' ? sum + massG : sum;
    },
    0,
  );
  return { fruitKg: fruitG / 1000, jars: jars?.fullJars.p50 ?? 0 };
}

/** Acts in their order, parted where what follows may wait. */
function segmentsOf(acts: readonly PlanAct[], work: HandWork): readonly Segment[] {
  const segments: { pieces: Piece[]; mayWaitMin: number }[] = [];
  let isNew = true;
  for (const act of acts) {
    if (isNew) segments.push({ pieces: [], mayWaitMin: 0 });
    const last = segments.at(-1);
    last?.pieces.push(pieceOf(act, work));
    if (last !== undefined) last.mayWaitMin = act.mayWaitMin;
    isNew = act.mayWaitMin > 0;
  }
  return segments;
}

function pieceOf(act: PlanAct, work: HandWork): Piece {
  const { p50, p90 } = minutesOfAct(act, work);
  // A clock is kept; what a pot or hands decide may take longer, and nothing after it may be late.
  const minutes = act.by === 'clock' ? p50 : p50 + SLACK * Math.max(0, p90 - p50);
  return {
    act: act.id,
    minutes,
    hands: act.hands === 'all the time',
    holds: HELD.get(act.holds ?? '') ?? null,
  };
}

const HELD: ReadonlyMap<string, HeldKind> = new Map([
  ['burner', 'burner'],
  ['slow cooker', 'slow cooker'],
  ['oven', 'oven'],
  ['canner', 'canner'],
]);

/** A US half-pint, mL: what a size that nobody knows is taken for. */
const HALF_PINT_ML = 236.588;

/** The loads that the likely jars take, each as one row of acts. */
function loadsOfPlan(
  plan: Plan,
  { jars: sizes }: PlanRequest,
  canners: DayRequest['canners'],
): readonly LoadJob[] {
  const jars = plan.yield?.jars ?? [];
  // A load goes into whichever canner is free: it is made for the smallest.
  const holds = Math.min(...canners.map(({ halfPints }) => halfPints));
  const count = loadsOf(
    jars.map(({ count: of, name }) => ({
      count: of,
      volumeMl: sizes.find((size) => size.name === name)?.volumeMl ?? HALF_PINT_ML,
    })),
    Number.isFinite(holds) ? holds : null,
  );
  const total = jars.reduce((sum, { count: of }) => sum + of, 0);
  const ids: readonly ActId[] = ['load', 'heat-canner', 'process', 'rest', 'out'];
  const acts = plan.acts.filter(({ id }) => ids.includes(id));
  return Array.from({ length: Math.max(1, count) }, () => ({
    pieces: acts.map((act) => {
      const piece = pieceOf(act, { fruitKg: 0, jars: Math.ceil(total / Math.max(1, count)) });
      // Jars are lifted out of the canner, which holds them until then.
      return { ...piece, holds: 'canner' as const };
    }),
  }));
}
