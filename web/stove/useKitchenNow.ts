import { kitchenTime, type CookClock } from '@idle-kettle/contract';
import { useEffect, useState } from 'react';
import { browserPorts } from './browserPorts.ts';

/** A clock of this page is told no more often, ms: nobody reads faster. */
const LEAST_MS = 200;
const SECOND_MS = 1000;
/** Told this long after a second has begun, it is sure to have. */
const AFTER_MS = 5;

const serverNow = () => browserPorts.serverClock.now();

/**
 * What the kitchen’s clock shows, told again at each of its seconds. It is always worked out anew, so
 * sleep and reload do not stop it.
 */
export function useKitchenNow(clock: CookClock | null, endedAtMs: number | null): number {
  const [real, setReal] = useState(serverNow);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const tick = () => {
      const now = serverNow();
      setReal(now);
      const shown = clock === null ? now : kitchenTime(clock, now);
      const toNext = (SECOND_MS - (shown % SECOND_MS)) / (clock?.speed ?? 1);
      timer = setTimeout(tick, Math.max(LEAST_MS, toNext + AFTER_MS));
    };
    tick();
    return () => clearTimeout(timer);
  }, [clock]);
  return clock === null ? real : kitchenTime(clock, Math.min(real, endedAtMs ?? Infinity));
}
