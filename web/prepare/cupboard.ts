import type { Kitchen } from '@idle-kettle/contract';
import { findIngredient, type Preparation } from '@idle-kettle/core';

type Stock = Kitchen['stock'];
type Shopping = Preparation['shopping'];

/** What a cupboard holds, g by ingredient. */
export const held = (stock: Stock): { readonly [ingredient: string]: number } =>
  Object.fromEntries(stock.map(({ ingredient, massG }) => [ingredient, massG]));

/** Fresh fruit does not go into a cupboard. */
const keeps = ({ ingredient }: Shopping[number]): boolean =>
  findIngredient(ingredient)?.kind !== 'fruit';

/** What is still to be bought and then kept in the cupboard. */
export const toBring = (shopping: Shopping): Shopping =>
  shopping.filter((item) => item.lackG > 0 && keeps(item));

/** What is taken out of the cupboard for this batch. */
export const toTake = (shopping: Shopping): Shopping =>
  shopping.filter(({ haveG = 0 }) => haveG > 0);

/** The cupboard once what was lacking is in it. */
export function withBought(stock: Stock, shopping: Shopping): Stock {
  const bought = toBring(shopping);
  const brought = new Set(bought.map(({ ingredient }) => ingredient));
  return [
    ...stock.filter(({ ingredient }) => !brought.has(ingredient)),
    ...bought.map(({ ingredient, haveG = 0, lackG }) => ({
      ingredient,
      massG: Math.ceil(haveG + lackG),
    })),
  ];
}

/** The cupboard once the batch has taken its share. */
export function withTaken(stock: Stock, shopping: Shopping): Stock {
  const taken = Object.fromEntries(shopping.map(({ ingredient, massG }) => [ingredient, massG]));
  return stock.map(({ ingredient, massG }) => ({
    ingredient,
    massG: Math.max(0, Math.floor(massG - (taken[ingredient] ?? 0))),
  }));
}
