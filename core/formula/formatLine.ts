import { lineInGrams } from '../quantity/index.ts';
import { findIngredient, type Form } from '../ingredients/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { RIPENESS_WORDS } from '../parser/index.ts';

/** Forms that are said in a line; the others go without saying. */
const SAID: readonly Form[] = ['whole', 'sliced', 'chopped', 'crushed', 'pureed', 'packed'];

/**
 * The word for a ripeness, where there is one; null for ordinary ripe fruit.
 * @param ripeness 0 (unripe) to 1 (over-ripe)
 */
export const ripenessWord = (ripeness: number): string | null =>
  [...RIPENESS_WORDS].find(([, value]) => value === ripeness)?.[0] ?? null;

/**
 * A line in grams, in words that read back as the same ingredient, form, ripeness and mass. A line
 * that measures two things together, such as juice and zest, stays as it was written.
 */
export function formatLine({ text, ingredient, form, massG, ripeness }: UnderstoodLine): string {
  if (findIngredient(ingredient.id)?.kind !== ingredient.kind) return text;
  const words = [
    lineInGrams(Number(massG.typical.toFixed(massG.typical < 10 ? 2 : 1))),
    ripeness === undefined ? null : ripenessWord(ripeness),
    SAID.includes(form) && form !== ingredient.usualForm ? form : null,
    ingredient.name,
  ];
  return words.filter((word) => word !== null).join(' ');
}
