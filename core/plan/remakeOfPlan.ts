import type { EmptiedPot, Remake } from '../evaluate/index.ts';
import { lineInGrams, roundTo } from '../quantity/index.ts';
import { planLine } from './lineOfPlan.ts';
import type { Plan } from './plan.ts';

/** Jars that are emptied into the pot, as a plan tells of them. */
export const remakeOfPlan = (
  { problem, volumeMl }: Remake,
  { massG, solublesPct, forShelf }: EmptiedPot,
): NonNullable<Plan['remake']> => ({
  problem,
  volumeMl: roundTo(volumeMl, 0),
  massG: roundTo(massG, 0),
  solublesPct: roundTo(solublesPct, 1),
  lines: forShelf.map((line) =>
    planLine({
      ...line,
      text: lineInGrams(roundTo(line.massG.typical, 0), line.ingredient.name),
    }),
  ),
});
