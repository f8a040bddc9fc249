import type { ActId } from '../chain/index.ts';
import { EPSILON, type Board } from './board.ts';
import { HELD_KINDS, type HeldKind, type Job, type Piece, type Segment } from './job.ts';

/** An act at its time; `thing` is which of its kind it holds, from 0. Minutes. */
export type PlacedAct = {
  readonly job: number;
  readonly act: ActId;
  readonly from: number;
  readonly to: number;
  readonly hands: boolean;
  readonly holds: { readonly kind: HeldKind; readonly thing: number } | null;
  /** Of a load: the how-manieth, from 0. */
  readonly load: number | null;
};

/** A canner that was emptied so lately is still hot, min. Judgement. */
const STAYS_HOT_MIN = 25;
/** Nothing is looked for later than this after its turn, min: four days. */
const LATEST_MIN = 4 * 24 * 60;

const lengthOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((sum, { minutes }) => sum + minutes, 0);

type Span = readonly [from: number, to: number];

/** Pieces from a moment on: when each begins and ends. */
const timesOf = (pieces: readonly Piece[], from: number): readonly Span[] => {
  let at = from;
  return pieces.map(({ minutes }) => {
    const span: Span = [at, at + minutes];
    at += minutes;
    return span;
  });
};

/** What pieces hold of a kind, from the first that does to the last: a pot stays where it is. */
function holdingOf(pieces: readonly Piece[], times: readonly Span[], kind: HeldKind): Span | null {
  const own = times.filter((_, index) => pieces[index]?.holds === kind);
  const [first, last] = [own[0], own.at(-1)];
  return first === undefined || last === undefined ? null : [first[0], last[1]];
}

/** Where a segment stands: when it begins, and which things it holds. */
type Placed = { readonly from: number; readonly things: ReadonlyMap<HeldKind, number> };

/** A segment from a moment on; or when it may go at the earliest, where something is not free. */
function fits(
  board: Board,
  pieces: readonly Piece[],
  from: number,
  besides: readonly Span[],
): Placed | { readonly next: number } {
  const times = timesOf(pieces, from);
  const things = new Map<HeldKind, number>();
  for (const kind of HELD_KINDS) {
    const span = holdingOf(pieces, times, kind);
    if (span === null) continue;
    const free = board.freeThing(kind, ...span);
    if ('next' in free) return { next: from + Math.max(free.next - span[0], EPSILON) };
    things.set(kind, free.thing);
  }
  for (const [index, { hands }] of pieces.entries()) {
    const span = times[index];
    if (!hands || span === undefined) continue;
    const next = board.handsBlockedUntil(...span, besides);
    if (next !== null) return { next: from + Math.max(next - span[0], EPSILON) };
  }
  return { from, things };
}

/**
 * Places a batch as early as it goes on what is placed already, and holds what it needs; null where
 * it goes nowhere.
 */
export function place(
  board: Board,
  job: Job,
  index: number,
  canners: number,
): readonly PlacedAct[] | null {
  const found = search(board, job, canners);
  if (found === null) return null;
  const acts: PlacedAct[] = [];
  const put = (
    pieces: readonly Piece[],
    from: number,
    things: Placed['things'],
    load: number | null,
  ) => {
    const times = timesOf(pieces, from);
    for (const kind of HELD_KINDS) {
      const span = holdingOf(pieces, times, kind);
      const thing = things.get(kind);
      if (span !== null && thing !== undefined) board.hold(kind, thing, ...span);
    }
    for (const [nth, { act, hands, holds }] of pieces.entries()) {
      const [start, end] = times[nth] as Span;
      if (hands) board.work(start, end);
      const thing = holds === null ? undefined : things.get(holds);
      acts.push({
        job: index,
        act,
        from: start,
        to: end,
        hands,
        holds: holds === null || thing === undefined ? null : { kind: holds, thing },
        load,
      });
    }
  };
  for (const [nth, { from, things }] of found.segments.entries())
    put(job.segments[nth]?.pieces ?? [], from, things, null);
  for (const [nth, { from, thing, heatsFrom }] of found.loads.entries()) {
    if (heatsFrom < from - EPSILON) {
      board.hold('canner', thing, heatsFrom, from);
      acts.push({
        job: index,
        act: 'heat-canner',
        from: heatsFrom,
        to: from,
        hands: false,
        holds: { kind: 'canner', thing },
        load: nth,
      });
    }
    put(job.loads[nth]?.pieces ?? [], from, new Map([['canner', thing]]), nth);
  }
  return acts.sort((a, b) => a.from - b.from || a.to - b.to);
}

type FoundLoad = { readonly from: number; readonly thing: number; readonly heatsFrom: number };
type Found = { readonly segments: readonly Placed[]; readonly loads: readonly FoundLoad[] };

/**
 * The earliest places of a batch: each segment as early as it goes after the one before; where that
 * is later than it may wait, what is before is put off, and it is tried again.
 */
function search(board: Board, job: Job, canners: number): Found | null {
  let begin = job.readyMin;
  while (begin <= job.readyMin + LATEST_MIN) {
    const tried = tryFrom(board, job, canners, begin);
    if (!('retryAt' in tried)) return tried;
    // Always later than before, so that it ends.
    const next = Math.max(tried.retryAt, begin + 0.5);
    begin = next;
  }
  return null;
}

function tryFrom(
  board: Board,
  job: Job,
  canners: number,
  begin: number,
): Found | { readonly retryAt: number } {
  const segments: Placed[] = [];
  const work: Span[] = [];
  let at = begin;
  let mayWait = Infinity;
  let loads: readonly FoundLoad[] = [];
  for (const segment of job.segments) {
    const isLast = segments.length === job.segments.length - 1;
    const length = lengthOf(segment.pieces);
    const placed = earliest(board, segment, at, work, (from) => {
      if (!isLast) return null;
      const after = loadsAfter(board, job, canners, from + length, work);
      if ('next' in after) return after.next - length;
      loads = after;
      return null;
    });
    if (placed === null) return { retryAt: Infinity };
    // What would go later than it may wait: all before it is put off by as much.
    if (placed.from > at + mayWait + EPSILON)
      return { retryAt: begin + (placed.from - at - mayWait) };
    segments.push(placed);
    noteWork(segment.pieces, placed.from, work);
    at = placed.from + length;
    mayWait = segment.mayWaitMin;
  }
  return { segments, loads };
}

const noteWork = (pieces: readonly Piece[], from: number, work: Span[]): void => {
  for (const [nth, span] of timesOf(pieces, from).entries())
    if (pieces[nth]?.hands === true) work.push(span);
};

/**
 * The earliest place of a segment from a moment on; null for none within what is looked through.
 * @param notBefore what else stands against a moment: from when it may not; null for nothing
 */
function earliest(
  board: Board,
  { pieces }: Segment,
  from: number,
  besides: readonly Span[],
  notBefore: (from: number) => number | null,
): Placed | null {
  for (let start = from; start <= from + LATEST_MIN;) {
    const placed = fits(board, pieces, start, besides);
    const next = 'next' in placed ? placed.next : notBefore(start);
    if (next === null && !('next' in placed)) return placed;
    if (next === null || !Number.isFinite(next)) return null;
    start = Math.max(next, start + LEAST_STEP_MIN);
  }
  return null;
}

/** It is looked at again so much later at the least, min. */
const LEAST_STEP_MIN = 0.25;
/** Where a later load would wait too long, the jars are filled so much later, min. */
const LATER_MIN = 5;

/**
 * The loads of a batch whose jars are full at a moment; or when they may be full at the earliest,
 * where these would wait too long.
 */
function loadsAfter(
  board: Board,
  { loads, heatsMin, jarsWaitMin }: Job,
  canners: number,
  fullAt: number,
  besides: readonly Span[],
): readonly FoundLoad[] | { readonly next: number } {
  const own: (FoundLoad & { readonly to: number })[] = [];
  const work: Span[] = [...besides];
  for (const [nth, { pieces }] of loads.entries()) {
    const length = lengthOf(pieces);
    const isFirst = nth === 0;
    const latest = isFirst ? fullAt : fullAt + jarsWaitMin;
    let placed: FoundLoad | null = null;
    for (const from of startsOf(board, own, fullAt, latest)) {
      const canner = ownCanner(board, own, canners, from, from + length, heatsMin);
      if (canner === null) continue;
      const busy = handsFor(board, pieces, from, work);
      if (busy !== null) {
        if (isFirst) return { next: busy };
        continue;
      }
      placed = { from, ...canner };
      break;
    }
    if (placed === null)
      return {
        next: isFirst ? cannerFrom(board, canners, fullAt, length, heatsMin) : fullAt + LATER_MIN,
      };
    own.push({ ...placed, to: placed.from + length });
    noteWork(pieces, placed.from, work);
  }
  return own;
}

/** When a load may begin: as the jars are full, as another of theirs is out, as something is free. */
const startsOf = (
  board: Board,
  own: readonly { readonly to: number }[],
  fullAt: number,
  latest: number,
): readonly number[] =>
  latest <= fullAt
    ? [fullAt]
    : [fullAt, ...own.map(({ to }) => to), ...board.moments(fullAt)]
        .filter((at) => at >= fullAt - EPSILON && at <= latest + EPSILON)
        .sort((a, b) => a - b);

/** When hands may be there for a load at the earliest; null where they are. */
function handsFor(
  board: Board,
  pieces: readonly Piece[],
  from: number,
  work: readonly Span[],
): number | null {
  for (const [index, span] of timesOf(pieces, from).entries()) {
    if (pieces[index]?.hands !== true) continue;
    const next = board.handsBlockedUntil(...span, work);
    if (next !== null) return from + Math.max(next - span[0], EPSILON);
  }
  return null;
}

/** When a canner may take a first load at the earliest, from a moment on. */
function cannerFrom(
  board: Board,
  canners: number,
  from: number,
  length: number,
  heatsMin: number,
): number {
  let first = Infinity;
  for (let thing = 0; thing < canners; thing += 1) {
    let at = from;
    while (at < first && cannerOf(board, thing, at, at + length, heatsMin) === null) {
      const blocked = board.blockedUntil('canner', thing, at, at + length);
      const last = board.letGoBefore('canner', thing, at);
      // Held: when it is let go. Else it has no time to heat: so long after it was let go last.
      const next = blocked ?? (last ?? 0) + heatsMin;
      at = Math.max(next, at + LEAST_STEP_MIN);
    }
    first = Math.min(first, at);
  }
  return first;
}

/** A canner that is free of other batches and of this one’s other loads. */
function ownCanner(
  board: Board,
  own: readonly (FoundLoad & { readonly to: number })[],
  canners: number,
  from: number,
  to: number,
  heatsMin: number,
): { readonly thing: number; readonly heatsFrom: number } | null {
  for (let thing = 0; thing < canners; thing += 1) {
    const before = own.filter((load) => load.thing === thing);
    if (before.some((load) => load.heatsFrom < to - EPSILON && load.to > from + EPSILON)) continue;
    const last = Math.max(
      -Infinity,
      ...before.flatMap((load) => (load.to <= from + EPSILON ? [load.to] : [])),
    );
    if (from - last <= STAYS_HOT_MIN) {
      if (board.isFree('canner', thing, last, to)) return { thing, heatsFrom: last };
      continue;
    }
    if (from - last < heatsMin) continue;
    const other = cannerOf(board, thing, from, to, heatsMin);
    if (other !== null) return other;
  }
  return null;
}

/** One canner for a while: hot still from the load before, or heated first; null where it is not free. */
const cannerOf = (board: Board, thing: number, from: number, to: number, heatsMin: number) => {
  if (!board.isFree('canner', thing, from, to)) return null;
  const last = board.letGoBefore('canner', thing, from);
  const heatsFrom = last !== null && from - last <= STAYS_HOT_MIN ? last : from - heatsMin;
  return heatsFrom >= -EPSILON && board.isFree('canner', thing, heatsFrom, to)
    ? { thing, heatsFrom }
    : null;
};
