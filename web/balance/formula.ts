import { say } from '@idle-kettle/words';
import {
  MOST_LINE_CHARS,
  MOST_LINES,
  type Change,
  type PlanRequest,
  type Formula,
  type Settings,
} from '@idle-kettle/core';

/** A formula while it is being written. The last line is always blank, ready for more. */
export type FormulaDraft = { readonly lines: readonly string[]; readonly settings: Settings };

export type FormulaState = {
  readonly draft: FormulaDraft;
  readonly past: readonly FormulaDraft[];
  readonly future: readonly FormulaDraft[];
  /** The line or field that the last change typed in, so that a word is undone whole; null otherwise. */
  readonly typing: number | string | null;
  /** Why the last paste was not taken; null when it was. */
  readonly refused: string | null;
  /** What the last change did, where it can be taken back from a message; null for typing. */
  readonly did: string | null;
};

export type FormulaAction =
  | { readonly type: 'type'; readonly index: number; readonly text: string }
  | { readonly type: 'paste'; readonly index: number; readonly lines: readonly string[] }
  | { readonly type: 'insert'; readonly after: number }
  | { readonly type: 'remove'; readonly index: number }
  | { readonly type: 'move'; readonly from: number; readonly to: number }
  | { readonly type: 'replace'; readonly index: number; readonly lines: readonly string[] }
  /** Blank lines between others are not left behind when the cursor leaves them. */
  | { readonly type: 'tidy' }
  | {
      readonly type: 'set';
      readonly settings: Settings;
      readonly did: string;
      /** What is being typed in, so that a word is undone whole. */
      readonly typing?: string;
    }
  | { readonly type: 'change'; readonly change: Change; readonly did: string }
  | { readonly type: 'take'; readonly formula: Formula; readonly did: string }
  | { readonly type: 'load'; readonly formula: Formula }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' };

/** Changes that can be taken back. */
const MOST_PAST = 200;

export const written = (lines: readonly string[]): string[] =>
  lines.map((line) => line.trim()).filter((line) => line !== '');

const ready = (lines: readonly string[]): readonly string[] =>
  lines.at(-1)?.trim() === '' ? lines : [...lines, ''];

export const startingWith = ({ lines, settings }: Formula): FormulaState => ({
  draft: { lines: ready(lines), settings },
  past: [],
  future: [],
  typing: null,
  refused: null,
  did: null,
});

/** What a solved or turned request asks of the formula: its lines, method, stop and what comes before; the rest stays. */
export const formulaOf = (
  { lines, product, method, targetSolublesPct, before }: PlanRequest,
  settings: Settings,
): Formula => ({
  lines: lines.filter((line): line is string => typeof line === 'string'),
  settings: {
    ...settings,
    ...(product === (settings.product ?? 'jam') ? {} : { product }),
    method,
    targetSolublesPct,
    // What was worked out anew has what was obtained before as a line of its own.
    ...(before === null ? { before: null } : {}),
  },
});

/** One change to the formula. */
export function formulaReducer(state: FormulaState, action: FormulaAction): FormulaState {
  const { draft } = state;
  const { lines, settings } = draft;
  switch (action.type) {
    case 'load':
      return startingWith(action.formula);
    case 'undo': {
      const before = state.past.at(-1);
      return before === undefined
        ? state
        : still(state, before, state.past.slice(0, -1), [draft, ...state.future]);
    }
    case 'redo': {
      const [after, ...rest] = state.future;
      return after === undefined ? state : still(state, after, [...state.past, draft], rest);
    }
    case 'type': {
      const next = { settings, lines: ready(lines.with(action.index, action.text)) };
      return state.typing === action.index
        ? { ...state, draft: next, future: [], refused: null, did: null }
        : { ...to(state, next, null), typing: action.index };
    }
    case 'paste': {
      const refused = refusal(written(lines).length + action.lines.length, action.lines);
      if (refused !== null) return { ...state, refused };
      const next = lines.toSpliced(action.index, 1, ...action.lines);
      return to(
        state,
        { settings, lines: ready(next) },
        say('balance.pastedLines', { count: action.lines.length }),
      );
    }
    case 'insert':
      // The blank line that is there already is room enough.
      return lines[action.after]?.trim() === '' || lines[action.after + 1]?.trim() === ''
        ? state
        : { ...state, draft: { settings, lines: lines.toSpliced(action.after + 1, 0, '') } };
    case 'tidy': {
      const kept = ready(lines.filter((line) => line.trim() !== ''));
      return kept.length === lines.length
        ? state
        : { ...state, draft: { settings, lines: kept }, typing: null };
    }
    case 'remove': {
      const text = lines[action.index]?.trim() ?? '';
      const next = { settings, lines: ready(lines.toSpliced(action.index, 1)) };
      return text === ''
        ? { ...state, draft: next }
        : to(state, next, say('balance.deleted', { text }));
    }
    case 'move': {
      const text = lines[action.from];
      // The last line is the blank one: nothing goes below it.
      if (text === undefined || action.to < 0 || action.to >= lines.length - 1) return state;
      const next = lines.toSpliced(action.from, 1).toSpliced(action.to, 0, text);
      return to(
        state,
        { settings, lines: ready(next) },
        say('balance.moved', { text: text.trim() }),
      );
    }
    case 'replace':
      return to(
        state,
        { settings, lines: ready(lines.toSpliced(action.index, 1, ...action.lines)) },
        say('balance.changedLine', { value: action.index + 1 }),
      );
    case 'set': {
      const next = { lines, settings: { ...settings, ...action.settings } };
      const { typing } = action;
      if (typing === undefined) return to(state, next, action.did);
      return state.typing === typing
        ? { ...state, draft: next, future: [], refused: null, did: null }
        : { ...to(state, next, null), typing };
    }
    case 'change':
      return to(state, afterChange(draft, action.change), action.did);
    case 'take':
      return to(
        state,
        { lines: ready(action.formula.lines), settings: action.formula.settings },
        action.did,
      );
  }
}

/** A new sheet, the old one kept to go back to. */
const to = (state: FormulaState, draft: FormulaDraft, did: string | null): FormulaState => ({
  draft,
  past: [...state.past, state.draft].slice(-MOST_PAST),
  future: [],
  typing: null,
  refused: null,
  did,
});

const still = (
  state: FormulaState,
  draft: FormulaDraft,
  past: readonly FormulaDraft[],
  future: readonly FormulaDraft[],
): FormulaState => ({
  ...state,
  draft: { ...draft, lines: ready(draft.lines.filter((line) => line.trim() !== '')) },
  past,
  future,
  typing: null,
  refused: null,
  did: null,
});

/** A remedy’s change counts lines as they were planned: those that are written. */
function afterChange({ lines, settings }: FormulaDraft, change: Change): FormulaDraft {
  const { method, targetSolublesPct } = change;
  return {
    lines: ready(changedLines(written(lines), change)),
    settings: {
      ...settings,
      ...(method === undefined ? {} : { method }),
      ...(targetSolublesPct === undefined ? {} : { targetSolublesPct }),
    },
  };
}

const changedLines = (lines: readonly string[], { drop, add }: Change): string[] => [
  ...lines.filter((_, index) => !(drop ?? []).includes(index)),
  ...(add ?? []),
];

/** Why this many lines, or one of those pasted, cannot be taken; null when they can. */
function refusal(count: number, pasted: readonly string[]): string | null {
  if (count > MOST_LINES) {
    return say('balance.thatWouldMakeLinesA', {
      count: count.toLocaleString('en-US'),
      MOSTLINES: MOST_LINES,
    });
  }
  const long = pasted.find((line) => line.length > MOST_LINE_CHARS);
  return long === undefined
    ? null
    : say('balance.aLineOfCharactersIs', {
        value: long.length.toLocaleString('en-US'),
        MOSTLINECHARS: MOST_LINE_CHARS,
      });
}
