import { type PlanRequest, readLines, workOut } from '../work/index.ts';
import type { Recipe } from './imagine.ts';

/** The recipe of a request; null where a line is not understood, or nothing comes of it. */
export function recipeOf(request: PlanRequest): Recipe | null {
  const { understood, puzzling, choice, boil } = workOut(
    { ...request, draws: 0 },
    readLines(request),
  );
  return puzzling.length > 0 || boil === null
    ? null
    : // What was obtained before is a line like the others from here on.
      { request: { ...request, before: null }, method: choice.method, lines: understood };
}
