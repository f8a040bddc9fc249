import { kitchenTime, type CookClock } from '@idle-kettle/contract';
import { useEffect, useState } from 'react';
import { browserPorts } from './browserPorts.ts';

const EVERY_MS = 200;
const serverNow = browserPorts.serverClock.now;

/**
 * What the kitchen’s clock shows, told again five times a second. It is always worked out anew, so
 * sleep and reload do not stop it.
 */
export function useKitchenNow(clock: CookClock | null, endedAtMs: number | null): number {
  const [real, setReal] = useState(serverNow);
  useEffect(() => {
    const timer = setInterval(() => setReal(serverNow()), EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return clock === null ? real : kitchenTime(clock, Math.min(real, endedAtMs ?? Infinity));
}
