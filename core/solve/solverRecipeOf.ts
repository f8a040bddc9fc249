import { type PlanRequest, readLines, evaluate } from '../evaluate/index.ts';
import type { SolverRecipe } from './tryMix.ts';

/** The recipe of a request; null where a line is not understood, or nothing comes of it. */
export function solverRecipeOf(request: PlanRequest): SolverRecipe | null {
  const { understood, unrecognized, choice, boil } = evaluate(
    { ...request, draws: 0 },
    readLines(request),
  );
  return unrecognized.length > 0 || boil === null
    ? null
    : // What was obtained before is a line like the others from here on.
      { request: { ...request, before: null }, method: choice.method, lines: understood };
}
