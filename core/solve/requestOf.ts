import { scaleLine } from '../formula/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { isSugar } from '../method/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { type Mix, mixed, type SolverRecipe } from './tryMix.ts';

/** A mix as a request, its method held fast. */
export const requestOf = (solverRecipe: SolverRecipe, mix: Mix): PlanRequest => ({
  ...solverRecipe.request,
  method: solverRecipe.method,
  lines: written(solverRecipe, mix),
  targetSolublesPct: mix.targetPct === null ? null : Number(mix.targetPct.toFixed(1)),
});

/** The lines of a mix in words, each in the measure it was written in where that can be kept. */
function written({ request, lines }: SolverRecipe, mix: Mix): string[] {
  const times = (line: UnderstoodLine) => (isSugar(line) ? mix.sugar : mix.fruit);
  const own = lines.filter(({ ingredient }) => ingredient.id !== mix.dose?.id);
  const added = mixed([], mix).map(({ text }) => text);
  return [
    ...own.filter((line) => times(line) > 0).map((line) => scaleLine(line, times(line), request)),
    ...added,
  ];
}
