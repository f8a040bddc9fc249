import type { Formula } from '@idle-kettle/contract';
import {
  findIngredient,
  linesBrought,
  PRODUCTS,
  readLine,
  type Ingredient,
  type Plan,
  type PlanLine,
} from '@idle-kettle/core';

/** Enamel, when a batch has no fruit yet. */
const NO_FRUIT = '#cfc8b4';

/** The colour a batch wears: that of the fruit it holds most of. */
export function fruitColourOf(plan: Pick<Plan, 'before' | 'lines'> | null): string {
  let colour = NO_FRUIT;
  let most = 0;
  for (const line of plan === null ? [] : linesBrought(plan)) {
    const row = line.ingredient === undefined ? null : findIngredient(line.ingredient);
    const of = row === null ? null : colourOf(row);
    if (of !== null && (line.massG ?? 0) > most) {
      most = line.massG ?? 0;
      colour = of;
    }
  }
  return colour;
}

/** Juices wear the colour of their fruit. */
function colourOf(row: Ingredient): string | null {
  const fruit =
    row.kind === 'fruit' ? row : findIngredient(row.id.replace(/-juice(-bottled)?$/, ''));
  return fruit?.kind === 'fruit' ? fruit.jamColour : null;
}

/** The same for lines that are not planned. */
export const fruitColourOfLines = ({ lines, settings }: Formula): string =>
  fruitColourOf({
    lines: [...(settings.before?.lines ?? []), ...lines].map((text): PlanLine => {
      const reading = readLine(text);
      return reading.understood
        ? {
            text,
            understood: true,
            ingredient: reading.ingredient.id,
            massG: reading.massG.typical,
          }
        : { text, understood: false };
    }),
  });

/** What to call a batch that nobody has named: `Blackberry jam`, `Plum and apple butter`. */
export function suggestedName(plan: Pick<Plan, 'before' | 'lines' | 'product'> | null): string {
  const fruits = (plan === null ? [] : linesBrought(plan)).filter(
    (line) => line.ingredient !== undefined && findIngredient(line.ingredient)?.kind === 'fruit',
  );
  const names = [...new Set(fruits.map((line) => line.name))].slice(0, 3);
  if (plan === null || names.length === 0) return 'New batch';
  const text = `${names.join(' and ')} ${PRODUCTS[plan.product].name.replace('fruit ', '')}`;
  return text.charAt(0).toUpperCase() + text.slice(1);
}
