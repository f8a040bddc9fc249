import { message } from '@idle-kettle/words/message';
import { findIngredient, type Fruit, type Ingredient } from '../ingredients/index.ts';
import type { Description } from './description.ts';
import { juiceRow } from './parts.ts';
import type { Token } from './tokens.ts';

/** Words that say that a juice was bought to be drunk. */
const BOUGHT: ReadonlySet<string> = new Set([
  'bottled', 'bottle', 'bottles', 'clear', 'carton', 'cartons', 'cloudy', 'pressed', 'canned', 'can', 'cans', 'tin', 'tinned', 'frozen',
  'concentrate', 'concentrated', 'unsweetened', 'sweetened', 'reconstituted', 'pasteurised', 'pasteurized', 'filtered',
]); // prettier-ignore

/**
 * The fruit that a bought juice is simmered from at home; null for juice that is pressed anyway,
 * such as that of oranges.
 */
function fruitSimmered(row: Ingredient): Fruit | null {
  if (row.kind !== 'juice') return null;
  const fruit = findIngredient(SIMMERED.get(row.id) ?? '');
  return fruit?.kind === 'fruit' ? fruit : null;
}

/** Grapes for jelly are of the kind whose skins slip off. */
const SIMMERED: ReadonlyMap<string, string> = new Map([
  ['apple-juice', 'apple'],
  ['cranberry-juice', 'cranberry'],
  ['grape-juice', 'fox-grape'],
]);

/**
 * In a jelly, “apple juice” is what drips from the cloth when the fruit was simmered in water: it
 * has the pectin that the clear drink has not. What is said to be bottled, clear, pressed and the
 * like is the drink.
 */
export function juiceForJelly(said: Description, tokens: readonly Token[]): Description {
  const fruit = fruitSimmered(said.row);
  if (fruit === null || tokens.some(({ lower }) => BOUGHT.has(lower))) return said;
  return {
    ...said,
    row: juiceRow(fruit, true, null),
    assumed: [...said.assumed, message('parser.countsAsJuiceSimmeredFrom', { name: fruit.name })],
  };
}
