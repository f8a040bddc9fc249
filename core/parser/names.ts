import { findIngredient } from '../ingredients/index.ts';
import { compact, INGREDIENT_NAMES, type Meaning } from './ingredientNames.ts';
import { teachingFault } from './teaching.ts';
import { phraseKey } from './words.ts';
import type { Token } from './tokens.ts';

/** A name that a kitchen was taught: *Old Codlin* is our apple. */
export type TaughtName = {
  readonly name: string;
  /** Id of the row that it is taken for. */
  readonly ingredient: string;
};

/** How many words the longest name has. */
const LONGEST = Math.max(...[...INGREDIENT_NAMES.keys()].map((key) => key.split(' ').length));

/** Looks names up: the table's, and those this kitchen was taught. */
export type NameBook = (key: string) => Meaning | undefined;

const taughtBooks = new WeakMap<readonly TaughtName[], NameBook>();

/** The names of a kitchen. A taught name never hides one of the table's. */
export function nameBook(taught: readonly TaughtName[]): NameBook {
  if (taught.length === 0) return (key) => INGREDIENT_NAMES.get(key);
  const known = taughtBooks.get(taught);
  if (known) return known;
  const own = new Map<string, Meaning>();
  for (const { name, ingredient } of taught) {
    const row = findIngredient(ingredient);
    if (row && teachingFault(name, row) === null)
      own.set(phraseKey(name), { kind: 'row', row, taught: name });
  }
  const book: NameBook = (key) => INGREDIENT_NAMES.get(key) ?? own.get(key);
  taughtBooks.set(taught, book);
  return book;
}

/** A name found in tokens, and where it ends. */
export type NameRead = { readonly meaning: Meaning; readonly next: number; readonly key: string };

/** The longest name that starts at a token; null where none does. */
export function nameAt(tokens: readonly Token[], at: number, book: NameBook): NameRead | null {
  let key = '';
  let found: NameRead | null = null;
  for (let next = at; next < tokens.length && next < at + LONGEST + 2; next += 1) {
    const token = tokens[next];
    if (token === undefined || token.kind !== 'word') break;
    key = next === at ? token.word : `${key} ${token.word}`;
    const meaning = book(key) ?? (next > at ? book(compact(key)) : undefined);
    if (meaning !== undefined) found = { meaning, next: next + 1, key };
  }
  return found;
}
