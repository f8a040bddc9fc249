import { formatGrams, formatVolume, kitchenFraction } from '../quantity/index.ts';
import { POWDER_TSP_G, TEASPOON_ML } from './spoons.ts';

/** Something that is put into the pot, as it is measured. */
export type Part = {
  readonly amount: number;
  readonly unit: 'g' | 'mL' | '';
  readonly name: string;
  /** What it is in spoons or packs, where it is measured so. */
  readonly measured?: string;
};

/** Grams of something. */
export const grams = (amount: number, name: string, measured?: string): Part => ({
  amount,
  unit: 'g',
  name,
  ...(measured === undefined ? {} : { measured }),
});
/** Millilitres of something. */
export const millilitres = (amount: number, name: string): Part => ({ amount, unit: 'mL', name });
/** So many of something. */
export const count = (amount: number, name: string): Part => ({ amount, unit: '', name });

/** As a line of a formula. */
export const lineOf = ({ amount, unit, name }: Part): string =>
  [amount, unit, name].filter((word) => word !== '').join(' ');

/** As a cook is told it: what is poured in spoons or cups too. */
export const partInWords = ({ amount, unit, name, measured }: Part): string => {
  if (unit === 'mL') return `${formatVolume(amount, 'metric')} (${spoonsAndCups(amount)}) ${name}`;
  const so = measured === undefined ? '' : ` (${measured})`;
  return `${unit === 'g' ? formatGrams(amount) : amount}${so} ${name}`;
};

/** So many boxes, where it is whole ones, else level spoons of a powder. */
export const boxesOrSpoons = (massG: number, boxes: number): string =>
  boxes === 0
    ? spoonsAndCups((TEASPOON_ML * massG) / POWDER_TSP_G)
    : `${boxes} ${boxes === 1 ? 'box' : 'boxes'}`;

const TEASPOONS_A_TABLESPOON = 3;
const TEASPOONS_A_QUARTER_CUP = 12;
/** From a cup on, a spoonful is a tablespoon. */
const A_CUP_ML = 240;

/**
 * `2 tsp`, `¼ cup + 1 tbsp`, `1½ cups`: what is measured with spoons and a cup of quarters, within
 * a few in a hundred.
 */
function spoonsAndCups(volumeMl: number): string {
  const least = volumeMl >= A_CUP_ML ? TEASPOONS_A_TABLESPOON : 1;
  const spoons = least * Math.round(volumeMl / TEASPOON_ML / least);
  const quarters = Math.floor(spoons / TEASPOONS_A_QUARTER_CUP);
  const left = spoons % TEASPOONS_A_QUARTER_CUP;
  return [
    quarters === 0 ? '' : `${kitchenFraction(quarters / 4)} ${quarters > 4 ? 'cups' : 'cup'}`,
    ...(
      [
        [Math.floor(left / TEASPOONS_A_TABLESPOON), 'tbsp'],
        [left % TEASPOONS_A_TABLESPOON, 'tsp'],
      ] as const
    ).map(([amount, spoon]) => (amount === 0 ? '' : `${amount} ${spoon}`)),
  ]
    .filter((part) => part !== '')
    .join(' + ');
}
