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
  /** Whether a server was ever asked; until then it goes by what was known before, or by the wall. */
  private isCompared = false;
  private isRecalled = false;
  /**
   * What the stretches between two times that it was put right were off by, ms: the first, before
   * any server was asked, all of it by as much; later ones were right until the device slept.
   */
  private readonly stretches: { readonly offMs: number; readonly slept: boolean }[] = [];
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
    if (Math.abs(this.gained()) > CLOCKS_AGREE_MS) this.doubt();
    return this.known.server + this.clock.steady() - this.known.steady;
  };

  /** By what something is dated that happens now. */
  get dated(): Dated {
    return { page: this.page, stretch: this.stretches.length, gainedMs: this.gained() };
  }

  /**
   * What the clock that something was dated by would show now if it had gone on as it was; null for
   * what another page dated.
   */
  asDated({ page, stretch, gainedMs }: Dated): number | null {
    if (page !== this.page) return null;
    const since = this.stretches[stretch];
    if (since === undefined) return this.now();
    // The steady clock stood still while the device slept: what was dated after that lags by it.
    if (since.slept) return this.now() - (gainedMs > CLOCKS_AGREE_MS ? gainedMs : 0);
    return this.now() - since.offMs;
  }

  /** Takes up what was known before this page was loaded: once, and not where it knows better. */
  async recall(store: LocalCookStore): Promise<void> {
    const kept = await store.fact(FACT);
    if (this.isCompared || this.isRecalled || typeof kept !== 'number') return;
    this.isRecalled = true;
    this.putTo(this.clock.now() + kept);
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
    if (best === null) return;
    const server = best.server + (this.clock.steady() - best.at);
    const offMs = server - (this.known.server + this.clock.steady() - this.known.steady);
    if (Math.abs(offMs) > CLOCKS_AGREE_MS) this.stretches.push({ offMs, slept: this.isCompared });
    this.isCompared = true;
    this.putTo(server);
  }

  /** Keeps what is known for the next time this page is loaded. */
  keep = (store: LocalCookStore): Promise<void> =>
    store.keepFact(FACT, this.now() - this.clock.now());

  private putTo(server: number): void {
    this.known = { server, wall: this.clock.now(), steady: this.clock.steady() };
  }

  /** What the wall’s clock has gained on the steady one since they were compared, ms. */
  private gained(): number {
    return this.clock.now() - this.known.wall - (this.clock.steady() - this.known.steady);
  }

  private doubt(): void {
    const steady = this.clock.steady();
    if (steady - this.doubtedAt < DOUBTED_EVERY_MS) return;
    this.doubtedAt = steady;
    // Without a network it goes on by what is steady, and asks again.
    this.compare().catch(() => undefined);
  }
}
