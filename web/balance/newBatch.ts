/** How many new batches were begun since the page was loaded. */
let begun = 0;
/** What the screen of the new batch goes by. */
let current = 'new';
/** The batches that were new on this page, by what their screens go by. */
const bornAs = new Map<string, string>();

/**
 * What the screen of a batch goes by: one that was new here stays the same screen once it is saved,
 * with whatever is being typed in it.
 * @param id null for a new batch
 * @param from what a new batch starts from; empty for nothing
 */
export function screenOf(id: string | null, from: string): string {
  if (id !== null) return bornAs.get(id) ?? id;
  current = `new ${begun} ${from}`;
  return current;
}

/** The new batch was saved under an id; the next new one is another. */
export function born(id: string): void {
  bornAs.set(id, current);
  begun += 1;
}
