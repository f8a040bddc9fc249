import { Redo2, Undo2 } from 'lucide-react';
import type { Dispatch } from 'react';
import type { FormulaAction, FormulaState } from './formula.ts';

type Props = { readonly state: FormulaState; readonly dispatch: Dispatch<FormulaAction> };

/** Takes changes back, and makes them again; says what the last one was. */
export const HistoryBar = ({ state, dispatch }: Props) => (
  <div className="flex flex-wrap items-center gap-1 text-sm">
    <button
      type="button"
      className="btn btn-ghost btn-sm"
      disabled={state.past.length === 0}
      onClick={() => dispatch({ type: 'undo' })}
    >
      <Undo2 aria-hidden className="size-4" /> Undo
    </button>
    <button
      type="button"
      className="btn btn-ghost btn-sm"
      disabled={state.future.length === 0}
      onClick={() => dispatch({ type: 'redo' })}
    >
      <Redo2 aria-hidden className="size-4" /> Redo
    </button>
    <p role="status">{state.did === null ? '' : `${state.did}.`}</p>
  </div>
);
