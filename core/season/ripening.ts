import { fromMemory } from '../quantity/index.ts';

/** Where fruit lies until it is cooked. */
export const FRUIT_PLACES = ['counter', 'fridge', 'freezer'] as const;
/** One of {@link FRUIT_PLACES}. */
export type FruitPlace = (typeof FRUIT_PLACES)[number];

/** How long ripe fruit keeps, days, from memory. */
export const FRUIT_KEEPS_SOURCE = fromMemory(
  'USDA storage tables for produce and extension pages: berries 1 to 3 days, stone fruit 3 to 5, apples weeks; frozen 10 to 12 months',
);

type Days = { readonly counter: number; readonly fridge: number };

const GROUPS: readonly (readonly [Days, readonly string[]])[] = [
  [
    { counter: 1, fridge: 3 },
    [
      'raspberry', 'wild-raspberry', 'blackberry', 'wild-blackberry', 'boysenberry', 'strawberry',
      'wild-strawberry', 'mulberry', 'cloudberry', 'fig', 'elderberry',
    ],
  ],
  [
    { counter: 3, fridge: 8 },
    [
      'blackcurrant', 'redcurrant', 'gooseberry', 'blueberry', 'bilberry', 'saskatoon', 'cherry',
      'sour-cherry', 'grape', 'fox-grape', 'rhubarb', 'cape-gooseberry',
    ],
  ],
  [
    { counter: 3, fridge: 6 },
    [
      'plum', 'wild-plum', 'damson', 'greengage', 'apricot', 'peach', 'nectarine', 'pear', 'mango',
      'papaya', 'guava', 'kiwi', 'passion-fruit', 'persimmon', 'tomato', 'banana', 'medlar',
    ],
  ],
  [
    { counter: 10, fridge: 35 },
    [
      'apple', 'crab-apple', 'quince', 'cranberry', 'sloe', 'rose-hip', 'rowan', 'hawthorn',
      'green-tomato', 'pomegranate',
    ],
  ],
  [
    { counter: 8, fridge: 24 },
    ['orange', 'seville-orange', 'lemon', 'lime', 'grapefruit', 'clementine', 'pineapple'],
  ],
  [{ counter: 60, fridge: 60 }, ['pumpkin', 'squash', 'beetroot', 'carrot']],
]; // prettier-ignore

const KEEPS: ReadonlyMap<string, Days> = new Map(
  GROUPS.flatMap(([days, fruits]) => fruits.map((fruit) => [fruit, days] as const)),
);
/** Of what is not tabled. Judgement. */
const USUAL: Days = { counter: 3, fridge: 6 };
const FROZEN_DAYS = 300;
/** Green fruit keeps so many times as long as ripe, over-ripe so many. Judgement. */
const GREEN_TIMES = 1.8;
const OVER_RIPE_TIMES = 0.4;

/**
 * How long fruit keeps good enough to cook, days: by its kind, where it lies, and how ripe it is.
 * @param ripeness 0 for green to 1 for over-ripe; null for ripe
 */
export function fruitKeepsDays(
  fruit: string | null,
  place: FruitPlace,
  ripeness: number | null,
): number {
  if (place === 'freezer') return FROZEN_DAYS;
  const days = (fruit === null ? USUAL : (KEEPS.get(fruit) ?? USUAL))[place];
  const ripe = ripeness ?? 0.5;
  const times =
    ripe <= 0.5
      ? GREEN_TIMES + (1 - GREEN_TIMES) * (ripe / 0.5)
      : 1 + (OVER_RIPE_TIMES - 1) * ((ripe - 0.5) / 0.5);
  return Math.max(1, Math.round(days * times));
}
