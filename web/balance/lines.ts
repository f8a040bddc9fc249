/** The lines of a formula while they are being typed. The last one is always blank, ready for more. */
export type Lines = readonly string[];

/** A line that was taken out, kept so that it can be put back. */
export type Removed = { readonly text: string; readonly index: number };

export type LinesState = { readonly lines: Lines; readonly removed: Removed | null };

export type LinesAction =
  | { readonly type: 'type'; readonly index: number; readonly text: string }
  | { readonly type: 'paste'; readonly index: number; readonly text: string }
  | { readonly type: 'insert'; readonly after: number }
  | { readonly type: 'remove'; readonly index: number }
  | { readonly type: 'put back' }
  | { readonly type: 'load'; readonly lines: Lines };

const ready = (lines: Lines): Lines => (lines.at(-1)?.trim() === '' ? lines : [...lines, '']);

export const written = (lines: Lines): string[] =>
  lines.map((line) => line.trim()).filter((line) => line !== '');

export const startingWith = (lines: Lines): LinesState => ({ lines: ready(lines), removed: null });

/** One change to the lines. */
export function linesReducer(state: LinesState, action: LinesAction): LinesState {
  const { lines } = state;
  switch (action.type) {
    case 'load':
      return startingWith(action.lines);
    case 'type':
      return { lines: ready(lines.with(action.index, action.text)), removed: null };
    case 'paste': {
      const pasted = written(action.text.split(/\r?\n/));
      return { lines: ready(lines.toSpliced(action.index, 1, ...pasted)), removed: null };
    }
    case 'insert':
      return { ...state, lines: ready(lines.toSpliced(action.after + 1, 0, '')) };
    case 'remove': {
      const text = lines[action.index] ?? '';
      return {
        lines: ready(lines.toSpliced(action.index, 1)),
        removed: text.trim() === '' ? state.removed : { text, index: action.index },
      };
    }
    case 'put back':
      return state.removed === null
        ? state
        : {
            lines: ready(lines.toSpliced(state.removed.index, 0, state.removed.text)),
            removed: null,
          };
  }
}
