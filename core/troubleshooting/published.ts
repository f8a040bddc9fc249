import { exactFraction, kitchenFraction } from '../quantity/index.ts';

/** How a soft spread is made to set: with pectin from a box or a pouch, or by boiling on. */
export type RemakeWay = 'powder' | 'liquid' | 'calcium' | 'none' | 'thin';

/** How long it boils: minutes at a full rolling boil; null for on to the stop. */
export type RemakeBoil = { readonly minutes: number | null };

/** What goes in, in the measures of a kitchen, and how long it then boils. */
export type Published = {
  readonly way: RemakeWay;
  readonly lines: readonly string[];
  readonly boil: RemakeBoil;
};

/** A US quart, mL. */
export const QUART_ML = 946.353;

type PerQuart = {
  readonly boil: RemakeBoil;
  readonly amounts: readonly (readonly [amount: number, unit: string, name: string])[];
};

/**
 * Amounts for a US quart of spread that is to be mended. For soft ones as extension services print
 * them, from memory; a calcium gel takes a dose of its pectin and of calcium water more, and what is
 * too stiff takes juice or water: common practice.
 */
const PER_QUART: { readonly [way in RemakeWay]: PerQuart } = {
  powder: {
    boil: { minutes: 0.5 },
    amounts: [
      [0.25, 'cup', 'sugar'],
      [0.5, 'cup', 'water'],
      [2, 'tbsp', 'bottled lemon juice'],
      [4, 'tsp', 'powdered pectin'],
    ],
  },
  liquid: {
    boil: { minutes: 1 },
    amounts: [
      [0.75, 'cup', 'sugar'],
      [2, 'tbsp', 'bottled lemon juice'],
      [2, 'tbsp', 'liquid pectin'],
    ],
  },
  calcium: {
    boil: { minutes: 1 },
    amounts: [
      [2, 'tsp', 'low-methoxyl pectin'],
      [2, 'tsp', 'calcium water'],
    ],
  },
  none: { boil: { minutes: null }, amounts: [[2, 'tbsp', 'bottled lemon juice']] },
  thin: { boil: { minutes: 1 }, amounts: [[0.5, 'cup', 'water']] },
};

const DECIMALS = 2;
/** To the nearest eighth where that is no further off, share; else as it is. */
const NEAR = 0.03;

function measured(amount: number): string {
  const eighth = Math.round(amount * 8) / 8;
  return Math.abs(eighth / amount - 1) <= NEAR
    ? kitchenFraction(amount)
    : exactFraction(Number(amount.toFixed(DECIMALS)));
}

/**
 * The published amounts for so much spread.
 * @param volumeMl of the jars to be emptied, mL
 */
export function publishedFor(way: RemakeWay, volumeMl: number): Published {
  const quarts = volumeMl / QUART_ML;
  const { boil, amounts } = PER_QUART[way];
  return {
    way,
    boil,
    lines: amounts.map(([amount, unit, name]) => `${measured(amount * quarts)} ${unit} ${name}`),
  };
}
