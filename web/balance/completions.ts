import { findIngredient, INGREDIENTS } from '@idle-kettle/core';

const MOST_SHOWN = 7;

/** Every name in the ingredient table once, plurals of pieces and words for one thing included. */
export const INGREDIENT_NAMES: readonly string[] = [
  ...new Set(INGREDIENTS.flatMap(({ name, alsoCalled }) => [name, ...alsoCalled])),
];

/**
 * Ways to end a line that is being written: its last words completed to names in the ingredient
 * table, those that begin so first. None before there is an amount and two letters of a name.
 */
export function completionsOf(line: string): string[] {
  const [, head, tail] =
    /^(.*?[\d¼½¾⅓⅔⅛⅜⅝⅞][^a-z]*(?:[a-z]+\.? )*?)([a-z][a-z -]*)$/i.exec(line) ?? [];
  if (head === undefined || tail === undefined) return [];
  const words = tail.split(' ');
  for (let from = 0; from < words.length; from++) {
    const typed = words.slice(from).join(' ').toLowerCase();
    // A name that is whole already needs no list over the next line.
    if (typed.length < 2 || findIngredient(typed) !== null) return [];
    const starts = INGREDIENT_NAMES.filter((name) => name.startsWith(typed) && name !== typed);
    const within = INGREDIENT_NAMES.filter((name) => name.includes(` ${typed}`) && name !== typed);
    const found = [...new Set([...starts, ...within])].slice(0, MOST_SHOWN);
    if (found.length > 0) {
      const before = `${head}${words
        .slice(0, from)
        .map((word) => `${word} `)
        .join('')}`;
      return found.map((name) => `${before}${name}`);
    }
  }
  return [];
}
