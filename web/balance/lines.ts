import { MOST_LINE_CHARS, MOST_LINES } from '@idle-kettle/core';

/** The lines of a formula while they are being typed. The last one is always blank, ready for more. */
export type Lines = readonly string[];

/** A line that was taken out, kept so that it can be put back. */
export type Removed = { readonly text: string; readonly index: number };

export type LinesState = {
  readonly lines: Lines;
  readonly removed: Removed | null;
  /** Why the last paste was not taken; null when it was. */
  readonly refused: string | null;
};

export type LinesAction =
  | { readonly type: 'type'; readonly index: number; readonly text: string }
  | { readonly type: 'paste'; readonly index: number; readonly text: string }
  | { readonly type: 'insert'; readonly after: number }
  | { readonly type: 'add'; readonly text: string }
  | { readonly type: 'remove'; readonly index: number }
  | { readonly type: 'put back' }
  | { readonly type: 'load'; readonly lines: Lines };

const ready = (lines: Lines): Lines => (lines.at(-1)?.trim() === '' ? lines : [...lines, '']);

export const written = (lines: Lines): string[] =>
  lines.map((line) => line.trim()).filter((line) => line !== '');

export const startingWith = (lines: Lines): LinesState => settled(lines);

const settled = (lines: Lines, removed: Removed | null = null): LinesState => ({
  lines: ready(lines),
  removed,
  refused: null,
});

/** One change to the lines. */
export function linesReducer(state: LinesState, action: LinesAction): LinesState {
  const { lines } = state;
  switch (action.type) {
    case 'load':
      return startingWith(action.lines);
    case 'type':
      return settled(lines.with(action.index, action.text));
    case 'paste': {
      const pasted = written(action.text.split(/\r?\n/));
      const refused = refusal(written(lines).length + pasted.length, pasted);
      if (refused !== null) return { ...state, refused };
      return settled(lines.toSpliced(action.index, 1, ...pasted));
    }
    case 'insert':
      return settled(lines.toSpliced(action.after + 1, 0, ''), state.removed);
    case 'add':
      return settled([...written(lines), action.text], state.removed);
    case 'remove': {
      const text = lines[action.index] ?? '';
      return settled(
        lines.toSpliced(action.index, 1),
        text.trim() === '' ? state.removed : { text, index: action.index },
      );
    }
    case 'put back':
      return state.removed === null
        ? state
        : settled(lines.toSpliced(state.removed.index, 0, state.removed.text));
  }
}

/** Why this many lines, or one of those pasted, cannot be taken; null when they can. */
function refusal(count: number, pasted: Lines): string | null {
  if (count > MOST_LINES) {
    return `That would make ${count.toLocaleString('en-US')} lines, and a batch has at most ${MOST_LINES}. Nothing was pasted.`;
  }
  const long = pasted.find((line) => line.length > MOST_LINE_CHARS);
  return long === undefined
    ? null
    : `A line of ${long.length.toLocaleString('en-US')} characters is no recipe line; ${MOST_LINE_CHARS} is the most. Nothing was pasted.`;
}
