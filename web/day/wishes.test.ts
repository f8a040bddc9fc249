import type { FruitInHouse, FruitStock } from '@idle-kettle/contract/season';
import { linesOf, wishesOf } from './wishes.ts';

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 8, 1);

const stock = (change: Partial<FruitStock>): FruitStock =>
  ({
    fruit: 'damson',
    name: 'damson',
    colour: '#401030',
    uses: 4,
    ripeMs: NOW + 10 * DAY,
    fruitG: { p10: 2000, p50: 4000, p90: 6000 },
    ...change,
  }) as FruitStock;
const inHouse = (change: Partial<FruitInHouse>): FruitInHouse => ({
  id: 'r',
  line: '3 kg raspberries',
  fruit: 'raspberry',
  colour: null,
  place: 'fridge',
  since: new Date(NOW - DAY).toISOString(),
  keepsUntil: new Date(NOW + DAY).toISOString(),
  ...change,
});

test('fruit in the house comes before what only ripens, what keeps least first', () => {
  const plums = inHouse({
    id: 'p',
    fruit: 'plum',
    keepsUntil: new Date(NOW + 5 * DAY).toISOString(),
  });
  expect(wishesOf([plums, inHouse({})], [stock({})], NOW).map(({ id }) => id)).toEqual([
    'r',
    'p',
    'damson',
  ]);
});

test('what is not ripe for long, never used, or there already is not wished for', () => {
  const none = [
    stock({ ripeMs: NOW + 90 * DAY }),
    stock({ ripeMs: null }),
    stock({ uses: 0 }),
    stock({ fruitG: null }),
    stock({ fruit: 'raspberry' }),
  ];
  expect(wishesOf([inHouse({})], none, NOW).map(({ id }) => id)).toEqual(['r']);
});

test('much fruit is made in several batches, each small enough for a pot', () => {
  expect(linesOf('damson', 4000)).toEqual(['2 kg damson', '2 kg damson']);
  expect(linesOf('damson', 900)).toEqual(['900 g damson']);
  expect(linesOf('damson', 90_000)).toHaveLength(4);
  expect(linesOf('damson', 10)).toEqual(['100 g damson']);
});
