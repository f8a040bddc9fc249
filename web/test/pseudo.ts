import { setLanguage } from '@idle-kettle/words';
import { addPseudo, outsideCatalogue, PSEUDO } from '@idle-kettle/words/pseudo';
import { findIngredient, HEAT_SOURCES, METHODS, PRODUCTS } from '@idle-kettle/core';
import { INGREDIENT_NAMES } from '../balance/completions.ts';
import { wordsOf } from './drawn.tsx';

/** Words of two letters and more, in small letters. */
const wordsIn = (text: string): readonly string[] =>
  (text.match(/\p{L}{2,}/gu) ?? []).map((word) => word.toLowerCase());

/** Terms that core names things by, and units: data, and no sentence. */
const TERMS = new Set(
  wordsIn(
    JSON.stringify([
      // What a row says of itself is data of the row.
      INGREDIENT_NAMES.map((name) => findIngredient(name)),
      INGREDIENT_NAMES,
      // Dates are written by date-fns.
      'Jan January Sep September',
      'pints',
      METHODS,
      PRODUCTS,
      HEAT_SOURCES,
      'half-pint pint quart quarter-pint cup cups tbsp tsp lb oz kg mL qt in min °Brix pH kJ kcal USD',
    ]),
  ),
);

/** Lets the tests of a block speak a language that nobody speaks. */
export function inPseudo(): void {
  beforeAll(() => {
    addPseudo();
    setLanguage(PSEUDO);
  });
  afterAll(() => setLanguage('en-US'));
}

/**
 * Words of some texts that are neither in the catalogue nor data.
 * @param data what was given: names, lines
 */
export const wordsOutside = (texts: readonly string[], data: unknown): string[] => {
  const given = new Set(wordsIn(JSON.stringify(data)));
  const outside = texts
    .flatMap((text) => wordsIn(outsideCatalogue(text)))
    .filter((word) => !TERMS.has(word) && !given.has(word));
  return [...new Set(outside)];
};

/** Everything that is read or spoken of a piece of markup. */
export const saidIn = (markup: string): string[] => [
  // What is typed into a shell is no word of ours.
  wordsOf(markup.replace(/<(code|pre)\b.*?<\/\1>/gs, ' ')),
  ...[...markup.matchAll(/ (?:aria-label|title|placeholder|alt|aria-valuetext)="([^"]*)"/g)].map(
    ([, text]) => text ?? '',
  ),
];
