import { useCallback } from 'react';
import { useNavigate, type NavigateOptions } from 'react-router';
import { isGoing } from './going.ts';

/**
 * Which entry of the browser's history is shown. It is asked of the browser, for a press on a link
 * has changed it before the screen it leads to is drawn.
 */
const historyEntry = (): string | undefined =>
  (window.history.state as { readonly key?: string } | null)?.key;

/**
 * Leads on once something is done: what it returns is called at the press, and what that returns
 * when it is done. Whoever has pressed for another screen meanwhile is left there.
 */
export function useGoOn() {
  const navigate = useNavigate();
  return useCallback(() => {
    const here = historyEntry();
    return (to: string, options?: NavigateOptions): void => {
      if (historyEntry() === here && !isGoing()) void navigate(to, options);
    };
  }, [navigate]);
}
