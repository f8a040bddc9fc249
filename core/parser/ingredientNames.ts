import {
  DOUBLE_NAMES,
  INGREDIENTS,
  LOOKALIKES,
  type DoubleName,
  type Ingredient,
} from '../ingredients/index.ts';
import { phraseKey } from './words.ts';

/**
 * What a name stands for: a row of the ingredient table, something that has none, or one of several
 * things.
 */
export type Meaning =
  | { readonly kind: 'row'; readonly row: Ingredient; readonly taught?: string }
  | { readonly kind: 'stranger' }
  | { readonly kind: 'double'; readonly double: DoubleName };

/** A name without its spaces. */
export const compact = (key: string): string => key.replaceAll(' ', '');

/**
 * Names by their plain words; with and without the spaces, so that `black berries` are
 * blackberries.
 */
export const INGREDIENT_NAMES: ReadonlyMap<string, Meaning> = (() => {
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

/** Every word of every ingredient name, for spelling. */
export const NAME_WORDS: ReadonlySet<string> = new Set(
  [...INGREDIENT_NAMES.keys()].flatMap((key) => key.split(' ')),
);
