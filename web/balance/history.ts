import { contentKey } from './contentKey.ts';
import {
  startingWith,
  written,
  type FormulaDraft,
  type FormulaState,
  type NamedFormula,
} from './formula.ts';

/**
 * What was done to each batch since the page was loaded, by its id; null for the new one. It
 * survives leaving the screen, and saving.
 */
const done = new Map<string | null, FormulaState>();

/** Keeps where the formula of a batch stands, with what can be taken back. */
export const keepHistory = (id: string | null, state: FormulaState): void => {
  done.set(id, state);
};

/** The new batch was saved, and goes on under its own id: the next new one has nothing to undo. */
export const forgetNewHistory = (): void => {
  done.delete(null);
};

/**
 * Where a batch’s formula stood, as long as that is what it says now; else a beginning, with
 * nothing to undo.
 */
export function historyOf(id: string | null, now: NamedFormula): FormulaState {
  const kept = done.get(id);
  if (kept === undefined) return startingWith(now);
  // Saved without a name, it was given one.
  const named = (draft: FormulaDraft) =>
    draft.name === '' ? { ...draft, name: now.name ?? '' } : draft;
  const state = {
    ...kept,
    draft: named(kept.draft),
    past: kept.past.map(named),
    future: kept.future.map(named),
  };
  return keyOf(state.draft) === keyOf(now) ? state : startingWith(now);
}

const keyOf = ({ name = '', lines, settings }: NamedFormula): string =>
  contentKey({ name, lines: written(lines), settings });
