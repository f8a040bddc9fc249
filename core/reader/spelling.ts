/**
 * Edits between two words: a letter put in, left out, changed, or two neighbours swapped (optimal string alignment).
 * @returns the number of edits, or `most + 1` when there are more than `most`
 */
export function editsBetween(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i += 1) {
    const row = [i];
    let least = i;
    for (let j = 1; j <= b.length; j += 1) {
      const change = a[i - 1] === b[j - 1] ? 0 : 1;
      let edits = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + change);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) {
        edits = Math.min(edits, (before[j - 2] ?? 0) + 1);
      }
      row.push(edits);
      least = Math.min(least, edits);
    }
    if (least > most) return most + 1;
    before = last;
    last = row;
  }
  return Math.min(last[b.length] ?? most + 1, most + 1);
}

/** Shorter words than this have too many neighbours to be guessed. */
const SHORTEST = 4;
/** From this length on, two edits are still the same word. */
const LONG = 7;

/** How many edits a word of this length may be away. */
export const editsAllowed = (word: string): number =>
  word.length < SHORTEST ? 0 : word.length < LONG ? 1 : 2;

/** The words nearest to one, within what its length allows; none when it is too short or too far from all. */
export function nearestWords(word: string, words: Iterable<string>, more = 0): string[] {
  let most = editsAllowed(word) === 0 ? -1 : editsAllowed(word) + more;
  let found: string[] = [];
  for (const candidate of words) {
    if (candidate.length < SHORTEST) continue;
    const edits = editsBetween(word, candidate, most);
    if (edits > most) continue;
    if (edits < most && more === 0) {
      most = edits;
      found = [];
    }
    found.push(candidate);
  }
  return found;
}
