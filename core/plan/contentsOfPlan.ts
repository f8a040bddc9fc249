import { type Contents, massOf, solublesPctOf, sugarsG, syrupBrixOf } from '../formula/index.ts';
import { weighedOutG, type UnderstoodLine } from '../parser/index.ts';
import type { Layers, Plan } from './plan.ts';
import { roundQuantiles, roundTo } from '../quantity/index.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

/** The batch before it is lit, by layers. */
export const startOfPlan = ({ all, forecast }: Boil): NonNullable<Plan['start']> => ({
  massG: roundTo(massOf(all), 1),
  solublesPct: roundTo(solublesPctOf(all), 2),
  layers: layersOf(all),
  ...(forecast.pH ? { pH: roundQuantiles(forecast.pH.start, 2) } : {}),
});

/** The batch at its stop, by layers. */
export function finishOfPlan(
  { understood }: Evaluation,
  { all, finish: { contents }, forecast, cook, setters }: Boil,
): NonNullable<Plan['finish']> {
  const massG = massOf(contents);
  const per100g = (grams: number) => roundTo((100 * grams) / massG, 1);
  return {
    massG: roundQuantiles(forecast.massG, 1),
    solublesPct: roundTo(solublesPctOf(contents), 2),
    syrupBrix: roundTo(syrupBrixOf(contents), 2),
    steamG: roundTo(massOf(all) - massG, 1),
    ...(forecast.pH ? { pH: roundQuantiles(forecast.pH.finish, 2) } : {}),
    ...(setters === null
      ? {}
      : {
          pectinPct: roundTo((100 * (setters.highMethoxylG + setters.lowMethoxylG)) / massG, 3),
          invertPct: roundTo(100 * cook.invertShare, 0),
        }),
    fruitPer100g: per100g(fruitG(understood)),
    sugarsPer100g: per100g(sugarsG(contents)),
    layers: layersOf(contents),
  };
}

/**
 * Grams of fruit as a label counts them: prepared fruit and its juice, dried fruit as it went in.
 */
const fruitG = (lines: readonly UnderstoodLine[]): number =>
  lines
    .filter(({ ingredient }) => ingredient.kind === 'fruit' || ingredient.kind === 'juice')
    .reduce((sum, line) => sum + weighedOutG(line), 0);

const layersOf = (contents: Contents): Layers => ({
  waterG: roundTo(contents.water, 1),
  sugarsG: roundTo(sugarsG(contents), 1),
  otherSolublesG: roundTo(contents.otherSolubles, 1),
  insolublesG: roundTo(contents.insolubles, 1),
  fatG: roundTo(contents.fat, 1),
  eggSolidsG: roundTo(contents.egg, 1),
});
