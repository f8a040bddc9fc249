import { range, type Range } from '../quantity/index.ts';
import type { Fruit } from './ingredient.ts';

/** Ripeness of an ordinary market basket, from 0 (green) to 1 (over-ripe). */
export const USUAL_RIPENESS = 0.5;

/**
 * Share of a property's range that ripeness explains; the rest is variety, soil and season.
 * Judgement.
 */
const EXPLAINED = 0.7;

/**
 * A range moved to where fruit of this ripeness lies in it, and narrowed by what is then known.
 * @param place 0 for the low end, 0.5 for the typical, 1 for the high end
 */
function placed({ low, typical, high }: Range, place: number): Range {
  const away = 2 * EXPLAINED * (place - 0.5);
  const middle = away < 0 ? typical + away * (typical - low) : typical + away * (high - typical);
  const known = Math.abs(away) / 2;
  return range(
    low + known * Math.max(0, middle - low),
    middle,
    high - known * Math.max(0, high - middle),
  );
}

/**
 * The same fruit at another ripeness: as it ripens sugars and pH rise, acid and pectin fall.
 * @param ripeness 0 (green) to 1 (over-ripe); 0.5 is the row as it stands
 * @throws RangeError outside 0 to 1
 */
export function ripened(fruit: Fruit, ripeness: number): Fruit {
  if (!(ripeness >= 0 && ripeness <= 1)) throw new RangeError(`Ripeness runs from 0 to 1`);
  if (ripeness === USUAL_RIPENESS) return fruit;
  const { make, sour } = fruit;
  const green = 1 - ripeness;
  return {
    ...fruit,
    make: {
      ...make,
      solublesPct: placed(make.solublesPct, ripeness),
      sugarsPct: placed(make.sugarsPct, ripeness),
    },
    ...(sour
      ? { sour: { ...sour, pH: placed(sour.pH, ripeness), taPct: placed(sour.taPct, green) } }
      : {}),
    pectinPct: placed(fruit.pectinPct, green),
  };
}
