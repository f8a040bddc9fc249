import { wallClock, type Clock } from '../api/clock.ts';
import { request, type Send } from '../api/request.ts';
import type { LocalCookStore } from './localCookStore.ts';

const FACT = 'clock offset';
const TRIES = 3;

/**
 * The server’s clock, as well as this device knows it. What is known is kept, so that a device
 * without a network still goes by it.
 */
export class ServerClock {
  /** What the server’s clock is ahead of this device’s, ms. */
  private offsetMs = 0;

  constructor(
    private readonly send: Send = request,
    private readonly clock: Clock = wallClock,
  ) {}

  /** ms since 1970. */
  now = (): number => this.clock.now() + this.offsetMs;

  /** Takes up what was known before this page was loaded. */
  async recall(store: LocalCookStore): Promise<void> {
    const kept = await store.fact(FACT);
    if (typeof kept === 'number') this.offsetMs = kept;
  }

  /**
   * Compares clocks: of some questions the one that was answered fastest tells best. Throws where
   * none is answered.
   */
  async compare(): Promise<void> {
    let best: { readonly tookMs: number; readonly offset: number } | null = null;
    for (let i = 0; i < TRIES; i += 1) {
      const asked = this.clock.now();
      const { now } = await this.send<{ now: number }>('/health/time');
      const answered = this.clock.now();
      const tookMs = answered - asked;
      if (best === null || tookMs < best.tookMs)
        best = { tookMs, offset: now - (asked + answered) / 2 };
    }
    if (best !== null) this.offsetMs = best.offset;
  }

  /** Keeps what is known for the next time this page is loaded. */
  keep = (store: LocalCookStore): Promise<void> => store.keepFact(FACT, this.offsetMs);
}
