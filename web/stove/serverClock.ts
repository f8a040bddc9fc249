import { CLOCKS_AGREE_MS } from '@idle-kettle/core';
import { wallClock, type Clock } from '../api/clock.ts';
import { request, type Send } from '../api/request.ts';
import type { Dated } from './dated.ts';
import type { LocalCookStore } from './localCookStore.ts';

const FACT = 'clock offset';
const TRIES = 3;
/** Between two comparisons because the clocks of this device do not agree, ms. */
const DOUBTED_EVERY_MS = 5000;

/**
 * The server’s clock, as well as this device knows it. It runs by what is steady: minutes in a canner
 * are minutes that have passed, whatever somebody sets the wall’s clock to. Where the two clocks of
 * the device no longer agree, it was set or it slept, and the server is asked. What is known is
 * kept, so that a device without a network still goes by it.
 */
export class ServerClock {
  private readonly page = crypto.randomUUID();
  /** The same moment by the server’s clock, and by both of this device’s. */
  private known: { readonly server: number; readonly wall: number; readonly steady: number };
  /** What it was put right by since this page was loaded, ms. */
  private putRightMs = 0;
  private doubtedAt = -Infinity;

  constructor(
    private readonly send: Send = request,
    private readonly clock: Clock = wallClock,
  ) {
    const [wall, steady] = [clock.now(), clock.steady()];
    this.known = { server: wall, wall, steady };
  }

  /** ms since 1970. */
  now = (): number => {
    const passed = this.clock.steady() - this.known.steady;
    const byTheWall = this.clock.now() - this.known.wall;
    if (Math.abs(byTheWall - passed) > CLOCKS_AGREE_MS) this.doubt();
    return this.known.server + passed;
  };

  /** By what something is dated that happens now. */
  get dated(): Dated {
    return { page: this.page, putRightMs: this.putRightMs };
  }

  /**
   * What this clock would show now if it had not been put right since something was dated; null for
   * what another page dated.
   */
  asDated({ page, putRightMs }: Dated): number | null {
    return page === this.page ? this.now() - (this.putRightMs - putRightMs) : null;
  }

  /** Takes up what was known before this page was loaded. */
  async recall(store: LocalCookStore): Promise<void> {
    const kept = await store.fact(FACT);
    if (typeof kept === 'number') this.putTo(this.clock.now() + kept);
  }

  /**
   * Compares clocks: of some questions the one that was answered fastest tells best. Throws where
   * none is answered.
   */
  async compare(): Promise<void> {
    let best: { readonly tookMs: number; readonly at: number; readonly server: number } | null =
      null;
    for (let i = 0; i < TRIES; i += 1) {
      const asked = this.clock.steady();
      const { now } = await this.send<{ now: number }>('/health/time');
      const answered = this.clock.steady();
      const tookMs = answered - asked;
      if (best === null || tookMs < best.tookMs)
        best = { tookMs, at: (asked + answered) / 2, server: now };
    }
    if (best !== null) this.putTo(best.server + (this.clock.steady() - best.at));
  }

  /** Keeps what is known for the next time this page is loaded. */
  keep = (store: LocalCookStore): Promise<void> =>
    store.keepFact(FACT, this.now() - this.clock.now());

  private putTo(server: number): void {
    const [wall, steady] = [this.clock.now(), this.clock.steady()];
    this.putRightMs += server - (this.known.server + steady - this.known.steady);
    this.known = { server, wall, steady };
  }

  private doubt(): void {
    const steady = this.clock.steady();
    if (steady - this.doubtedAt < DOUBTED_EVERY_MS) return;
    this.doubtedAt = steady;
    // Without a network it goes on by what is steady, and asks again.
    this.compare().catch(() => undefined);
  }
}
