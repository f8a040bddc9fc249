import { Redo2, Undo2 } from 'lucide-react';
import { memo, type Dispatch } from 'react';
import type { FormulaAction } from './formula.ts';

type Props = {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** What the last change did; null for typing. */
  readonly did: string | null;
  readonly dispatch: Dispatch<FormulaAction>;
};

/** Takes changes back, and makes them again; says what the last one was. */
export const HistoryBar = memo(function HistoryBar({ canUndo, canRedo, did, dispatch }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-1 text-sm">
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        disabled={!canUndo}
        onClick={() => dispatch({ type: 'undo' })}
      >
        <Undo2 aria-hidden className="size-4" /> Undo
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        disabled={!canRedo}
        onClick={() => dispatch({ type: 'redo' })}
      >
        <Redo2 aria-hidden className="size-4" /> Redo
      </button>
      <p role="status">{did === null ? '' : `${did}.`}</p>
    </div>
  );
});
