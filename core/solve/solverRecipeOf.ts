import { type PlanRequest, readLines, evaluate } from '../evaluate/index.ts';
import type { SolverRecipe } from './tryMix.ts';

/**
 * The recipe of a request; null where a line is not understood, nothing comes of it, or jars are
 * emptied into it: these are as many as there are.
 */
export function solverRecipeOf(request: PlanRequest): SolverRecipe | null {
  if (request.remake !== null) return null;
  const { understood, unrecognized, choice, boil, pretreated } = evaluate(
    { ...request, draws: 0 },
    readLines(request),
  );
  if (unrecognized.length > 0 || boil === null) return null;
  const gave = new Set(pretreated?.obtained.lines.filter((line) => understood.includes(line)));
  return {
    request: { ...request, before: null },
    method: choice.method,
    lines: understood,
    first: pretreated === null ? null : { pretreated, gave },
  };
}
