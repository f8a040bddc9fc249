import { inOrder, isOfADevice, isReading, nameOf, type Entry } from './entry.ts';
import { entryFault } from './entryRules.ts';

/**
 * Everything that stands, in order: without what was undone or cannot be, and without the undoing.
 * An undo can itself be undone.
 */
export function effectiveEntries(entries: readonly Entry[]): Entry[] {
  const undone = new Set<string>();
  const undos = entries.filter(({ kind }) => kind === 'undo').sort(inOrder);
  // A later undo decides over an earlier one, so they are read from the last.
  for (const undo of undos.toReversed()) {
    if (undo.text !== null && !undone.has(nameOf(undo))) undone.add(undo.text);
  }
  return entries
    .filter(
      (entry) =>
        entry.kind !== 'undo' &&
        !(undone.size > 0 && undone.has(nameOf(entry))) &&
        entryFault(entry) === null,
    )
    .sort(inOrder);
}

/** What was done and stands, in order: without readings. */
export const effectiveEvents = (entries: readonly Entry[]): Entry[] =>
  effectiveEntries(entries).filter((entry) => !isReading(entry));

/** What was done, and what was read and typed by hand, in order: without what devices read. */
export const entriesByHand = (entries: readonly Entry[]): Entry[] =>
  effectiveEntries(entries).filter((entry) => !isOfADevice(entry));
