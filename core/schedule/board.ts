import type { Things, ThingKind } from './job.ts';

/** Minutes that are shorter than this are none. */
export const EPSILON = 1e-6;

/** From, to, and the batch whose it is. */
type Held = readonly [from: number, to: number, owner: number];
type Span = readonly [from: number, to: number] | Held;

/** Breaks belong to no batch. */
const NO_BATCH = -1;

/** A thing that is free, or when one may be at the earliest. */
export type Free = { readonly thing: number } | { readonly next: number };

/** When everything is held, and whose hands are busy; things are counted from 0. */
export class Board {
  private readonly held: { readonly [kind in ThingKind]: Held[][] };
  private busy: Held[] = [];

  /** @param persons whose hands make a batch, by its place in the list; anybody’s where it has none */
  constructor(
    private readonly things: Things,
    private readonly persons: ReadonlyMap<number, number> = new Map(),
  ) {
    const none = (count: number) => Array.from({ length: count }, (): Held[] => []);
    this.held = {
      burner: none(things.burners),
      'slow cooker': none(things.slowCookers),
      oven: none(things.ovens),
      canner: none(things.canners),
      pot: none(things.pots ?? 0),
      bowl: none(things.bowls ?? 0),
    };
    for (const pause of things.breaks)
      for (let person = 0; person < things.people; person += 1) this.work(pause, NO_BATCH);
  }

  /** Whether there are only so many of a kind. */
  counts(kind: ThingKind): boolean {
    if (kind === 'pot') return this.things.pots !== undefined;
    return kind !== 'bowl' || this.things.bowls !== undefined;
  }

  /** Nothing is begun before this, min. */
  get from(): number {
    return this.things.from ?? 0;
  }

  /** The first thing of a kind that is free for a while; or when one of them may be, later. */
  freeThing(kind: ThingKind, from: number, to: number): Free {
    let next = Infinity;
    for (const [thing, spans] of this.held[kind].entries()) {
      const blocked = blockedUntil(spans, from, to);
      if (blocked === null) return { thing };
      next = Math.min(next, blocked);
    }
    return { next };
  }

  /** Until when one thing is held within a while; null where it is free. */
  blockedUntil(kind: ThingKind, thing: number, from: number, to: number): number | null {
    return blockedUntil(this.held[kind][thing] ?? [], from, to);
  }

  /** Whether one thing is free for a while. */
  isFree(kind: ThingKind, thing: number, from: number, to: number): boolean {
    const spans = this.held[kind][thing];
    return spans !== undefined && blockedUntil(spans, from, to) === null;
  }

  /** When a thing was let go last before a moment; null where it never was held before that. */
  letGoBefore(kind: ThingKind, thing: number, at: number): number | null {
    let last: number | null = null;
    for (const [, to] of this.held[kind][thing] ?? [])
      if (to <= at + EPSILON && (last === null || to > last)) last = to;
    return last;
  }

  /**
   * When one more pair of hands may be free for as long, from a moment on, with some that are wanted
   * besides; null where one is free at once. Of a batch that one person makes, also that person's.
   */
  handsBlockedUntil(
    from: number,
    to: number,
    besides: readonly Span[] = [],
    owner: number = NO_BATCH,
  ): number | null {
    if (to - from <= EPSILON) return null;
    const { people } = this.things;
    if (people === 0) return Infinity;
    const person = this.persons.get(owner);
    if (person !== undefined)
      for (const [start, end, of] of this.busy)
        if (this.persons.get(of) === person && overlaps([start, end], from, to)) return end;
    let count = 0;
    let first = Infinity;
    for (const span of this.busy) {
      if (span[0] >= to - EPSILON) break;
      if (span[1] > from + EPSILON) {
        count += 1;
        if (span[1] < first) first = span[1];
      }
    }
    for (const span of besides)
      if (overlaps(span, from, to)) {
        count += 1;
        if (span[1] < first) first = span[1];
      }
    if (count < people) return null;
    if (people === 1) return first;
    const all = [...this.busy, ...besides].filter((span) => overlaps(span, from, to));
    let next: number | null = null;
    for (const [start] of [[from] as const, ...all]) {
      const at = Math.max(start, from);
      let there = 0;
      let freed = Infinity;
      for (const [begins, ends] of all)
        if (begins <= at + EPSILON && ends > at + EPSILON) {
          there += 1;
          if (ends < freed) freed = ends;
        }
      if (there >= people && (next === null || freed < next)) next = freed;
    }
    return next;
  }

  hold(kind: ThingKind, thing: number, [from, to]: Span, owner: number): void {
    this.held[kind][thing]?.push([from, to, owner]);
  }

  /** Somebody works for a while: spans stand in the order of their beginnings. */
  work([from, to]: Span, owner: number): void {
    if (to - from <= EPSILON) return;
    let at = this.busy.length;
    while (at > 0 && (this.busy[at - 1] as Held)[0] > from) at -= 1;
    this.busy.splice(at, 0, [from, to, owner]);
  }

  /** Lets go of everything that a batch holds, and of the hands that work on it. */
  letGo(owner: number): void {
    for (const things of Object.values(this.held))
      for (const [thing, spans] of things.entries())
        things[thing] = spans.filter((span) => span[2] !== owner);
    this.busy = this.busy.filter((span) => span[2] !== owner);
  }

  /** Moments at which something may become free within a while, in order. */
  moments(from: number, to: number): readonly number[] {
    const within: number[] = [];
    const note = (at: number) => {
      if (at > from + EPSILON && at <= to + EPSILON) within.push(at);
    };
    const noteAll = (spans: readonly Held[]) => {
      for (const [begins, ends] of spans) {
        note(begins);
        note(ends);
      }
    };
    for (const things of Object.values(this.held)) for (const spans of things) noteAll(spans);
    noteAll(this.busy);
    within.sort((a, b) => a - b);
    return within.filter((at, index) => at !== within[index - 1]);
  }
}

const overlaps = ([start, end]: Span, from: number, to: number): boolean =>
  start < to - EPSILON && end > from + EPSILON;

/** Until when something holds it within a while, the last of them; null where nothing does. */
function blockedUntil(spans: readonly Span[], from: number, to: number): number | null {
  let last: number | null = null;
  for (const span of spans)
    if (overlaps(span, from, to) && (last === null || span[1] > last)) last = span[1];
  return last;
}
