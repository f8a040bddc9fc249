import type { Batch } from '@idle-kettle/contract';
import { useEffect, useEffectEvent, useState, useSyncExternalStore } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useAdoptBatch } from '../api/batches.ts';
import { wallClock } from '../api/clock.ts';
import { householdStorage } from '../api/household.ts';
import { request } from '../api/request.ts';
import { isGoing } from '../ui/going.ts';
import type { DraftStorage } from './draft.ts';
import { born } from './newBatch.ts';
import { Saver } from './saver.ts';
import type { Content, SaverState } from './saverState.ts';

/** What of saving the screens see and do. */
export type Saving = SaverState & { readonly saver: Saver };

/** Where ticks wait to be sent: beside the drafts, so that neither writes over the other. */
export const TICKS: DraftStorage = {
  getItem: (key) => householdStorage.getItem(`${key} ticks`),
  setItem: (key, value) => householdStorage.setItem(`${key} ticks`, value),
  removeItem: (key) => householdStorage.removeItem(`${key} ticks`),
};

/**
 * The saver of a batch for as long as its screen is open; after a first save the page of the
 * batch’s own follows.
 * @param saved what the server holds; null for a new batch
 * @param start what a new batch starts from; null for nothing
 */
export function useSaver(
  saved: Batch | null,
  start: Content | null = null,
  storage: DraftStorage = householdStorage,
): Saving {
  const taken = useAdoptBatch();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [saver] = useState(
    () =>
      new Saver(saved, start, {
        send: request,
        storage,
        clock: wallClock,
        newId: () => crypto.randomUUID(),
      }),
  );
  const onSaved = useEffectEvent((batch: Batch, isNew: boolean) => {
    taken(batch);
    if (isNew && saved === null) born(batch.id);
    // Whoever has pressed for another screen meanwhile is left there.
    if (isNew && window.location.pathname === pathname && !isGoing())
      void navigate(`/batches/${batch.id}`, { replace: true });
  });
  useEffect(() => {
    return saver.onSaved((batch, isNew) => onSaved(batch, isNew));
  }, [saver]);
  useEffect(() => {
    saver.start();
    const wake = () => saver.wake();
    window.addEventListener('online', wake);
    return () => {
      saver.stop();
      window.removeEventListener('online', wake);
    };
  }, [saver]);
  useEffect(() => {
    if (saved !== null) saver.receiveUpdate(saved);
  }, [saver, saved]);
  return { ...useSyncExternalStore(saver.subscribe, () => saver.state), saver };
}
