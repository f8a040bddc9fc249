import type { Entry, EntryKind } from '../stove/index.ts';

/** Something that a cook says at a minute. */
export const entry = (minute: number, kind: EntryKind, text: string | null = null): Entry => ({
  source: 'cook',
  seq: 100 + minute,
  at: minute * 60_000,
  kind,
  value: null,
  text,
});

/** A batch with gelling sugar to the end of its minutes. */
export const asPlannedLog: readonly Entry[] = [
  entry(0, 'lit'),
  entry(7, 'rolling'),
  entry(11, 'off-heat'),
];
