import type { Author, LoggedEntry } from '@idle-kettle/contract';
import { nameOf, PAGE_SOURCE, type Entry } from '@idle-kettle/core';
import type { Dated } from './dated.ts';

/** What happened, as it is written down. */
export type Noted = Pick<Entry, 'kind' | 'at' | 'value' | 'text'>;

/** An entry as this browser keeps it: `waiting` until a server has it. */
export type KeptEntry = Entry & {
  readonly cook: string;
  /** 1 while it waits to be delivered; a number, since an index cannot hold a boolean. */
  readonly waiting: 0 | 1;
  /** Its place in the server’s log; null while that is not known. */
  readonly position: number | null;
  /** Why the server would not have it; null where it did not say so. */
  readonly refused: string | null;
  /** By which clock it was dated here; left out for what a server told. */
  readonly dated?: Dated;
  /** Who made it; left out where it was made here, or is not known. */
  readonly by?: Author | null;
};

/**
 * A name to write under, which nobody else writes under: each page that is loaded takes a new one.
 */
export const newSource = (): string => `${PAGE_SOURCE}${crypto.randomUUID().slice(0, 8)}`;

/** Something that was just written down, under a name of its own: no server has it yet. */
export const newEntry = (
  cook: string,
  source: string,
  seq: number,
  noted: Noted,
  dated: Dated,
): KeptEntry => ({
  cook,
  source,
  seq,
  ...noted,
  dated,
  waiting: 1,
  position: null,
  refused: null,
});

/**
 * Two lists of entries as one: each once, and what a server has given a place before what it has
 * not.
 */
export function merged(
  known: ReadonlyMap<string, KeptEntry>,
  more: readonly KeptEntry[],
): ReadonlyMap<string, KeptEntry> {
  const next = new Map(known);
  for (const entry of more) {
    const name = nameOf(entry);
    if (entry.position === null && (next.get(name)?.position ?? null) !== null) continue;
    next.set(name, entry);
  }
  return next;
}

/** The last place in a log up to which nothing is missing; 0 where the first is. */
export function lastWithoutGap(entries: readonly KeptEntry[]): number {
  const places = entries
    .flatMap(({ position }) => (position === null ? [] : [position]))
    .sort((a, b) => a - b);
  let last = 0;
  for (const place of places) {
    if (place !== last + 1) break;
    last = place;
  }
  return last;
}

/** An entry as it is sent, without what a browser keeps of it. */
export const bare = ({ source, seq, at, kind, value, text }: Entry): Entry => ({
  source,
  seq,
  at,
  kind,
  value,
  text,
});

/** An entry as a server told it. */
export const fromServer = (cook: string, entry: LoggedEntry): KeptEntry => ({
  ...entry,
  cook,
  waiting: 0,
  refused: null,
});
