import { say } from '@idle-kettle/words';
import { jamColourOf, mainFruitOf } from '@idle-kettle/contract';
import {
  findIngredient,
  linesHeld,
  listed,
  PRODUCTS,
  readLine,
  type Plan,
  type PlanLine,
  type Formula,
} from '@idle-kettle/core';

/** Enamel, when a batch has no fruit yet. */
const NO_FRUIT = '#cfc8b4';

/** The colour of a fruit, by its id; enamel for none. */
export const fruitColour = (fruit: string | null): string => jamColourOf(fruit) ?? NO_FRUIT;

/** The colour a batch wears: that of the fruit it holds most of. */
export const fruitColourOf = (plan: Pick<Plan, 'before' | 'lines'> | null): string =>
  fruitColour(plan === null ? null : mainFruitOf(plan));

/** The same for lines that are not planned. */
export const fruitColourOfLines = (formula: Formula): string =>
  fruitColourOf({ lines: linesOf(formula) });

/** `Apple butter`: what a formula makes, by its fruit. */
export const whatIsMade = (formula: Formula): string =>
  suggestedName({ lines: linesOf(formula), product: formula.settings.product ?? 'jam' });

/** All the lines of a formula as they are read, those of its first step before the pot's own. */
const linesOf = ({ lines, settings }: Formula): readonly PlanLine[] =>
  [...(settings.before?.lines ?? []), ...lines].map((text) => {
    const reading = readLine(text);
    return reading.understood
      ? {
          text,
          understood: true,
          ingredient: reading.ingredient.id,
          name: reading.ingredient.name,
          massG: reading.massG.typical,
        }
      : { text, understood: false };
  });

/** What to call a batch that nobody has named: `Blackberry jam`, `Plum and apple butter`. */
export function suggestedName(plan: Pick<Plan, 'before' | 'lines' | 'product'> | null): string {
  const fruits = (plan === null ? [] : linesHeld(plan)).filter(
    (line) => line.ingredient !== undefined && findIngredient(line.ingredient)?.kind === 'fruit',
  );
  const names = [...new Set(fruits.flatMap(({ name }) => name ?? []))].slice(0, 3);
  if (plan === null || names.length === 0) return say('ui.newBatch');
  const text = `${listed(names)} ${PRODUCTS[plan.product].name.replace(say('ui.fruit'), '')}`;
  return text.charAt(0).toUpperCase() + text.slice(1);
}
