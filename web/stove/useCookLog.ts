import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { browserPorts } from './browserPorts.ts';
import { LiveLog } from './liveLog.ts';
import type { LiveLogState } from './liveLogPorts.ts';

/** What of a cook’s log the screens see and do. */
export type CookLog = LiveLogState & Pick<LiveLog, 'note' | 'end' | 'refresh'>;

/** The live log of a cook, for as long as its screen is open. */
export function useCookLog(id: string): CookLog {
  const log = useMemo(() => new LiveLog(id, browserPorts), [id]);
  useEffect(() => {
    void log.start();
    const wake = () => {
      if (document.visibilityState === 'visible') log.wake();
    };
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', wake);
    return () => {
      log.stop();
      window.removeEventListener('online', wake);
      document.removeEventListener('visibilitychange', wake);
    };
  }, [log]);
  const state = useSyncExternalStore(log.subscribe, () => log.state);
  return { ...state, note: log.note, end: log.end, refresh: log.refresh };
}
