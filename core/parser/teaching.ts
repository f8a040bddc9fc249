import { message, type Text } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import { compact, INGREDIENT_NAMES } from './ingredientNames.ts';
import { nearestWords, wordList } from './spelling.ts';
import { phraseKey } from './words.ts';

/** Names of one word, which a word of another name may be a misspelling of. */
const ONE_WORD_NAMES = wordList([...INGREDIENT_NAMES.keys()].filter((key) => !key.includes(' ')));

/** Figures that are written for letters. */
const AS_LETTERS: { readonly [figure: string]: string } = {
  0: 'o',
  1: 'i',
  3: 'e',
  4: 'a',
  5: 's',
};

/** Most words of a name that are looked at together. */
const MOST_TOGETHER = 3;

/**
 * Why a kitchen cannot be taught this name; null when it can. A name that holds another food, spelt
 * rightly, wrongly or with letters that only look like it, would let that food pass for what is
 * taught.
 * @param row what it would stand for; null while that is not known
 */
export function teachingFault(name: string, row: Ingredient | null = null): Text | null {
  const key = phraseKey(name);
  if (!/[a-z]{3}/.test(key)) return message('parser.giveANameOfAt');
  if (/[^\p{Script=Latin}\p{Script=Common}\p{Script=Inherited}]/u.test(name))
    return message('parser.writeItInOneAlphabet', { name });
  const meaning = INGREDIENT_NAMES.get(key) ?? INGREDIENT_NAMES.get(compact(key));
  if (meaning?.kind === 'row')
    return message('parser.isAlready', { name, name2: meaning.row.name });
  if (meaning !== undefined) return message('parser.isTheNameOfSomething', { name });
  const words = key.split(' ');
  if (words.some((word) => INGREDIENT_NAMES.get(word)?.kind === 'stranger'))
    return message('parser.containsTheNameOfSomething', { name });
  const other = row === null ? undefined : rowsIn(words).find((held) => isOther(held, row));
  return other === undefined
    ? null
    : message('parser.holdsAnotherFood', { name, other: other.name });
}

/** Rows whose names stand in some words, as they are or misspelt. */
function rowsIn(words: readonly string[]): Ingredient[] {
  const plain = words.map((word) => word.replace(/\d/g, (figure) => AS_LETTERS[figure] ?? figure));
  const together = plain.flatMap((_, from) =>
    Array.from({ length: MOST_TOGETHER }, (__, more) =>
      plain.slice(from, from + more + 1).join(' '),
    ),
  );
  const near = plain.flatMap((word) => nearestWords(word, ONE_WORD_NAMES));
  return [...together, ...together.map(compact), ...near].flatMap((key) => {
    const meaning = INGREDIENT_NAMES.get(key);
    return meaning?.kind === 'row' ? [meaning.row] : [];
  });
}

/** Whether a row is a food of another class: of another kind, or fruit that is less surely acid. */
const isOther = (held: Ingredient, row: Ingredient): boolean => classOf(held) !== classOf(row);

const classOf = (row: Ingredient): string =>
  row.kind === 'fruit' || row.kind === 'juice' ? `fruit, ${row.acidClass ?? 'high'}` : row.kind;
