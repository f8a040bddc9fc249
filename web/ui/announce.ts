import { useSyncExternalStore } from 'react';

let said = '';
const listeners = new Set<() => void>();

const listen = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/**
 * Says something to whoever does not see the page, once: what a line was taken for, what was saved.
 * What changes by the second is not said so.
 */
export function announce(text: string): void {
  if (text === said) return;
  said = text;
  for (const listener of listeners) listener();
}

/** What was announced last. */
export const useAnnounced = (): string => useSyncExternalStore(listen, () => said);
