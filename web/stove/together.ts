import type { Clock } from '../api/clock.ts';

/** Does something with things that come one by one: with all of a while together. */
export class Together<T> {
  private readonly waiting: T[] = [];
  private callOff: (() => void) | null = null;

  /** @param work is given what has come, in its order; never nothing */
  constructor(
    private readonly clock: Clock,
    private readonly work: (all: readonly T[]) => void,
  ) {}

  /** Adds things; the first of a while begins it, ms. */
  add(things: readonly T[], withinMs: number): void {
    if (things.length === 0) return;
    this.waiting.push(...things);
    this.callOff ??= this.clock.after(withinMs, () => this.now());
  }

  /** Does it at once with what has come; nothing where nothing has. */
  now(): void {
    this.callOff?.();
    this.callOff = null;
    const all = this.waiting.splice(0);
    if (all.length > 0) this.work(all);
  }
}
