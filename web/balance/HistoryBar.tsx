import { Redo2, Undo2 } from 'lucide-react';
import { memo, type Dispatch } from 'react';
import type { FormulaAction } from './formula.ts';

type Props = {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly dispatch: Dispatch<FormulaAction>;
};

/** Takes changes back, and makes them again. */
export const HistoryBar = memo(({ canUndo, canRedo, dispatch }: Props) => (
  <div className="flex items-center">
    <button
      type="button"
      className="btn btn-square btn-ghost btn-sm wide:btn-xs"
      aria-label="Undo"
      title="Undo"
      disabled={!canUndo}
      onClick={() => dispatch({ type: 'undo' })}
    >
      <Undo2 aria-hidden className="size-4" />
    </button>
    <button
      type="button"
      className="btn btn-square btn-ghost btn-sm wide:btn-xs"
      aria-label="Redo"
      title="Redo"
      disabled={!canRedo}
      onClick={() => dispatch({ type: 'redo' })}
    >
      <Redo2 aria-hidden className="size-4" />
    </button>
  </div>
));
HistoryBar.displayName = 'HistoryBar';
