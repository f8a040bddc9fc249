import { type Entry, type EntryKind } from '../stove/index.ts';

/** A minute, ms. */
export const MIN = 60_000;

/** A log from short notes: minute, kind, value, text. */
export const log = (
  ...notes: readonly (readonly [minute: number, kind: EntryKind, value?: number, text?: string])[]
): Entry[] =>
  notes.map(([minute, kind, value, text], index) => ({
    source: 'cook',
    seq: index + 1,
    at: minute * MIN,
    kind,
    value: value ?? null,
    text: text ?? null,
  }));
