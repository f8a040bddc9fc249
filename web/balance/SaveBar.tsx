import type { Batch } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { isFinal, sayError, Unreachable } from '../api/request.ts';
import type { Saving } from './useSaver.ts';

const GONE = 404;

type Props = {
  readonly saving: Saving;
  readonly empty: boolean;
};

/** Saves a new batch; an old one saves itself. Always says where things stand. */
export function SaveBar({ saving, empty }: Props) {
  const { changed, pending, error, saved, theirs, saver } = saving;
  const isGone = isFinal(error) && error.problem.status === GONE;
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-3">
        {saved === null && (
          <button
            type="button"
            className="btn btn-primary"
            onClick={saver.save}
            disabled={empty || pending}
          >
            Save as a batch
          </button>
        )}
        <p role="status" data-testid="save-state">
          {stateInWords(saving, saved, empty)}
        </p>
        {changed && saved !== null && theirs === null && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={saver.goBack}>
            Go back to what was saved
          </button>
        )}
      </div>
      {error && theirs === null && (
        <div role="alert" className="border-l-4 border-error pl-3 text-error">
          <p>
            Not saved. {sayError(error)}
            {error instanceof Unreachable &&
              ' What you wrote is kept in this browser, and saved when it answers again.'}
          </p>
          {isGone ? (
            <button
              type="button"
              className="btn btn-sm mt-1"
              onClick={() => void saver.saveAsNew()}
            >
              Save mine as another batch
            </button>
          ) : (
            <button type="button" className="btn btn-sm mt-1" onClick={saver.save}>
              Try now
            </button>
          )}
        </div>
      )}
    </div>
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
  if (changed) return 'Changed since it was saved; kept in this browser';
  return `Saved ${format(new Date(saved.updatedAt), 'd MMM, HH:mm:ss')}`;
}
