import type { EmptiedPot } from '../evaluate/index.ts';
import type { RemakeWay } from './published.ts';

/** What goes in, in g and mL. */
export type Dose = readonly {
  readonly amount: number;
  readonly unit: 'g' | 'mL';
  readonly name: string;
}[];

/** What pectin from a box is stirred into, mL a quart, and the acid that goes with any. */
const WATER_ML = 60;
const LEMON_ML = 30;
/** Pectin of the printed amounts, a quart: 4 tsp of powder, 2 tbsp of liquid. */
const POWDER_G = 12;
const LIQUID_ML = 30;
/** Two teaspoons each of low-methoxyl pectin and of calcium water, a quart. */
const CALCIUM_PECTIN_G = 6;
const CALCIUM_WATER_ML = 10;
/** What pectin is mixed with, or brings with it, is made up for with sugar; it is at least this, g a quart. */
const LEAST_SUGAR_G = 50;

/** So many times the printed pectin, with sugar that keeps the solids as they are. */
export function doseOf(
  way: Exclude<RemakeWay, 'thin'>,
  times: number,
  quarts: number,
  { solublesPct, targetPct }: Pick<EmptiedPot, 'massG' | 'solublesPct' | 'targetPct'>,
): Dose {
  const lemon = { amount: LEMON_ML * quarts, unit: 'mL', name: 'bottled lemon juice' } as const;
  if (way === 'none') return [{ ...lemon, amount: lemon.amount * times }];
  if (way === 'calcium')
    return [
      { amount: CALCIUM_PECTIN_G * times * quarts, unit: 'g', name: 'low-methoxyl pectin' },
      { amount: CALCIUM_WATER_ML * times * quarts, unit: 'mL', name: 'calcium water' },
    ];
  const waterG = (LEMON_ML + (way === 'powder' ? WATER_ML : LIQUID_ML * times)) * quarts;
  const keepPct = Math.max(Math.min(solublesPct, targetPct), LEAST_PCT);
  const sugarG = Math.max(LEAST_SUGAR_G * quarts, (waterG * keepPct) / (100 - keepPct));
  const sugar = { amount: sugarG, unit: 'g', name: 'sugar' } as const;
  return way === 'powder'
    ? [
        sugar,
        { amount: WATER_ML * quarts, unit: 'mL', name: 'water' },
        lemon,
        { amount: POWDER_G * times * quarts, unit: 'g', name: 'powdered pectin' },
      ]
    : [sugar, lemon, { amount: LIQUID_ML * times * quarts, unit: 'mL', name: 'liquid pectin' }];
}

/** A spread that is thinned holds no less than this for the shelf: sugar goes in as well. */
const LEAST_PCT = 60;

/** Water, and sugar where the shelf would lack it. */
export function thinned(
  { massG, solublesPct }: Pick<EmptiedPot, 'massG' | 'solublesPct' | 'targetPct'>,
  waterG: number,
): Dose {
  const pct = (massG * solublesPct) / (massG + waterG);
  const wanted = Math.min(solublesPct, LEAST_PCT);
  const sugarG = pct >= wanted ? 0 : ((massG + waterG) * (wanted - pct)) / (100 - wanted);
  return [
    { amount: waterG, unit: 'mL', name: 'water' },
    { amount: sugarG, unit: 'g', name: 'sugar' },
  ];
}
