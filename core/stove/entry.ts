/** What a thermometer and a scale tell. Appended, never changed. */
export const READING_KINDS = ['temperature', 'weight'] as const;

/** What a cook does and sees. */
export const EVENT_KINDS = [
  'in-water',
  'water-boils',
  'lit',
  'flame',
  'lid-on',
  'lid-off',
  'softened',
  'added',
  'dissolved',
  'rolling',
  'stirred',
  'skimmed',
  'pureed',
  'plate-test',
  'sheet-test',
  'mound-test',
  'off-heat',
  'lifted',
  'on-heat',
  'stood',
  'probe-out',
  'probe-in',
  'ready',
  'undo',
] as const;

export type ReadingKind = (typeof READING_KINDS)[number];
export type EventKind = (typeof EVENT_KINDS)[number];
export type EntryKind = ReadingKind | EventKind;

/**
 * One line of a cook's log. `source` and `seq` name it for ever: who wrote it, and the how-manieth of theirs it is, so that
 * one that is delivered twice is kept once.
 */
export type Entry = {
  readonly source: string;
  readonly seq: number;
  /** When it happened, ms on the kitchen's clock. */
  readonly at: number;
  readonly kind: EntryKind;
  /**
   * `temperature` °C as the thermometer shows it · `weight` g in the pot · `water-boils` °C shown in boiling water ·
   * `flame` share of the burner's power · `added` g. Null where a kind has no number.
   */
  readonly value: number | null;
  /** `added` what · a test its outcome · `undo` the name of the entry undone. Null where a kind has no words. */
  readonly text: string | null;
};

export const PLATE_OUTCOMES = ['runs', 'slow', 'wrinkles'] as const;
export type PlateOutcome = (typeof PLATE_OUTCOMES)[number];
export const SHEET_OUTCOMES = ['drops', 'merges'] as const;
export const MOUND_OUTCOMES = ['weeps', 'mounds'] as const;

/** `added` of what the run sheet asks for next; anything else added is named by its ingredient. */
export const AS_PLANNED = 'as planned';

export const nameOf = ({ source, seq }: Pick<Entry, 'source' | 'seq'>): string =>
  `${source}/${seq}`;

/** Earlier first; what happened at once, in the order it was written. */
export const inOrder = (a: Entry, b: Entry): number =>
  a.at - b.at || a.source.localeCompare(b.source) || a.seq - b.seq;

export const isReading = ({ kind }: Entry): boolean => kind === 'temperature' || kind === 'weight';
