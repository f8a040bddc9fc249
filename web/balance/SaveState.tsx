import { say } from '@idle-kettle/words';
import type { Batch } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { useState } from 'react';
import type { Saving } from './useSaver.ts';

type Props = {
  readonly saving: Saving;
  /** Nothing is written yet. */
  readonly empty: boolean;
};

/**
 * Saves a new batch; an old one saves itself, and until it has, what was saved can be had back.
 * Always says where things stand.
 */
export function SaveState({ saving, empty }: Props) {
  const { changed, pending, saved, theirs, saver } = saving;
  const told = useTold(saving);
  return (
    <>
      <p data-testid="save-state" className="min-w-0 grow text-sm leading-tight">
        {stateInWords(saving, saved, empty)}
      </p>
      <p role="status" className="sr-only">
        {told}
      </p>
      {changed && saved !== null && theirs === null && (
        <button
          type="button"
          aria-label={say('balance.goBackToTheSaved')}
          title={say('balance.goBackToTheSaved')}
          className="btn btn-ghost btn-sm wide:btn-xs"
          onClick={saver.goBack}
        >
          {say('balance.goBack')}
        </button>
      )}
      {saved === null && (
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={saver.save}
          disabled={empty || pending}
        >
          {say('balance.saveBatch')}
        </button>
      )}
    </>
  );
}

/**
 * What a screen reader says of saving: that the batch was saved, once, and not again after every
 * change. A save that fails has an alert of its own.
 */
function useTold({ changed, pending, saved, theirs, error }: Saving): string {
  const [told, setTold] = useState('');
  const isStuck = theirs !== null || error !== null;
  const isSaved = saved !== null && !changed && !pending && !isStuck;
  if (isSaved && told === '') setTold(say('balance.savedBatch'));
  if (isStuck && told !== '') setTold('');
  return told;
}

function stateInWords(
  { changed, pending, theirs }: Saving,
  saved: Batch | null,
  empty: boolean,
): string {
  if (pending) return say('balance.saving');
  if (empty) return say('balance.nothingToSaveYet');
  if (theirs !== null) return say('balance.changedOnAnotherDeviceYours');
  if (saved === null) return say('balance.notSavedYetKeptIn');
  if (changed) return say('balance.unsavedChangesKeptInThis');
  return say('balance.saved', { format: format(new Date(saved.updatedAt), 'd MMM, HH:mm:ss') });
}
