import { message, type Text } from '@idle-kettle/words/message';
import {
  DOUBLE_NAMES,
  findIngredient,
  INGREDIENTS,
  LOOKALIKES,
  type DoubleName,
  type Ingredient,
} from '../ingredients/index.ts';
import { phraseKey } from './words.ts';
import type { Token } from './tokens.ts';

/** What a name stands for: a row of the larder, something that has none, or one of several things. */
export type Meaning =
  | { readonly kind: 'row'; readonly row: Ingredient; readonly taught?: string }
  | { readonly kind: 'stranger' }
  | { readonly kind: 'double'; readonly double: DoubleName };

/** A name that a kitchen was taught: *Old Codlin* is our apple. */
export type TaughtName = {
  readonly name: string;
  /** Id of the row that it is taken for. */
  readonly ingredient: string;
};

const compact = (key: string): string => key.replaceAll(' ', '');

/** Names by their plain words; with and without the spaces, so that `black berries` are blackberries. */
const NAMES: ReadonlyMap<string, Meaning> = (() => {
  const names = new Map<string, Meaning>();
  for (const row of INGREDIENTS) {
    for (const name of [row.id.replaceAll('-', ' '), row.name, ...row.alsoCalled]) {
      names.set(phraseKey(name), { kind: 'row', row });
    }
  }
  for (const double of DOUBLE_NAMES) {
    for (const name of double.names) names.set(phraseKey(name), { kind: 'double', double });
  }
  for (const name of LOOKALIKES) {
    const key = phraseKey(name);
    if (!names.has(key)) names.set(key, { kind: 'stranger' });
  }
  for (const [key, meaning] of [...names]) {
    if (!names.has(compact(key))) names.set(compact(key), meaning);
  }
  return names;
})();

/** How many words the longest name has. */
const LONGEST = Math.max(...[...NAMES.keys()].map((key) => key.split(' ').length));

/** Every word of every larder name, for spelling. */
export const NAME_WORDS: ReadonlySet<string> = new Set(
  [...NAMES.keys()].flatMap((key) => key.split(' ')),
);

/** Looks names up: the larder's, and those this kitchen was taught. */
export type NameBook = (key: string) => Meaning | undefined;

const taughtBooks = new WeakMap<readonly TaughtName[], NameBook>();

/** The names of a kitchen. A taught name never hides one of the larder's. */
export function nameBook(taught: readonly TaughtName[]): NameBook {
  if (taught.length === 0) return (key) => NAMES.get(key);
  const known = taughtBooks.get(taught);
  if (known) return known;
  const own = new Map<string, Meaning>();
  for (const { name, ingredient } of taught) {
    const row = findIngredient(ingredient);
    if (row && teachingFault(name) === null)
      own.set(phraseKey(name), { kind: 'row', row, taught: name });
  }
  const book: NameBook = (key) => NAMES.get(key) ?? own.get(key);
  taughtBooks.set(taught, book);
  return book;
}

/** Why a kitchen cannot be taught this name; null when it can. */
export function teachingFault(name: string): Text | null {
  const key = phraseKey(name);
  if (!/[a-z]{3}/.test(key)) return message('parser.giveANameOfAt');
  const meaning = NAMES.get(key) ?? NAMES.get(compact(key));
  if (meaning?.kind === 'row')
    return message('parser.isAlready', { name, name2: meaning.row.name });
  if (meaning !== undefined) return message('parser.isTheNameOfSomething', { name });
  const inside = key.split(' ').map((word) => NAMES.get(word));
  return inside.some((found) => found?.kind === 'stranger')
    ? message('parser.containsTheNameOfSomething', { name })
    : null;
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
