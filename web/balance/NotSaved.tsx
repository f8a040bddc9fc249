import { isFinal, sayError, Unreachable } from '../api/request.ts';
import type { Saving } from './useSaver.ts';

const GONE = 404;

/** Why changes are not saved, and the ways on: to try again, to save them as another batch, or to give them up. */
export function NotSaved({ saving }: { readonly saving: Saving }) {
  const { changed, error, saved, theirs, saver } = saving;
  if (theirs !== null) return null;
  const isGone = isFinal(error) && error.problem.status === GONE;
  return (
    <>
      {changed && saved !== null && (
        <button type="button" className="btn btn-ghost btn-sm self-start" onClick={saver.goBack}>
          Go back to what was saved
        </button>
      )}
      {error && (
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
    </>
  );
}
