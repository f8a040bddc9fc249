import type { Batch } from '@idle-kettle/contract';
import { format } from 'date-fns';
import type { Saving } from './useSaver.ts';

type Props = {
  readonly saving: Saving;
  /** Nothing is written yet. */
  readonly empty: boolean;
};

/** Saves a new batch; an old one saves itself, and until it has, what was saved can be had back. Always says where things stand. */
export function SaveState({ saving, empty }: Props) {
  const { changed, pending, saved, theirs, saver } = saving;
  return (
    <>
      <p role="status" data-testid="save-state" className="min-w-0 grow text-sm leading-tight">
        {stateInWords(saving, saved, empty)}
      </p>
      {changed && saved !== null && theirs === null && (
        <button
          type="button"
          aria-label="Go back to what was saved"
          title="Go back to what was saved"
          className="btn btn-ghost btn-sm wide:btn-xs"
          onClick={saver.goBack}
        >
          Go back
        </button>
      )}
      {saved === null && (
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={saver.save}
          disabled={empty || pending}
        >
          Save as a batch
        </button>
      )}
    </>
  );
}

function stateInWords(
  { changed, pending, theirs }: Saving,
  saved: Batch | null,
  empty: boolean,
): string {
  if (pending) return 'Saving';
  if (empty) return 'Nothing written yet';
  if (theirs !== null) return 'Saved somewhere else meanwhile; yours is kept in this browser';
  if (saved === null) return 'Not saved yet; kept in this browser';
  if (changed) return 'Changed; kept in this browser';
  return `Saved ${format(new Date(saved.updatedAt), 'd MMM, HH:mm:ss')}`;
}
