import { say } from '@idle-kettle/words';
import {
  MOST_LINE_CHARS,
  MOST_LINES,
  type Change,
  type PlanRequest,
  type Formula,
  type Settings,
} from '@idle-kettle/core';
import { contentKey } from './contentKey.ts';
import { changeInWords } from './formulaDiff.ts';

/**
 * A formula while it is being written, and its name as typed. The last line is always blank, ready
 * for more.
 */
export type FormulaDraft = {
  readonly name: string;
  readonly lines: readonly string[];
  readonly settings: Settings;
};

export type FormulaState = {
  readonly draft: FormulaDraft;
  readonly past: readonly FormulaDraft[];
  readonly future: readonly FormulaDraft[];
  /**
   * The line or field that the last change typed in, so that what is typed without a pause is
   * undone whole; null otherwise.
   */
  readonly typing: number | string | null;
  /** The name that came with something pasted, as long as nobody has touched it; null otherwise. */
  readonly pastedName: string | null;
  /** Why the last paste was not taken; null when it was. */
  readonly refused: string | null;
  /** What the last change did, where it can be taken back from a message; null for typing. */
  readonly did: string | null;
};

export type FormulaAction =
  | { readonly type: 'type'; readonly index: number; readonly text: string }
  | { readonly type: 'name'; readonly text: string }
  /** The cook paused, or left the field: what is typed next is another edit. */
  | { readonly type: 'pause' }
  | {
      readonly type: 'paste';
      readonly index: number;
      /** Whether the line there stays, and what was pasted comes after it. */
      readonly after?: boolean;
      readonly lines: readonly string[];
      /** The title over what was pasted, and the settings that it tells. */
      readonly name?: string;
      readonly settings?: Settings;
    }
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
  | { readonly type: 'load'; readonly formula: NamedFormula }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' };

/** A formula and the name it goes by; none where nobody gave one. */
export type NamedFormula = Formula & { readonly name?: string };

/** Changes that can be taken back. */
const MOST_PAST = 200;

export const written = (lines: readonly string[]): string[] =>
  lines.map((line) => line.trim()).filter((line) => line !== '');

const ready = (lines: readonly string[]): readonly string[] =>
  lines.at(-1)?.trim() === '' ? lines : [...lines, ''];

export const startingWith = ({ name = '', lines, settings }: NamedFormula): FormulaState => ({
  draft: { name, lines: ready(lines), settings },
  past: [],
  future: [],
  typing: null,
  pastedName: null,
  refused: null,
  did: null,
});

/**
 * What a solved or turned request asks of the formula: its lines, method, stop and what comes
 * before; the rest stays.
 */
export const formulaOf = (
  { lines, product, method, targetSolublesPct, before }: PlanRequest,
  settings: Settings,
): Formula => ({
  lines: textsOf(lines),
  settings: {
    ...settings,
    ...(product === (settings.product ?? 'jam') ? {} : { product }),
    method,
    targetSolublesPct,
    ...(before === null || settings.before == null
      ? {}
      : { before: { ...settings.before, lines: textsOf(before.lines), water: before.waterG } }),
  },
});

/** Lines that stand as text; a line of data has none. */
const textsOf = (lines: PlanRequest['lines']): string[] =>
  lines.filter((line): line is string => typeof line === 'string');

/** One change to the formula. */
export function formulaReducer(state: FormulaState, action: FormulaAction): FormulaState {
  const { draft } = state;
  const { name, lines, settings } = draft;
  switch (action.type) {
    case 'load':
      return startingWith(action.formula);
    case 'undo': {
      const before = state.past.at(-1);
      return before === undefined
        ? state
        : {
            ...still(state, before, state.past.slice(0, -1), [draft, ...state.future]),
            did: say('balance.undone', { what: changeInWords(sheetOf(draft), sheetOf(before)) }),
          };
    }
    case 'redo': {
      const [after, ...rest] = state.future;
      return after === undefined
        ? state
        : {
            ...still(state, after, [...state.past, draft], rest),
            did: say('balance.redone', { what: changeInWords(sheetOf(draft), sheetOf(after)) }),
          };
    }
    case 'type': {
      const next = { ...draft, lines: ready(lines.with(action.index, action.text)) };
      return typedOn(state, next, action.index);
    }
    case 'name': {
      const next = { ...draft, name: action.text };
      return { ...typedOn(state, next, 'name'), pastedName: null };
    }
    case 'pause':
      return state.typing === null ? state : { ...state, typing: null };
    case 'paste': {
      const refused = refusal(written(lines).length + action.lines.length, action.lines);
      if (refused !== null) return { ...state, refused };
      const next =
        action.after === true
          ? lines.toSpliced(action.index + 1, 0, ...action.lines)
          : lines.toSpliced(action.index, 1, ...action.lines);
      // A title is taken where there is none, or only one that was pasted before it.
      const isFree = name.trim() === '' || name === state.pastedName;
      const title = action.name !== undefined && action.name !== '' && isFree ? action.name : null;
      const pasted = to(
        state,
        {
          name: title ?? name,
          settings: { ...action.settings, ...settings },
          lines: ready(next),
        },
        say('balance.pastedLines', { count: action.lines.length }),
      );
      return { ...pasted, pastedName: title ?? state.pastedName };
    }
    case 'insert':
      // The blank line that is there already is room enough.
      return lines[action.after]?.trim() === '' || lines[action.after + 1]?.trim() === ''
        ? state
        : { ...state, draft: { ...draft, lines: lines.toSpliced(action.after + 1, 0, '') } };
    case 'tidy': {
      const kept = ready(lines.filter((line) => line.trim() !== ''));
      return kept.length === lines.length
        ? state
        : { ...state, draft: { ...draft, lines: kept }, typing: null };
    }
    case 'remove': {
      const text = lines[action.index]?.trim() ?? '';
      const next = { ...draft, lines: ready(lines.toSpliced(action.index, 1)) };
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
        { ...draft, lines: ready(next) },
        say('balance.moved', { text: text.trim() }),
      );
    }
    case 'replace':
      return to(
        state,
        { ...draft, lines: ready(lines.toSpliced(action.index, 1, ...action.lines)) },
        say('balance.changedLine', { value: action.index + 1 }),
      );
    case 'set': {
      const next = { ...draft, settings: { ...settings, ...action.settings } };
      const { typing } = action;
      return typing === undefined ? to(state, next, action.did) : typedOn(state, next, typing);
    }
    case 'change':
      return to(state, afterChange(draft, action.change), action.did);
    case 'take':
      return to(
        state,
        { name, lines: ready(action.formula.lines), settings: action.formula.settings },
        action.did,
      );
  }
}

/** A field that is typed in: a line by its index, the name, or a setting. */
type Field = number | string;

/**
 * What typing in one place makes of the formula. Typed without a pause, it is undone whole; and a
 * text that is back at what it was leaves nothing to undo, however slowly it went there.
 */
function typedOn(state: FormulaState, draft: FormulaDraft, typing: Field): FormulaState {
  const back = whereItWas(state.past, draft, typing);
  if (back !== null) return { ...to(state, draft, null), past: state.past.slice(0, back) };
  return state.typing === typing
    ? { ...state, draft, future: [], refused: null, did: null }
    : { ...to(state, draft, null), typing };
}

/**
 * The place among what can be undone where the formula said the same, if since then nothing but
 * this field was typed in; null otherwise.
 */
function whereItWas(
  past: readonly FormulaDraft[],
  draft: FormulaDraft,
  typing: Field,
): number | null {
  const key = contentKey(draft);
  const around = aroundOf(draft, typing);
  for (let index = past.length - 1; index >= 0; index -= 1) {
    const before = past[index] as FormulaDraft;
    if (contentKey(before) === key) return index;
    if (aroundOf(before, typing) !== around) return null;
  }
  return null;
}

/** All of a formula but one field, as one text. */
const aroundOf = ({ name, lines, settings }: FormulaDraft, field: Field): string =>
  contentKey({
    name: field === 'name' ? '' : name,
    lines: typeof field === 'number' ? lines.toSpliced(field, 1) : lines,
    settings: typeof field === 'string' ? { ...settings, [field]: null } : settings,
  });

/** A new draft, the old one kept to go back to. */
const to = (state: FormulaState, draft: FormulaDraft, did: string | null): FormulaState => ({
  draft,
  past: [...state.past, state.draft].slice(-MOST_PAST),
  future: [],
  typing: null,
  pastedName: state.pastedName,
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

/** A draft without its blank lines. */
const sheetOf = (draft: FormulaDraft) => ({ ...draft, lines: written(draft.lines) });

/**
 * A formula with a change made to it: a remedy’s change counts lines as they were planned, those
 * that are written.
 */
export function afterChange({ name, lines, settings }: FormulaDraft, change: Change): FormulaDraft {
  const { product, method, targetSolublesPct } = change;
  return {
    name,
    lines: ready(changedLines(written(lines), change)),
    settings: {
      ...settings,
      ...(product === undefined ? {} : { product, method: null, targetSolublesPct: null }),
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
