import { scaleLine } from '../formula/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { isSugar } from '../method/index.ts';
import type { Pretreatment } from '../pretreatment/index.ts';
import type { PlanRequest, Pretreated } from '../evaluate/index.ts';
import { type Mix, mixed, type SolverRecipe } from './tryMix.ts';

/**
 * A mix as a request, its method held fast. What was done first stays: as it is once it was
 * measured, and else by as much as the fruit.
 */
export function requestOf(solverRecipe: SolverRecipe, wanted: Mix): PlanRequest {
  const mix = isMeasured(solverRecipe) ? byWhatThereIs(wanted) : wanted;
  const { request, method, first } = solverRecipe;
  return {
    ...request,
    method,
    lines: written(solverRecipe, mix),
    before: first === null ? null : scaledBefore(first.pretreated, mix.fruit, request),
    targetSolublesPct: mix.targetPct === null ? null : Number(mix.targetPct.toFixed(1)),
  };
}

/** Whether it was measured what the first step gave: there is so much of it, and no more. */
export const isMeasured = ({ first }: SolverRecipe): boolean => {
  const { obtainedG = null, obtainedMl = null } = first?.pretreated.pretreatment ?? {};
  return obtainedG !== null || obtainedMl !== null;
};

/** The same proportions on the fruit that there is. */
const byWhatThereIs = ({ fruit, sugar, dose, targetPct }: Mix): Mix => ({
  fruit: 1,
  sugar: sugar / fruit,
  dose: dose && { ...dose, massG: dose.massG / fruit },
  targetPct,
});

/**
 * The lines of a mix in words, each in the measure it was written in where that can be kept; what
 * was done first gives its own.
 */
function written({ request, lines, first }: SolverRecipe, mix: Mix): string[] {
  const times = (line: UnderstoodLine) => (isSugar(line) ? mix.sugar : mix.fruit);
  const own = lines.filter(
    (line) => line.ingredient.id !== mix.dose?.id && first?.gave.has(line) !== true,
  );
  const added = mixed([], mix).map(({ text }) => text);
  return [
    ...own.filter((line) => times(line) > 0).map((line) => scaleLine(line, times(line), request)),
    ...added,
  ];
}

/** What is done first, of so many times the fruit. */
function scaledBefore(
  { pretreatment, readings }: Pretreated,
  times: number,
  request: PlanRequest,
): Pretreatment {
  if (times === 1) return pretreatment;
  return {
    ...pretreatment,
    lines: readings.map((line, index) =>
      line.understood ? scaleLine(line, times, request) : (pretreatment.lines[index] ?? ''),
    ),
    waterG: pretreatment.waterG === null ? null : pretreatment.waterG * times,
  };
}
