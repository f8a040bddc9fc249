/**
 * Edits between two words: a letter put in, left out, changed, or two neighbours swapped (optimal
 * string alignment).
 * @returns the number of edits, or `most + 1` when there are more than `most`
 */
function editsBetween(a: string, b: string, most: number): number {
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
const editsAllowed = (word: string): number =>
  word.length < SHORTEST ? 0 : word.length < LONG ? 1 : 2;

/**
 * Words that may be meant, by length, each with the set of its letters so that most need not be
 * compared.
 */
export type WordList = ReadonlyMap<
  number,
  readonly { readonly word: string; readonly letters: number }[]
>;

/** Which of the letters a to z a word has, a bit each. */
const lettersOf = (word: string): number => {
  let bits = 0;
  for (let at = 0; at < word.length; at += 1) {
    const letter = word.charCodeAt(at) - 97;
    if (letter >= 0 && letter < 26) bits |= 1 << letter;
  }
  return bits;
};

const countBits = (bits: number): number => {
  let count = 0;
  for (let left = bits; left !== 0; left &= left - 1) count += 1;
  return count;
};

/** The words of a list that are long enough to be guessed. */
export function wordList(words: Iterable<string>): WordList {
  const list = new Map<number, { word: string; letters: number }[]>();
  for (const word of words) {
    if (word.length < SHORTEST) continue;
    const same = list.get(word.length) ?? [];
    same.push({ word, letters: lettersOf(word) });
    list.set(word.length, same);
  }
  return list;
}

/**
 * The words nearest to one, within what its length allows; none when it is too short or too far
 * from all.
 */
export function nearestWords(word: string, words: WordList): string[] {
  const allowed = editsAllowed(word);
  if (allowed === 0) return [];
  const letters = lettersOf(word);
  let most = allowed;
  let found: string[] = [];
  for (let length = word.length - allowed; length <= word.length + allowed; length += 1) {
    for (const candidate of words.get(length) ?? []) {
      // Each edit changes at most two letters of the set.
      if (countBits(candidate.letters ^ letters) > 2 * most) continue;
      const edits = editsBetween(word, candidate.word, most);
      if (edits > most) continue;
      if (edits < most) {
        most = edits;
        found = [];
      }
      found.push(candidate.word);
    }
  }
  return found;
}
