import { prepareOf, BARE_KITCHEN, planInKitchen } from '@idle-kettle/core';
import { held, toBring, toTake, withBought, withTaken } from './cupboard.ts';

const outcome = planInKitchen(
  { lines: ['1 kg plums', '1.4 kg sugar', '2 tbsp bottled lemon juice'], settings: {} },
  BARE_KITCHEN,
  0,
);
if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
const { plan } = outcome;
const STOCK = [
  { ingredient: 'sugar', massG: 600 },
  { ingredient: 'honey', massG: 900 },
];
const shoppingWith = (stock: Parameters<typeof held>[0]) => prepareOf(plan, held(stock)).shopping;
const names = (list: ReturnType<typeof shoppingWith>) => list.map(({ ingredient }) => ingredient);

test('what keeps is brought into the cupboard; fresh fruit is bought and is not', () => {
  const shopping = shoppingWith(STOCK);
  expect(names(shopping)).toContain('plum');
  expect(names(toBring(shopping))).toEqual(['sugar', 'lemon-juice-bottled']);
  const bought = withBought(STOCK, shopping);
  expect(held(bought)).toMatchObject({ sugar: 1400, honey: 900 });
  expect(names(toBring(shoppingWith(bought)))).toEqual([]);
});

test('a batch takes its share, and no cupboard holds less than nothing', () => {
  const shopping = shoppingWith(STOCK);
  expect(names(toTake(shopping))).toEqual(['sugar']);
  expect(held(withTaken(STOCK, shopping))).toEqual({ sugar: 0, honey: 900 });
  const bought = withBought(STOCK, shopping);
  const after = held(withTaken(bought, shoppingWith(bought)));
  expect(after).toMatchObject({ sugar: 0, 'lemon-juice-bottled': 0, honey: 900 });
});
