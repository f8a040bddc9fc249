import type { Batch } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { Refused, sayError, Unreachable } from '../api/request.ts';

type Props = {
  readonly changed: boolean;
  readonly empty: boolean;
  readonly saved: Batch | null;
  readonly saving: boolean;
  readonly error: Error | null;
  readonly onSave: () => void;
  readonly onSaveAsNew: () => void;
  readonly onDiscard: () => void;
};

/** Saves the batch, and always says where things stand. */
export function SaveBar({
  changed,
  empty,
  saved,
  saving,
  error,
  onSave,
  onSaveAsNew,
  onDiscard,
}: Props) {
  const conflict = error instanceof Refused && error.problem.status === 409;
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary btn-lg"
          onClick={onSave}
          disabled={!changed || empty || saving}
        >
          {saved === null ? 'Save as a batch' : 'Save the change'}
        </button>
        <p role="status" data-testid="save-state">
          {stateInWords({ changed, empty, saved, saving })}
        </p>
        {changed && saved !== null && !saving && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={onDiscard}>
            Go back to what was saved
          </button>
        )}
      </div>
      {error && (
        <div role="alert" className="border-l-4 border-error pl-3 text-error">
          <p>
            Not saved. {sayError(error)}
            {error instanceof Unreachable &&
              ' What you wrote is kept in this browser; try again when it does.'}
          </p>
          {conflict && (
            <button type="button" className="btn btn-sm mt-1" onClick={onSaveAsNew}>
              Save mine as another batch
            </button>
          )}
        </div>
      )}
    </div>
  );
}

function stateInWords({
  changed,
  empty,
  saved,
  saving,
}: Pick<Props, 'changed' | 'empty' | 'saved' | 'saving'>): string {
  if (saving) return 'Saving';
  if (empty) return 'Nothing written yet';
  if (saved === null) return 'Not saved yet; kept in this browser';
  if (changed) return 'Changed since it was saved; kept in this browser';
  return `Saved ${format(new Date(saved.updatedAt), 'd MMM, HH:mm')}`;
}
