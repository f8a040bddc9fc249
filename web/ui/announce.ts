import { useSyncExternalStore } from 'react';

let said = '';
const listeners = new Set<() => void>();

const listen = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/**
 * Has a screen reader say a text once: what a line was taken for, or why it is not understood. Not
 * for clocks and counts, which change by the second.
 */
export function announce(text: string): void {
  if (text === said) return;
  said = text;
  for (const listener of listeners) listener();
}

/** What was announced last. */
export const useAnnounced = (): string => useSyncExternalStore(listen, () => said);
