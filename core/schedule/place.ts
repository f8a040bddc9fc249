import type { ActId } from '../chain/index.ts';
import { EPSILON, type Board, type Free } from './board.ts';
import {
  HELD_KINDS,
  type HeldKind,
  type Job,
  type Piece,
  type Segment,
  type ThingKind,
} from './job.ts';
import { handsFor, LEAST_STEP_MIN, loadsAfter, type FoundLoad, type PutOff } from './placeLoads.ts';
import { lengthOf, noteWork, timesOf, type Span } from './span.ts';

/** An act at its time; `thing` is which of its kind it holds, from 0. Minutes. */
export type PlacedAct = {
  readonly job: number;
  readonly act: ActId;
  readonly from: number;
  readonly to: number;
  readonly hands: boolean;
  readonly holds: { readonly kind: HeldKind; readonly thing: number } | null;
  /** The pot that it is in, from 0; null where pots are not counted. */
  readonly pot: number | null;
  /** Of a load: the how-manieth, from 0. */
  readonly load: number | null;
};

/** Nothing is looked for later than this after its turn, min: four days. */
const LATEST_MIN = 4 * 24 * 60;

/** What pieces hold of a kind, from the first that does to the last: a pot stays where it is. */
function holdingOf(pieces: readonly Piece[], times: readonly Span[], kind: HeldKind): Span | null {
  const own = times.filter((_, index) => pieces[index]?.holds === kind);
  const [first, last] = [own[0], own.at(-1)];
  return first === undefined || last === undefined ? null : [first[0], last[1]];
}

/** Where a segment stands: when it begins, and which things it holds. */
type Placed = { readonly from: number; readonly things: ReadonlyMap<ThingKind, number> };

/** A segment from a moment on; or when it may go at the earliest, where something is not free. */
function fits(
  board: Board,
  { pieces, potFrom }: Segment,
  from: number,
  besides: readonly Span[],
  owner: number,
  stands: Job['going'] = {},
): Placed | { readonly next: number } {
  const times = timesOf(pieces, from);
  const things = new Map<ThingKind, number>();
  for (const kind of HELD_KINDS) {
    const span = holdingOf(pieces, times, kind);
    if (span === null || !board.counts(kind)) continue;
    const free = freeOf(board, kind, span, stands[kind]);
    if ('next' in free) return { next: from + Math.max(free.next - span[0], EPSILON) };
    things.set(kind, free.thing);
  }
  const inPot = board.counts('pot') ? inPotOf(times, potFrom) : null;
  if (inPot !== null) {
    const free = freeOf(board, 'pot', inPot, stands.pot);
    if ('next' in free) return { next: from + Math.max(free.next - inPot[0], EPSILON) };
    things.set('pot', free.thing);
  }
  const next = handsFor(board, pieces, from, besides, owner);
  return next === null ? { from, things } : { next };
}

/** When a segment is in its pot: from the flame to the last jar filled; null for one that is in none. */
function inPotOf(times: readonly Span[], potFrom: number | undefined): Span | null {
  const [first, last] = [potFrom === undefined ? undefined : times[potFrom], times.at(-1)];
  return first === undefined || last === undefined ? null : [first[0], last[1]];
}

/** What is free of a kind: what it stands on already, before any other. */
const freeOf = (board: Board, kind: ThingKind, span: Span, stands: number | undefined): Free =>
  stands !== undefined && board.isFree(kind, stands, ...span)
    ? { thing: stands }
    : board.freeThing(kind, ...span);

/** How many rows a batch is placed in: its segments, the last with its first load, and later loads. */
export const rowsOf = ({ segments, loads }: Job): number =>
  segments.length + Math.max(0, loads.length - 1);

/** The first rows of a batch, as a batch. */
const upTo = (job: Job, rows: number): Job => ({
  ...job,
  segments: job.segments.slice(0, rows),
  loads: rows < job.segments.length ? [] : job.loads.slice(0, rows - job.segments.length + 1),
});

/**
 * Places the first rows of a batch as early as they go on what is placed already of others, and holds
 * what they need; null where they go nowhere. What was placed of it before is placed anew.
 */
export function place(
  board: Board,
  whole: Job,
  index: number,
  canners: number,
  putOff: PutOff = [],
  rows = rowsOf(whole),
): readonly PlacedAct[] | null {
  board.letGo(index);
  const job = upTo(whole, rows);
  const found = search(board, job, index, canners, putOff, rows >= whole.segments.length);
  if (found === null) return null;
  const acts: PlacedAct[] = [];
  const put = (
    { pieces, potFrom }: Pick<Segment, 'pieces' | 'potFrom'>,
    from: number,
    things: Placed['things'],
    load: number | null,
  ) => {
    const times = timesOf(pieces, from);
    for (const kind of HELD_KINDS) {
      const span = holdingOf(pieces, times, kind);
      const thing = things.get(kind);
      if (span !== null && thing !== undefined) board.hold(kind, thing, span, index);
    }
    const inPot = inPotOf(times, potFrom);
    const pot = things.get('pot') ?? null;
    if (inPot !== null && pot !== null) board.hold('pot', pot, inPot, index);
    for (const [nth, { act, hands, holds }] of pieces.entries()) {
      const [start, end] = times[nth] as Span;
      if (hands) board.work([start, end], index);
      const thing = holds === null ? undefined : things.get(holds);
      acts.push({
        job: index,
        act,
        from: start,
        to: end,
        hands,
        holds: holds === null || thing === undefined ? null : { kind: holds, thing },
        pot: potFrom !== undefined && nth >= potFrom ? pot : null,
        load,
      });
    }
  };
  for (const [nth, { from, things }] of found.segments.entries())
    put(job.segments[nth] ?? NOTHING, from, things, null);
  for (const [nth, { from, thing, heatsFrom }] of found.loads.entries()) {
    if (heatsFrom < from - EPSILON) {
      board.hold('canner', thing, [heatsFrom, from], index);
      acts.push({
        job: index,
        act: 'heat-canner',
        from: heatsFrom,
        to: from,
        hands: false,
        holds: { kind: 'canner', thing },
        pot: null,
        load: nth,
      });
    }
    put(job.loads[nth] ?? NOTHING, from, new Map([['canner', thing]]), nth);
  }
  return acts.sort((a, b) => a.from - b.from || a.to - b.to);
}

const NOTHING = { pieces: [] };

type Found = { readonly segments: readonly Placed[]; readonly loads: readonly FoundLoad[] };

/**
 * The earliest places of a batch: each segment as early as it goes after the one before. Where that
 * is later than it may wait, the one before is put off by as much, and so on back to the first: no
 * segment could stand earlier than it does in the end.
 */
function search(
  board: Board,
  job: Job,
  index: number,
  canners: number,
  putOff: PutOff,
  isFilled: boolean,
): Found | null {
  const { segments } = job;
  const placed: Placed[] = [];
  const notBefore: number[] = segments.map(() => -Infinity);
  let loads: readonly FoundLoad[] = [];
  while (placed.length < segments.length) {
    const nth = placed.length;
    const segment = segments[nth] as Segment;
    const length = lengthOf(segment.pieces);
    const before = nth === 0 ? null : (segments[nth - 1] as Segment);
    const beforeLength = before === null ? 0 : lengthOf(before.pieces);
    const could = before === null ? job.readyMin : (placed[nth - 1] as Placed).from + beforeLength;
    const mayWait = before?.mayWaitMin ?? Infinity;
    const later = Math.min(putOff[nth] ?? 0, mayWait);
    const from = Math.max(could + later, notBefore[nth] ?? 0);
    const work = workOf(segments, placed);
    const stands = nth === 0 ? job.going : undefined;
    const found = earliest(board, segment, from, { work, index, stands }, (at) => {
      if (!isFilled || nth < segments.length - 1) return null;
      const own = [...work];
      const start = at.from;
      noteWork(segment.pieces, start, own);
      const thing = at.things.get('canner');
      const inIt =
        thing === undefined ? [] : [{ from: start, heatsFrom: start, thing, to: start + length }];
      const after = loadsAfter(board, job, canners, start + length, own, putOff, index, inIt);
      if ('next' in after) return after.next - length;
      loads = after;
      return null;
    });
    if (found === null) return null;
    if (before === null || found.from <= could + mayWait + EPSILON) placed.push(found);
    else {
      placed.pop();
      notBefore[nth - 1] = found.from - mayWait - beforeLength;
    }
  }
  return { segments: placed, loads };
}

/** When somebody works on the segments that are placed. */
function workOf(segments: readonly Segment[], placed: readonly Placed[]): readonly Span[] {
  const work: Span[] = [];
  for (const [nth, { from }] of placed.entries()) noteWork(segments[nth]?.pieces ?? [], from, work);
  return work;
}

/**
 * The earliest place of a segment from a moment on; null for none within what is looked through.
 * @param notBefore what else stands against a place: when it may be at the earliest; null for nothing
 */
function earliest(
  board: Board,
  segment: Segment,
  from: number,
  of: { readonly work: readonly Span[]; readonly index: number; readonly stands: Job['going'] },
  notBefore: (placed: Placed) => number | null,
): Placed | null {
  for (let start = from; start <= from + LATEST_MIN;) {
    const placed = fits(board, segment, start, of.work, of.index, of.stands);
    const next = 'next' in placed ? placed.next : notBefore(placed);
    if (next === null && !('next' in placed)) return placed;
    if (next === null || !Number.isFinite(next)) return null;
    start = Math.max(next, start + LEAST_STEP_MIN);
  }
  return null;
}
