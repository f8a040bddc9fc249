import { timesFor } from '../forecast/index.ts';
import type { Fruit } from '../ingredients/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { timesRange } from '../quantity/index.ts';
import type { PlanRequest } from './request.ts';

/**
 * What goes into the pot as this kitchen’s cooks know it: what its cup of fruit weighs, and how
 * sweet each fruit is. What was measured today counts more. The shelf never goes by it.
 */
export function asLearned(
  lines: readonly UnderstoodLine[],
  { learned: { cupTimes, solidsTimes }, measured, before }: PlanRequest,
): readonly UnderstoodLine[] {
  const tasted = isTasted({ measured, before });
  return lines.map((line) => {
    const { ingredient, massG, byVolume } = line;
    if (ingredient.kind !== 'fruit') return line;
    const heavier = byVolume === true ? (cupTimes?.p50 ?? 1) : 1;
    const sweeter = tasted ? 1 : timesFor(solidsTimes, ingredient.id);
    if (heavier === 1 && sweeter === 1) return line;
    return {
      ...line,
      massG: timesRange(massG, heavier),
      ingredient: sweeter === 1 ? ingredient : sweetened(ingredient, sweeter),
    };
  });
}

/** Whether its soluble solids were read today: that counts more than what was learned. */
export const isTasted = ({ measured, before }: Pick<PlanRequest, 'measured' | 'before'>): boolean =>
  measured.startBrix !== null || before?.brix != null;

/** A fruit with so many times the soluble solids that the table gives it. */
const sweetened = (fruit: Fruit, times: number): Fruit => ({
  ...fruit,
  make: {
    ...fruit.make,
    solublesPct: timesRange(fruit.make.solublesPct, times),
    sugarsPct: timesRange(fruit.make.sugarsPct, times),
  },
});

/** A request whose lines are known already: nothing that was learned of cups and fruit counts twice. */
export const knownLines = (request: PlanRequest): PlanRequest => ({
  ...request,
  learned: { ...request.learned, cupTimes: null, solidsTimes: [] },
});
