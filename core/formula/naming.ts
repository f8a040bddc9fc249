import {
  findIngredient,
  inState,
  ripened,
  type Form,
  type Ingredient,
  type FruitState,
} from '../larder/index.ts';
import {
  FORM_WORDS,
  joinedWords,
  PREPARING_WORDS,
  QUIET_WORDS,
  RIPENESS_WORDS,
  STATE_WORDS,
} from './words.ts';

/** What the words after an amount name. */
export type Named = {
  readonly ingredient: Ingredient;
  /** Null when no form is written. */
  readonly form: Form | null;
  readonly ripeness: number | null;
  /**
   * Whether the amount is of the fruit as bought or as prepared: `apples, peeled and cored` are weighed before,
   * `peeled and cored apples` after. Null when the words do not say.
   */
  readonly weighed: 'as bought' | 'prepared' | null;
};

const BOUGHT =
  /\b(as bought|before (peeling|coring|stoning|pitting|preparing|preparation|hulling))\b/;
const PREPARED =
  /\b(prepared( weight)?|after (peeling|coring|stoning|pitting|preparing|preparation|hulling)|net( weight)?)\b/;

/** Plant words that end a line in a plural we may hold in the singular only. */
const singular = (name: string): string =>
  name.replace(/ies$/, 'y').replace(/oes$/, 'o').replace(/s$/, '');

const lookUp = (name: string): Ingredient | null =>
  name === '' ? null : (findIngredient(name) ?? findIngredient(singular(name)));

const wordsOf = (text: string): string[] =>
  text.split(/[\s,;]+/).filter((word) => word !== '' && word !== '-');

const found = <T>(words: readonly string[], table: ReadonlyMap<string, T>): T | null =>
  words.map((word) => table.get(word)).find((value) => value !== undefined) ?? null;

/** Finds the ingredient in a description such as `ripe plums, stoned` or `frozen crushed damsons`. */
export function nameOf(description: string): Named | null {
  const text = joinedWords(description.toLowerCase().replace(/[()]/g, ', '));
  const [head = '', ...tail] = text.split(',').map((part) => part.trim());
  return (
    named(wordsOf(text), text) ??
    // What follows a comma may be advice: `apples, about ten`.
    (tail.length > 0 ? named(wordsOf(head), text) : null) ??
    // `strawberries for the jam`, `sugar plus more to taste`
    named(wordsOf(head.replace(/ (for|plus|to|from|such as|about|or|cut|at|if)\b.*$/, '')), text)
  );
}

function named(words: readonly string[], text: string): Named | null {
  const form = found(words, FORM_WORDS);
  const ripeness = found(words, RIPENESS_WORDS);
  const state = found(words, STATE_WORDS);
  const weighed = weighedOf(text);
  const drop = (...tables: readonly { has: (word: string) => boolean }[]) =>
    words.filter((word) => !tables.some((table) => table.has(word))).join(' ');
  // From what is written to ever less of it: `green tomatoes` before tomatoes that are green.
  const plain = [
    words.join(' '),
    drop(FORM_WORDS, PREPARING_WORDS),
    drop(FORM_WORDS, PREPARING_WORDS, QUIET_WORDS),
    drop(FORM_WORDS, PREPARING_WORDS, QUIET_WORDS, RIPENESS_WORDS),
  ];
  for (const [step, name] of plain.entries()) {
    const ingredient = lookUp(name);
    if (ingredient) return known(ingredient, form, step < 3 ? null : ripeness, weighed);
  }
  if (state === null) return null;
  const bare = lookUp(drop(FORM_WORDS, PREPARING_WORDS, QUIET_WORDS, RIPENESS_WORDS, STATE_WORDS));
  return bare && known(stated(bare, state), form, ripeness, weighed);
}

const stated = (ingredient: Ingredient, state: FruitState): Ingredient =>
  ingredient.kind === 'fruit' ? inState(ingredient, state) : ingredient;

function known(
  row: Ingredient,
  form: Form | null,
  ripeness: number | null,
  weighed: Named['weighed'],
): Named {
  const ingredient = row.kind === 'fruit' && ripeness !== null ? ripened(row, ripeness) : row;
  return { ingredient, form, ripeness, weighed };
}

function weighedOf(text: string): Named['weighed'] {
  if (BOUGHT.test(text)) return 'as bought';
  if (PREPARED.test(text)) return 'prepared';
  const [head = '', ...tail] = text.split(',');
  const prepares = (part: string) => wordsOf(part).some((word) => PREPARING_WORDS.has(word));
  if (prepares(head)) return 'prepared';
  return prepares(tail.join(' ')) || /\b(stones?|stalks|skins?|cores?) removed\b/.test(text)
    ? 'as bought'
    : null;
}
