import { message } from '@idle-kettle/words';
import { COOL_MIN, type ActId } from '../chain/index.ts';
import { evaluatedPlan, type Fault, type Plan } from '../plan/index.ts';
import { handsOfDay } from './crew.ts';
import type { DayRequest } from './dayRequest.ts';
import type { Job, Things } from './job.ts';
import { jobOfPlan } from './jobOfPlan.ts';
import type { PlacedAct } from './place.ts';
import { shortOf, type Short } from './short.ts';
import { LEAST_WAYS, personsOf, schedule, type Schedule } from './solve.ts';
import { whoDoes } from './whoDoes.ts';

/** What an act of a day is called: as in the chain, and the weighing of what goes in. */
export type DayActId = ActId | 'prepare';

/** An act of a day, at its time. */
export type DayAct = {
  readonly batch: string;
  /** Which batch of the request, from 0. */
  readonly of: number;
  readonly act: DayActId;
  readonly startMs: number;
  readonly endMs: number;
  /** Whether it wants somebody all the time. */
  readonly hands: boolean;
  /** What it holds: `burner 1`. */
  readonly holds: readonly string[];
  /** The pot that it is in, from 0; null where pots are not counted. */
  readonly pot: number | null;
  /** Who does it, from 0; null for nobody in particular. */
  readonly person: number | null;
  /** Of a load of jars: the how-manieth, from 0. */
  readonly load: number | null;
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
/** The batches of a day as they are scheduled, and with what; or what is wrong with a formula. */
export type DayJobs =
  | {
      readonly ok: true;
      readonly jobs: readonly Job[];
      /** The plan of each batch. */
      readonly plans: readonly Plan[];
      readonly things: Things;
    }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Plans each batch of a day by its own chain. */
export function jobsOfDay(request: DayRequest): DayJobs {
  const jobs: Job[] = [];
  const plans: Plan[] = [];
  const faults: Fault[] = [];
  for (const [index, batch] of request.batches.entries()) {
    const outcome = evaluatedPlan({ ...batch.formula, draws: DRAWS });
    const field = `batches[${index}].formula`;
    if (outcome.ok && outcome.worked.boil === null)
      faults.push({ field: `${field}.lines`, message: message('problems.fruitAndWaterEnough') });
    else if (outcome.ok) {
      jobs.push(jobOfPlan(batch, outcome.plan, request));
      plans.push(outcome.plan);
    } else
      faults.push(
        ...outcome.faults.map((fault) => ({
          ...fault,
          field: `${field}.${fault.field}`,
        })),
      );
  }
  return faults.length > 0
    ? { ok: false, faults }
    : { ok: true, jobs, plans, things: thingsOf(request) };
}

/**
 * Plans a day: every batch by its own chain, its minutes as they are likely with slack for what may
 * take longer, each on things that are free and hands that are there.
 */
export function planDay(request: DayRequest): DayOutcome {
  const planned = jobsOfDay(request);
  if (!planned.ok) return planned;
  const { jobs, things } = planned;
  return { ok: true, day: dayOf(request, jobs, things, schedule(jobs, things)) };
}

/** What is known of a day besides its schedule. */
export type DayTold = {
  /** Who had a batch so far, by its place in the list. */
  readonly usual?: ReadonlyMap<number, number>;
  /** How many ways are tried of a change that may make it come out. */
  readonly ways?: number;
};

/**
 * A schedule as a day: its acts at their times, who does them, and what is short.
 */
export function dayOf(
  request: DayRequest,
  jobs: readonly Job[],
  things: Things,
  found: Schedule,
  { usual = new Map(), ways = LEAST_WAYS }: DayTold = {},
): Day {
  const finishBy =
    request.finishByMs === null ? Infinity : (request.finishByMs - request.fromMs) / MIN_MS;
  const start = Math.min(...jobs.map(({ readyMin }) => readyMin), 0);
  const who = whoDoes(found.acts, things.people, personsOf(jobs), usual);
  return {
    acts: [
      ...found.acts.map((act, index) => dayAct(act, who[index] ?? null, request)),
      ...coolingOf(found.acts, request),
    ].sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs),
    finishMs: request.fromMs + Math.round(found.finish * MIN_MS),
    infeasible: shortOf(jobs, things, finishBy, found, ways),
    gap:
      found.finish <= start
        ? 0
        : Math.max(0, (found.finish - found.bound) / (found.finish - start)),
  };
}

/** Few draws tell the range of minutes well enough. */
const DRAWS = 200;

const thingsOf = (request: DayRequest): Things => {
  const { fromMs, burners, slowCookers, canners, pots, bowls, breaks } = request;
  return {
    people: handsOfDay(request).teams,
    burners,
    slowCookers,
    ovens: 1,
    canners: canners.length,
    ...(pots == null ? {} : { pots }),
    ...(bowls == null ? {} : { bowls }),
    breaks: breaks.map((one) => [(one.fromMs - fromMs) / MIN_MS, (one.toMs - fromMs) / MIN_MS]),
  };
};

function dayAct(
  { job, act, from, to, hands, holds, pot, load }: PlacedAct,
  person: number | null,
  { fromMs, batches }: DayRequest,
): DayAct {
  const at = (minute: number) => fromMs + Math.round(minute * MIN_MS);
  return {
    batch: batches[job]?.name ?? '',
    of: job,
    act: act === 'weigh' ? 'prepare' : act,
    startMs: at(from),
    endMs: at(to),
    hands,
    holds: holds === null ? [] : [`${holds.kind} ${holds.thing + 1}`],
    pot,
    person,
    load,
  };
}

/** Jars cool by themselves from when the last of a batch is out. */
function coolingOf(acts: readonly PlacedAct[], { fromMs, batches }: DayRequest): readonly DayAct[] {
  return batches.flatMap(({ name }, job): readonly DayAct[] => {
    const outs = acts.filter((act) => act.job === job && act.act === 'out');
    if (outs.length === 0) return [];
    const startMs = fromMs + Math.round(Math.max(...outs.map(({ to }) => to)) * MIN_MS);
    const endMs = startMs + COOL_MIN * MIN_MS;
    return [
      {
        batch: name,
        of: job,
        act: 'cool',
        startMs,
        endMs,
        hands: false,
        holds: [],
        pot: null,
        person: null,
        load: null,
      },
    ];
  });
}
