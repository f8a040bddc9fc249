import type { Ingredient, OtherIngredient } from '../ingredients/index.ts';
import { range, type Range } from '../quantity/index.ts';

/** Two things that one line measures together, such as the juice and zest of a lemon. */
export type Portion = { readonly ingredient: Ingredient; readonly massG: Range };

/**
 * One row for two things that go in together, by their typical masses: what they hold is averaged,
 * and the sourness is that of the first, thinned by the second.
 */
export function blended(
  name: string,
  main: Portion & { ingredient: OtherIngredient },
  more: Portion,
): OtherIngredient {
  const [a, b] = [main.massG.typical, more.massG.typical];
  const share = a / (a + b);
  const mix = (x: Range, y: Range): Range =>
    range(
      share * x.low + (1 - share) * y.low,
      share * x.typical + (1 - share) * y.typical,
      share * x.high + (1 - share) * y.high,
    );
  const [x, y] = [main.ingredient, more.ingredient];
  const sugars = (row: Ingredient) => row.make.sugarsPct.typical * row.make.sucroseShare;
  const sugarsPct = mix(x.make.sugarsPct, y.make.sugarsPct);
  const sucrosePct = share * sugars(x) + (1 - share) * sugars(y);
  return {
    ...x,
    id: `${x.id}-and-${y.id}`,
    name,
    alsoCalled: [],
    make: {
      ...x.make,
      solublesPct: mix(x.make.solublesPct, y.make.solublesPct),
      insolublesPct: mix(x.make.insolublesPct, y.make.insolublesPct),
      sugarsPct,
      sucroseShare: sugarsPct.typical === 0 ? 0 : sucrosePct / sugarsPct.typical,
    },
    ...(x.sour
      ? {
          sour: {
            ...x.sour,
            taPct: range(
              share * x.sour.taPct.low,
              share * x.sour.taPct.typical,
              share * x.sour.taPct.high,
            ),
          },
        }
      : {}),
    pectinPct: mix(x.pectinPct, y.pectinPct),
    calciumMg: mix(x.calciumMg, y.calciumMg),
  };
}
