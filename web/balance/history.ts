import { contentKey } from './contentKey.ts';
import {
  startingWith,
  written,
  type FormulaDraft,
  type FormulaState,
  type NamedFormula,
} from './formula.ts';

/** What was done to each batch since the page was loaded, by its id; null for the new one. It survives leaving the screen, and saving. */
const done = new Map<string | null, FormulaState>();

/** Keeps where the formula of a batch stands, with what can be taken back. */
export const keepHistory = (id: string | null, state: FormulaState): void => {
  done.set(id, state);
};

/** The new batch was saved, and goes on under its own id and name. */
export function handOverHistory(id: string, name: string): void {
  const state = done.get(null);
  done.delete(null);
  if (state === undefined) return;
  const named = (draft: FormulaDraft) => (draft.name === '' ? { ...draft, name } : draft);
  done.set(id, {
    ...state,
    draft: named(state.draft),
    past: state.past.map(named),
    future: state.future.map(named),
  });
}

/** Where a batch’s formula stood, as long as that is what it says now; else a beginning, with nothing to take back. */
export function historyOf(id: string | null, now: NamedFormula): FormulaState {
  const kept = done.get(id);
  return kept !== undefined && keyOf(kept.draft) === keyOf(now) ? kept : startingWith(now);
}

const keyOf = ({ name = '', lines, settings }: NamedFormula): string =>
  contentKey({ name, lines: written(lines), settings });
