import { isFinal, sayError, Unreachable } from '../api/request.ts';
import type { Saving } from './useSaver.ts';

const GONE = 404;

/** Why changes are not saved, and the way on: to try again, or to save them as another batch. */
export function NotSaved({ saving }: { readonly saving: Saving }) {
  const { error, theirs, saver } = saving;
  if (!error || theirs !== null) return null;
  const isGone = isFinal(error) && error.problem.status === GONE;
  return (
    <div role="alert" className="border-l-4 border-error pl-3 text-error">
      <p>
        Not saved. {sayError(error)}
        {error instanceof Unreachable &&
          ' What you wrote is kept in this browser, and saved when it answers again.'}
      </p>
      {isGone ? (
        <button type="button" className="btn btn-sm mt-1" onClick={() => void saver.saveAsNew()}>
          Save mine as another batch
        </button>
      ) : (
        <button type="button" className="btn btn-sm mt-1" onClick={saver.save}>
          Try now
        </button>
      )}
    </div>
  );
}
