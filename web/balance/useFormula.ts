import { say } from '@idle-kettle/words';
import { PRODUCTS, productOfTitle, type Change, type Formula } from '@idle-kettle/core';
import { useCallback, useEffect, useMemo, useReducer, type Dispatch } from 'react';
import { useDeepCompareMemoize } from 'use-deep-compare-effect';
import { formulaReducer, written, type FormulaAction, type FormulaState } from './formula.ts';
import { forgetNewHistory, historyOf, keepHistory } from './history.ts';
import type { Saver } from './saver.ts';

/** Quiet after which an edit is over, ms. */
const PAUSE_MS = 1500;

/** Fields whose text has an undo of its own. */
const OWN_TEXT =
  ':is(textarea, input:not([type=range], [type=checkbox], [type=radio])):not([data-line], [data-name])';

/** A formula as it is written: what it says, its history, and how it is changed. */
export type FormulaEditor = {
  readonly state: FormulaState;
  readonly dispatch: Dispatch<FormulaAction>;
  /** What is written, the same object for as long as it says the same. */
  readonly formula: Formula;
  readonly set: (next: Formula['settings'], did: string, typing?: string) => void;
  readonly onChange: (change: Change, did: string) => void;
  /** The name was left: a title that says what is made chooses it, where nothing was chosen. */
  readonly onNamed: () => void;
};

/**
 * The formula of one batch while it is written, undone by the keyboard and kept with its history.
 * @param id null for a new batch
 */
export function useFormula(id: string | null, saver: Saver): FormulaEditor {
  const [state, dispatch] = useReducer(formulaReducer, saver.first, (first) =>
    historyOf(id, first),
  );
  const { draft } = state;
  const lines = useDeepCompareMemoize(written(draft.lines));
  const settings = useDeepCompareMemoize(draft.settings);
  const formula = useMemo((): Formula => ({ lines, settings }), [lines, settings]);
  // What was saved stands again, or what somebody else saved.
  useEffect(() => {
    return saver.onShow((batch) => {
      dispatch({ type: 'load', formula: batch });
    });
  }, [saver]);
  useEffect(() => {
    keepHistory(id, state);
  }, [id, state]);
  useEffect(() => {
    return saver.onSaved((_, isNew) => {
      if (isNew && id === null) forgetNewHistory();
    });
  }, [saver, id]);
  // A pause ends an edit: what is typed after it is taken back by itself.
  useEffect(() => {
    if (state.typing === null) return undefined;
    const timer = setTimeout(() => dispatch({ type: 'pause' }), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [state.typing, draft]);

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      // A text that is neither a line of the formula nor its name takes its own typing back.
      if (event.target instanceof Element && event.target.matches(OWN_TEXT)) return;
      event.preventDefault();
      dispatch({ type: event.shiftKey ? 'redo' : 'undo' });
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const set = useCallback(
    (next: Formula['settings'], did: string, typing?: string) =>
      dispatch({ type: 'set', settings: next, did, ...(typing === undefined ? {} : { typing }) }),
    [],
  );
  const onChange = useCallback(
    (change: Change, did: string) => dispatch({ type: 'change', change, did }),
    [],
  );
  const { name } = draft;
  const onNamed = useCallback(() => {
    dispatch({ type: 'pause' });
    const { product } = toldBy(name);
    if (settings.product === undefined && product !== undefined)
      set({ product }, say('balance.product2', { name: PRODUCTS[product].name }));
  }, [name, settings, set]);
  return { state, dispatch, formula, set, onChange, onNamed };
}

/**
 * What a title tells of a batch: a butter, a curd; nothing where it does not say, or says what is
 * usual.
 */
export function toldBy(title: string): Pick<Formula['settings'], 'product'> {
  const product = productOfTitle(title);
  return product === null || product === 'jam' ? {} : { product };
}
