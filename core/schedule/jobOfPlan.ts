import type { ActId } from '../chain/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { loadsOf } from '../jars/index.ts';
import type { Plan, PlanAct } from '../plan/index.ts';
import { HALF_PINT_ML } from '../season/index.ts';
import { handsOfDay } from './crew.ts';
import type { DayBatch, DayRequest } from './dayRequest.ts';
import { minutesOfAct, type HandWork } from './handMinutes.ts';
import { HELD_KINDS, type Job, type LoadJob, type Piece, type Segment } from './job.ts';

const MIN_MS = 60_000;
/** Filled jars stay hot for so long before a later load; common practice, as at the jars. */
const JARS_WAIT_MIN = 120;
/** How much of what an act may take longer is planned for, where nothing after it can wait. */
const SLACK = 1;

/** A batch as it is scheduled: its chain up to the filled jars, and its loads. */
export function jobOfPlan(batch: DayBatch, plan: Plan, request: DayRequest): Job {
  const { fromMs, canners } = request;
  const { size } = handsOfDay(request);
  const work: HandWork = { ...workOf(plan, size), taught: request.handMinutes ?? null };
  const minuteOf = (ms: number | null) => (ms === null ? null : (ms - fromMs) / MIN_MS);
  const end = plan.acts.findIndex(({ id }) => id === 'load' || id === 'chill');
  const before = end < 0 ? plan.acts : plan.acts.slice(0, end);
  return {
    name: batch.name,
    readyMin: Math.max(0, minuteOf(batch.readyMs) ?? 0),
    keepsUntilMin: minuteOf(batch.keepsUntilMs),
    segments: segmentsOf(before, work),
    loads: plan.process.method === 'none' ? [] : loadsOfPlan(plan, batch.formula, canners, size),
    heatsMin: plan.canner?.ready.p50 ?? 0,
    jarsWaitMin: JARS_WAIT_MIN,
    ...(batch.person == null ? {} : { person: batch.person }),
  };
}

/** How much fruit is prepared, and how many jars are filled where it goes well. */
function workOf({ lines, before, yield: jars }: Plan, size: number): HandWork {
  const fruitG = [...lines, ...(before?.lines ?? [])].reduce(
    (sum, { ingredient, form, massG = 0 }) => {
      const isFruit = ingredient !== undefined && findIngredient(ingredient)?.kind === 'fruit';
      return isFruit && form !== 'pureed' && form !== 'liquid' ? sum + massG : sum;
    },
    0,
  );
  return { fruitKg: fruitG / 1000, jars: jars?.fullJars.p50 ?? 0, size };
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
  return segments.map((segment) => inPot(segment));
}

/** A batch is in its pot from the flame on; a slow cooker and a roasting pan bring their own. */
function inPot(segment: Segment): Segment {
  const potFrom = segment.pieces.findIndex(({ holds }) => holds === 'burner');
  return potFrom < 0 ? segment : { ...segment, potFrom };
}

function pieceOf(act: PlanAct, work: HandWork): Piece {
  const { p10, p50, p90 } = minutesOfAct(act, work);
  // A clock is kept; what a pot or hands decide may take longer, and nothing after it may be late.
  const minutes = act.by === 'clock' ? p50 : p50 + SLACK * Math.max(0, p90 - p50);
  return {
    act: act.id,
    minutes,
    ...(act.by === 'clock' ? {} : { shortest: Math.min(p10, minutes) }),
    hands: act.hands === 'all the time',
    holds: HELD_KINDS.find((kind) => kind === act.holds) ?? null,
  };
}

/** The loads that the likely jars take, each as one row of acts. */
function loadsOfPlan(
  plan: Plan,
  { jars: sizes }: PlanRequest,
  canners: DayRequest['canners'],
  size: number,
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
      const piece = pieceOf(act, {
        fruitKg: 0,
        jars: Math.ceil(total / Math.max(1, count)),
        size,
      });
      // Jars are lifted out of the canner, which holds them until then.
      return { ...piece, holds: 'canner' as const };
    }),
  }));
}
