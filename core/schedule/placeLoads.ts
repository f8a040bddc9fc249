import { EPSILON, type Board } from './board.ts';
import type { Job, Piece } from './job.ts';
import { lengthOf, noteWork, timesOf, type Span } from './span.ts';

/**
 * How long each segment of a batch is put off at the least from when it could begin, and after those
 * each of its loads from when the jars are full, min; never longer than it may wait.
 */
export type PutOff = readonly number[];

/** A load at its time, and from when its canner heats. */
export type FoundLoad = {
  readonly from: number;
  readonly thing: number;
  readonly heatsFrom: number;
};

/** A load of a batch, and until when it is in its canner. */
export type InCanner = FoundLoad & { readonly to: number };

/** A canner that was emptied so lately is still hot, min. Judgement. */
export const STAYS_HOT_MIN = 25;
/** It is looked at again so much later at the least, min. */
export const LEAST_STEP_MIN = 0.25;
/** Where a later load would wait too long, the jars are filled so much later, min. */
const LATER_MIN = 5;

/**
 * The loads of a batch whose jars are full at a moment; or when they may be full at the earliest,
 * where these would wait too long.
 * @param inIt loads of it that are in a canner already
 */
export function loadsAfter(
  board: Board,
  { segments, loads, heatsMin, jarsWaitMin }: Job,
  canners: number,
  fullAt: number,
  besides: readonly Span[],
  putOff: PutOff,
  owner: number,
  inIt: readonly InCanner[],
): readonly FoundLoad[] | { readonly next: number } {
  const own: InCanner[] = [...inIt];
  const work: Span[] = [...besides];
  for (const [nth, { pieces }] of loads.entries()) {
    const length = lengthOf(pieces);
    const isFirst = nth === 0;
    const latest = isFirst ? fullAt : fullAt + jarsWaitMin;
    let placed: FoundLoad | null = null;
    const later = isFirst ? 0 : Math.min(putOff[segments.length + nth] ?? 0, jarsWaitMin);
    for (const from of startsOf(board, own, fullAt + later, latest)) {
      const canner = ownCanner(board, own, canners, from, from + length, heatsMin);
      if (canner === null) continue;
      const busy = handsFor(board, pieces, from, work, owner);
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
  return own.slice(inIt.length);
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
    : [fullAt, ...own.map(({ to }) => to), ...board.moments(fullAt, latest)]
        .filter((at) => at >= fullAt - EPSILON && at <= latest + EPSILON)
        .sort((a, b) => a - b);

/** When hands may be there for pieces at the earliest; null where they are. */
export function handsFor(
  board: Board,
  pieces: readonly Piece[],
  from: number,
  work: readonly Span[],
  owner: number,
): number | null {
  for (const [index, span] of timesOf(pieces, from).entries()) {
    if (pieces[index]?.hands !== true) continue;
    const next = board.handsBlockedUntil(...span, work, owner);
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
      const next = blocked ?? (last ?? board.from) + heatsMin;
      at = Math.max(next, at + LEAST_STEP_MIN);
    }
    first = Math.min(first, at);
  }
  return first;
}

/** A canner that is free of other batches and of this one’s other loads. */
function ownCanner(
  board: Board,
  own: readonly InCanner[],
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
  return heatsFrom >= board.from - EPSILON && board.isFree('canner', thing, heatsFrom, to)
    ? { thing, heatsFrom }
    : null;
};
