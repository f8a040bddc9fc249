import { say } from '@idle-kettle/words';
import { isFinal, sayError, Unreachable } from '../api/request.ts';
import type { Saving } from './useSaver.ts';

const GONE = 404;

/** Why changes are not saved, and the way on: to try again, or to save them as another batch. */
export function NotSaved({ saving }: { readonly saving: Saving }) {
  const { error, theirs, saver } = saving;
  if (!error || theirs !== null) return null;
  const isGone = isFinal(error) && error.problem.status === GONE;
  return (
    <div
      role="alert"
      className="border-l-4 border-error pl-3 text-sm text-error max-md:order-3 md:order-first"
    >
      {say('balance.notSaved2', {
        sayError: sayError(error),
        value: error instanceof Unreachable && say('balance.yourChangesAreKeptIn'),
      })}
      <button
        type="button"
        className="btn btn-outline btn-xs ml-1.5 text-base-content max-md:btn-sm"
        onClick={isGone ? () => void saver.saveAsNew() : saver.save}
      >
        {isGone ? say('balance.saveThisOneAsA') : say('balance.tryAgain')}
      </button>
    </div>
  );
}
