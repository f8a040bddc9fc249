import { lineInGrams } from '../quantity/index.ts';
import { findIngredient, type Form, type FruitState } from '../ingredients/index.ts';
import { amountText, readLine, type ParserKitchen, type UnderstoodLine } from '../parser/index.ts';
import { formatLine, ripenessWord } from './formatLine.ts';

/** What may be said anew of a line's fruit. */
export type Restatement = {
  readonly form?: Form;
  readonly state?: FruitState;
  readonly ripeness?: number;
};

/** Ripenesses that have a word, green first; ordinary ripe fruit goes without saying. */
export const RIPENESS_STOPS = [0.1, 0.2, 0.4, 0.5, 0.8, 0.95] as const;

/**
 * The line with another form, state or ripeness in its words, its amount kept as it was written:
 * `2 cups plums` crushed is `2 cups crushed plum`, which weighs more. Where the words do not read
 * back, it is written in grams.
 */
export function restate(
  line: UnderstoodLine,
  change: Restatement,
  kitchen: Partial<ParserKitchen> = {},
): string {
  const { ingredient } = line;
  const base =
    ingredient.kind === 'fruit' ? (findIngredient(ingredient.id) ?? ingredient) : ingredient;
  const state = change.state ?? (ingredient.kind === 'fruit' ? ingredient.state : 'fresh');
  const form = change.form ?? line.form;
  const ripeness = change.ripeness ?? line.ripeness ?? 0.5;
  const own = base.kind === 'fruit' ? base.state : 'fresh';
  const words = [
    ripenessWord(ripeness),
    state === 'fresh' || state === 'juice' || state === own ? null : state,
    form === ingredient.usualForm || state === 'juice' || form === 'liquid' || form === 'grains'
      ? null
      : form,
    state === 'juice' && own !== 'juice' ? `${base.name} juice` : base.name,
  ]
    .filter((word) => word !== null)
    .join(' ');
  const text = `${amountText(line.text) ?? lineInGrams(line.massG.typical)} ${words}`;
  const reading = readLine(text, kitchen);
  // Dried apricots and apple juice have rows of their own.
  return reading.understood &&
    (change.state !== undefined || reading.ingredient.id === ingredient.id)
    ? text
    : formatLine({ ...line, form, ...(ripeness === 0.5 ? {} : { ripeness }) });
}
