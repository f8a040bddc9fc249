import {
  batchProgress,
  type BatchProgress,
  type BegunCook,
  type DayTick,
} from './batchProgress.ts';
import { dayOf, type Day, type DayActId } from './day.ts';
import type { DayBatch, DayRequest } from './dayRequest.ts';
import type { Job, Things } from './job.ts';
import { rowsOf, type PlacedAct } from './place.ts';
import { remainingJob } from './remainingJob.ts';
import { isBetter, personsOf, schedule, scheduleInOrder, type Schedule } from './solve.ts';
import { firstHands, whoDoes } from './whoDoes.ts';

/** A batch of a day that is under way: what was ticked of it, and its cook. */
export type LiveBatch = DayBatch & {
  readonly ticks: readonly DayTick[];
  readonly cook: BegunCook | null;
};

/** A day that is under way, at a moment. */
export type LiveDayRequest = Omit<DayRequest, 'batches'> & {
  readonly batches: readonly LiveBatch[];
  readonly nowMs: number;
};

/** Something of a day that is over, and when it was done. */
export type DoneAct = {
  readonly of: number;
  readonly act: DayActId;
  readonly load: number | null;
  readonly startMs: number;
  readonly endMs: number;
};

/** A day that is under way: what is over, and the rest as it is planned from now on. */
export type LiveDay = Day & {
  readonly done: readonly DoneAct[];
  /** Batches that are over for this day, by their place in the list. */
  readonly over: readonly number[];
  /** Batches that were begun, by their place in the list. */
  readonly begun: readonly number[];
  /** Minutes by which all is over later than was planned; below 0 for sooner. */
  readonly lateMin: number;
};

const MIN_MS = 60_000;
/** The order of a day is kept unless so much is won, min: nobody likes a sheet that changes all the time. */
const WORTH_A_CHANGE_MIN = 5;
/** A day that is over so much later than planned is looked at for a better order, min. */
const LATE_MIN = 10;

/** A sheet is looked at all the time: its order is searched for as long as nobody waits. */
const MOST_WAYS = 250;
/** Ways over the square of the batches: each takes as much longer. */
const WAYS = 6000;
/** Ways that are tried of a change which may make a day come out. */
const WAYS_OF_A_CHANGE = 12;

/** The first plan of a day that is followed: it is the same however the day goes. */
export const firstPlan = (jobs: readonly Job[], things: Things): Schedule =>
  schedule(jobs, things, Math.min(MOST_WAYS, Math.ceil(WAYS / Math.max(1, jobs.length) ** 2)));

/**
 * A day as it stands: what its cooks and its ticks tell is over, the rest is planned anew from now
 * on. It keeps to its order, unless a batch would spoil or be left out, or another saves minutes.
 * @param planned its batches as they are scheduled, and with what
 * @param base their first plan
 */
export function liveDayOf(
  request: LiveDayRequest,
  { jobs, things }: { readonly jobs: readonly Job[]; readonly things: Things },
  base: Schedule = firstPlan(jobs, things),
): LiveDay {
  const minuteOf = (ms: number) => (ms - request.fromMs) / MIN_MS;
  const progress = jobs.map((job, index) => progressOf(job, request.batches[index] as LiveBatch));
  const isBegun = progress.some(({ over }) => over.length > 0);
  const nowMin = minuteOf(request.nowMs);
  // A day that nobody began stands as it was planned; it slides once its beginning is past.
  if (!isBegun && nowMin <= 0)
    return {
      ...dayOf(request, jobs, things, base, { ways: WAYS_OF_A_CHANGE }),
      done: [],
      over: [],
      begun: [],
      lateMin: 0,
    };
  const now = Math.max(0, nowMin);
  const left = jobs.flatMap((job, index) => {
    const rest = remainingJob(job, progress[index] as BatchProgress, now, minuteOf);
    return rest === null ? [] : [{ index, rest }];
  });
  const rests = left.map(({ rest }) => rest);
  const here = { ...things, from: now };
  const kept = scheduleInOrder(rests, here, orderKept(left, jobs, base));
  const isFine =
    kept.left.length === 0 && kept.spoiled <= 0 && kept.finish <= base.finish + LATE_MIN;
  const other = isFine ? kept : firstPlan(rests, here);
  const isWorthIt = isBetter(other, kept) && winsEnough(other, kept);
  const found = isWorthIt ? other : kept;
  const had = firstHands(base.acts, whoDoes(base.acts, things.people, personsOf(jobs)));
  const usual = new Map(
    left.flatMap(({ index }, nth) => (had.has(index) ? [[nth, had.get(index) as number]] : [])),
  );
  const batches = left.map(({ index }) => request.batches[index] as LiveBatch);
  const day = dayOf({ ...request, batches }, rests, here, found, {
    usual,
    ways: WAYS_OF_A_CHANGE,
  });
  const ofAll = (of: number) => left[of]?.index ?? of;
  return {
    ...day,
    finishMs: left.length === 0 ? lastOf(progress, request.fromMs) : day.finishMs,
    acts: day.acts.map((act) => ({ ...act, of: ofAll(act.of) })),
    infeasible: day.infeasible && {
      ...day.infeasible,
      wouldDo: day.infeasible.wouldDo.map((change) =>
        change.kind === 'leave out' ? { ...change, of: ofAll(change.of) } : change,
      ),
    },
    done: progress.flatMap((of, index) => doneOf(jobs[index] as Job, of, index)),
    over: progress.flatMap(({ isOver }, index) => (isOver ? [index] : [])),
    begun: progress.flatMap(({ over }, index) => (over.length > 0 ? [index] : [])),
    lateMin: left.length === 0 ? 0 : Math.round(found.finish - base.finish),
  };
}

const winsEnough = (other: Schedule, kept: Schedule): boolean =>
  other.left.length < kept.left.length ||
  other.spoiled < kept.spoiled - 1e-6 ||
  other.finish <= kept.finish - WORTH_A_CHANGE_MIN;

const progressOf = ({ segments }: Job, { formula, ticks, cook }: LiveBatch): BatchProgress =>
  batchProgress(
    formula,
    segments.flatMap(({ pieces }) => pieces.map(({ act }) => act)),
    ticks,
    cook,
  );

const lastOf = (progress: readonly BatchProgress[], fromMs: number): number =>
  Math.max(
    fromMs,
    ...progress.flatMap(({ over, out }) => [...over, ...out].map(({ endMs }) => endMs)),
  );

/** Of which batch a row comes next, as in the first plan; rows that are over are left out. */
function orderKept(
  left: readonly { readonly index: number; readonly rest: Job }[],
  jobs: readonly Job[],
  base: Schedule,
): readonly number[] {
  return left
    .flatMap(({ index, rest }, nth) => {
      const starts = rowStarts(
        jobs[index] as Job,
        base.acts.filter(({ job }) => job === index),
      );
      const rows = rowsOf(rest);
      return Array.from({ length: rows }, (_, row) => ({
        nth,
        at: starts[starts.length - rows + row] ?? Infinity,
      }));
    })
    .sort((a, b) => a.at - b.at || a.nth - b.nth)
    .map(({ nth }) => nth);
}

/** When each row of a batch begins: its segments, and its later loads. */
function rowStarts({ segments }: Job, acts: readonly PlacedAct[]): readonly number[] {
  const own = acts.filter(({ load }) => load === null);
  let before = 0;
  const starts = segments.map(({ pieces }) => {
    const start = own[before]?.from ?? Infinity;
    before += pieces.length;
    return start;
  });
  const loads = acts
    .filter(({ act, load }) => act === 'load' && load !== null && load > 0)
    .map(({ from }) => from);
  return [...starts, ...loads];
}

/** What is over of a batch. */
function doneOf({ segments }: Job, { over, out }: BatchProgress, of: number): readonly DoneAct[] {
  const acts = segments.flatMap(({ pieces }) => pieces.map(({ act }) => act));
  return [
    ...over.map((span, index): DoneAct => {
      const act = acts[index] ?? 'fill';
      return { of, act: act === 'weigh' ? 'prepare' : act, load: null, ...span };
    }),
    ...out.map((span, load): DoneAct => ({ of, act: 'process', load, ...span })),
  ];
}
