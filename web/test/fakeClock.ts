import type { Clock } from '../api/clock.ts';

/** Lets everything that is under way get as far as it can without time going on. */
export const settled = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** A clock that is set by hand. */
export class FakeClock implements Clock {
  private ms = Date.UTC(2026, 8, 1);
  private readonly timers = new Set<{ readonly at: number; readonly act: () => void }>();

  /** What the wall’s clock was set by, ms. */
  private setBy = 0;

  now = (): number => this.ms + this.setBy;

  steady = (): number => this.ms;

  /** Somebody sets the wall’s clock forward, or back. */
  setWall(ms: number): void {
    this.setBy += ms;
  }

  after = (ms: number, act: () => void): (() => void) => {
    const timer = { at: this.ms + Math.max(0, ms), act };
    this.timers.add(timer);
    return () => this.timers.delete(timer);
  };

  /** How many things wait for their time. */
  get waiting(): number {
    return this.timers.size;
  }

  /** An answer after so many ms. */
  sleep = (ms: number): Promise<void> => new Promise((resolve) => this.after(ms, resolve));

  /** Lets time go on: what falls due is done in its order, each with all that follows from it. */
  async pass(ms: number): Promise<void> {
    const end = this.ms + ms;
    await settled();
    for (;;) {
      const next = [...this.timers].sort((a, b) => a.at - b.at)[0];
      if (next === undefined || next.at > end) break;
      this.timers.delete(next);
      this.ms = Math.max(this.ms, next.at);
      next.act();
      await settled();
    }
    this.ms = end;
  }
}
