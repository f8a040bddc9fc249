import { request } from '../api/request.ts';
import { keepFact, keptFact } from './kept.ts';

const FACT = 'clock offset';
const TRIES = 3;

/** What the server’s clock is ahead of this device’s, ms. Kept, so that a device without a network still goes by it. */
let offsetMs = 0;

/** The server’s clock, as well as this device knows it. */
export const serverNow = (): number => Date.now() + offsetMs;

/** What was known of the server’s clock before this page was loaded. */
export async function recallServerClock(): Promise<void> {
  const kept = await keptFact(FACT);
  if (typeof kept === 'number') offsetMs = kept;
}

/** Compares clocks: of some questions the one that was answered fastest tells best. Leaves things as they are when none is. */
export async function compareClocks(): Promise<void> {
  let best: { readonly tookMs: number; readonly offset: number } | null = null;
  for (let i = 0; i < TRIES; i += 1) {
    const asked = Date.now();
    const { now } = await request<{ now: number }>('/health/time');
    const answered = Date.now();
    const tookMs = answered - asked;
    if (best === null || tookMs < best.tookMs)
      best = { tookMs, offset: now - (asked + answered) / 2 };
  }
  if (best === null) return;
  offsetMs = best.offset;
  // A browser that keeps nothing compares again the next time.
  await keepFact(FACT, offsetMs).catch(() => undefined);
}
