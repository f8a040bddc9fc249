import { MOST_ENTRIES } from '@idle-kettle/contract';
import { Refused, request } from '../api/request.ts';
import { settle, waitingEntries } from './kept.ts';
import type { KeptEntry } from './keptEntry.ts';

const LOCK = 'idle-kettle-outbox';

/**
 * Delivers what waits of a cook, oldest first, one parcel after another: the next goes out only when the last has been taken. Tabs take
 * turns. What the server takes in twice it keeps once, so that a parcel whose answer was lost is simply sent again.
 * @returns how many were delivered; throws Unreachable when no server answers
 */
export async function deliver(cook: string): Promise<number> {
  const send = async (): Promise<number> => {
    let count = 0;
    for (;;) {
      const parcel = (await waitingEntries(cook)).slice(0, MOST_ENTRIES);
      if (parcel.length === 0) return count;
      await settle(parcel, await sent(cook, parcel));
      count += parcel.length;
    }
  };
  return 'locks' in navigator ? navigator.locks.request(LOCK, send) : send();
}

/** Sends a parcel. Answers with why it was refused, null when it was taken. */
async function sent(cook: string, parcel: readonly KeptEntry[]): Promise<string | null> {
  const entries = parcel.map(({ source, seq, at, kind, value, text }) => ({
    source,
    seq,
    at,
    kind,
    value,
    text,
  }));
  try {
    await request(`/cooks/${cook}/log`, 'POST', { entries });
    return null;
  } catch (error) {
    // A server in trouble is asked again; one that says no will say so again.
    if (error instanceof Refused && error.problem.status < 500) return error.message;
    throw error;
  }
}
