import type { AdditionId, EventKind, ReadingKind } from '../chain/index.ts';

/** A kind of entry. */
export type EntryKind = ReadingKind | EventKind;

/**
 * One line of a cook's log. `source` and `seq` name it for ever: who wrote it, and the how-manieth
 * of theirs it is, so that one that is delivered twice is kept once.
 */
export type Entry = {
  readonly source: string;
  readonly seq: number;
  /** When it happened, ms on the kitchen's clock. */
  readonly at: number;
  readonly kind: EntryKind;
  /**
   * `temperature` °C as the thermometer shows it · `weight` g in the pot · `water-boils` °C shown
   * in boiling water · `flame` share of the burner's power · `added` g · `measured` mL in the pot ·
   * `filled` mL in a jar that is not full · the number of the load for what is done at the canner.
   * Null where a kind has no number.
   */
  readonly value: number | null;
  /**
   * `added` what · a test its outcome · `undo` the name of the entry undone · the jar or the jars
   * that it is about, as core/jars names them. Null where a kind has no words.
   */
  readonly text: string | null;
};

/**
 * Text of an `added` that is an addition of the chain; anything else added is named by its
 * ingredient.
 */
const AS_PLANNED = 'as planned';

/** The text of an entry that says that an addition of the chain is in. */
export const asPlanned = (id: AdditionId): string => `${AS_PLANNED}: ${id}`;

/**
 * The addition of the chain that an entry says is in: `first` where it names none, as logs of an
 * earlier day do; null where it is something besides the chain, or no addition.
 */
export function plannedAddition({ kind, text }: Pick<Entry, 'kind' | 'text'>): string | null {
  if (kind !== 'added' || text === null) return null;
  if (text === AS_PLANNED) return 'first';
  return text.startsWith(`${AS_PLANNED}: `) ? text.slice(AS_PLANNED.length + 2) : null;
}

/**
 * The name of an entry for ever, as an undo gives it: who wrote it, and the how-manieth of theirs
 * it is.
 */
export const nameOf = ({ source, seq }: Pick<Entry, 'source' | 'seq'>): string =>
  `${source}/${seq}`;

/** Who writes from a page begins so; a device has a name of its own. */
export const PAGE_SOURCE = 'browser ';

/** Whether somebody wrote it by hand, on a page, and no device did. */
export const isByHand = ({ source }: Pick<Entry, 'source'>): boolean =>
  source.startsWith(PAGE_SOURCE);

/** Earlier first; what happened at once, in the order it was written. */
export const inOrder = (a: Entry, b: Entry): number =>
  a.at - b.at || bySource(a, b) || a.seq - b.seq;

/** The same on every machine, whatever language it sorts by. */
const bySource = (a: Entry, b: Entry): number =>
  a.source === b.source ? 0 : a.source < b.source ? -1 : 1;

/** Whether an entry is of a thermometer or a scale. */
export const isReading = ({ kind }: Entry): boolean => kind === 'temperature' || kind === 'weight';

/** Whether a device read it by itself; what somebody typed of a thermometer is no such thing. */
export const isOfADevice = (entry: Entry): boolean => isReading(entry) && !isByHand(entry);
