import { useEffect, useEffectEvent } from 'react';

/** Between two tries, ms: soon after a server is back, and no load on one that is in trouble. */
const BETWEEN_TRIES_MS = 4000;

/**
 * While it is shown, what could not be fetched is tried again now and then, and as soon as the
 * network is back.
 * @param isFinal whether a server has said no for good, which is not asked again
 */
export function useTryAgain(again: () => void, isFinal = false): void {
  const onTry = useEffectEvent(again);
  useEffect(() => {
    if (isFinal) return undefined;
    const tryIt = () => onTry();
    const timer = setInterval(tryIt, BETWEEN_TRIES_MS);
    window.addEventListener('online', tryIt);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', tryIt);
    };
  }, [isFinal]);
}
