import { MOST_ENTRIES } from '@idle-kettle/contract';
import { request } from '../api/request.ts';
import { deliverAll } from './delivery.ts';
import { settle, waitingEntries } from './kept.ts';

const LOCK = 'idle-kettle-outbox';

/**
 * Delivers what waits of a cook, as {@link deliverAll}. Tabs take turns. What the server takes in twice it keeps once, so that a parcel whose
 * answer was lost is simply sent again.
 * @returns how many were delivered; throws Unreachable when no server answers
 */
export async function deliver(cook: string): Promise<number> {
  const post = () =>
    deliverAll(
      {
        waiting: () => waitingEntries(cook),
        send: (parcel) =>
          request(`/cooks/${cook}/log`, 'POST', {
            entries: parcel.map(({ source, seq, at, kind, value, text }) => ({
              source,
              seq,
              at,
              kind,
              value,
              text,
            })),
          }),
        settle,
      },
      MOST_ENTRIES,
    );
  return 'locks' in navigator ? navigator.locks.request(LOCK, post) : post();
}
