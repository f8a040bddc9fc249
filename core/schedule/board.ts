import type { HeldKind, Things } from './job.ts';

/** Minutes that are shorter than this are none. */
export const EPSILON = 1e-6;

type Span = readonly [from: number, to: number];

/** A thing that is free, or when one may be at the earliest. */
export type Free = { readonly thing: number } | { readonly next: number };

/** When everything is held, and whose hands are busy; things are counted from 0. */
export class Board {
  private readonly held: { readonly [kind in HeldKind]: readonly Span[][] };
  private readonly busy: Span[] = [];

  constructor(private readonly things: Things) {
    const none = (count: number) => Array.from({ length: count }, (): Span[] => []);
    this.held = {
      burner: none(things.burners),
      'slow cooker': none(things.slowCookers),
      oven: none(things.ovens),
      canner: none(things.canners),
    };
  }

  /** The first thing of a kind that is free for a while; or when one of them may be, later. */
  freeThing(kind: HeldKind, from: number, to: number): Free {
    let next = Infinity;
    for (const [thing, spans] of this.held[kind].entries()) {
      const blocked = blockedUntil(spans, from, to);
      if (blocked === null) return { thing };
      next = Math.min(next, blocked);
    }
    return { next };
  }

  /** Until when one thing is held within a while; null where it is free. */
  blockedUntil(kind: HeldKind, thing: number, from: number, to: number): number | null {
    return blockedUntil(this.held[kind][thing] ?? [], from, to);
  }

  /** Whether one thing is free for a while. */
  isFree(kind: HeldKind, thing: number, from: number, to: number): boolean {
    const spans = this.held[kind][thing];
    return spans !== undefined && blockedUntil(spans, from, to) === null;
  }

  /** When a thing was let go last before a moment; null where it never was held before that. */
  letGoBefore(kind: HeldKind, thing: number, at: number): number | null {
    let last: number | null = null;
    for (const [, to] of this.held[kind][thing] ?? [])
      if (to <= at + EPSILON && (last === null || to > last)) last = to;
    return last;
  }

  /**
   * When one more pair of hands may be free for as long, from a moment on, with some that are wanted
   * besides; null where one is free at once.
   */
  handsBlockedUntil(from: number, to: number, besides: readonly Span[] = []): number | null {
    if (to - from <= EPSILON) return null;
    const all: Span[] = [];
    for (const span of this.busy) if (overlaps(span, from, to)) all.push(span);
    for (const span of besides) if (overlaps(span, from, to)) all.push(span);
    if (all.length < this.things.people) return null;
    let next: number | null = null;
    for (const at of [from, ...all.map(([start]) => Math.max(start, from))]) {
      const there = all.filter(([start, end]) => start <= at + EPSILON && end > at + EPSILON);
      if (there.length < this.things.people) continue;
      const freed = Math.min(...there.map(([, end]) => end));
      next = next === null ? freed : Math.min(next, freed);
    }
    return this.things.people === 0 ? Infinity : next;
  }

  hold(kind: HeldKind, thing: number, from: number, to: number): void {
    this.held[kind][thing]?.push([from, to]);
  }

  work(from: number, to: number): void {
    if (to - from > EPSILON) this.busy.push([from, to]);
  }

  /** Moments at which something may become free, from one on, in order. */
  moments(from: number): readonly number[] {
    const ends = [
      ...Object.values(this.held).flatMap((things) => things.flat()),
      ...this.busy,
    ].flatMap(([start, to]) => [start, to]);
    return [...new Set(ends)].filter((at) => at > from + EPSILON).sort((a, b) => a - b);
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
