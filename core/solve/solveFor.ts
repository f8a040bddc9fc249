import { scaleLine, type UnderstoodLine } from '../formula/index.ts';
import { isSugar } from '../method/index.ts';
import {
  planBatch,
  readLines,
  workOut,
  type Fault,
  type Plan,
  type PlanRequest,
} from '../plan/index.ts';
import { firmnessOf } from './firmness.ts';
import { AS_WRITTEN, imagine, mixed, type Mix, type Recipe } from './imagine.ts';
import { sizeOf } from './size.ts';
import type { Collision, Wishes } from './wishes.ts';

export type Solved =
  | { readonly outcome: 'solved'; readonly request: PlanRequest; readonly plan: Plan }
  | { readonly outcome: 'collides'; readonly collision: Collision }
  | { readonly outcome: 'refused'; readonly faults: readonly Fault[] };

/** Jars are aimed a little over full, so that the last one is. */
const A_LITTLE_OVER = 1.004;
const MOST_TRIES = 8;

/**
 * Finds the amounts that grant a cook's wishes, and plans them. Fruit and what goes with it keep their
 * proportions; sugar, the stop, and one pectin move where a wish asks for it. Wishes that cannot all be had
 * come back as the two that collide. The method stays what it is.
 */
export function solveFor(request: PlanRequest, wishes: Wishes): Solved {
  const now = planBatch(request);
  if (!now.ok) return { outcome: 'refused', faults: now.faults };
  const { understood, puzzling, choice, boil } = workOut(
    { ...request, draws: 0 },
    readLines(request),
  );
  if (puzzling.length > 0 || boil === null) {
    return {
      outcome: 'refused',
      faults: [
        {
          field: 'lines',
          message: 'Every line must be understood, and make a batch, before it can be solved for.',
        },
      ],
    };
  }
  const recipe: Recipe = { request, method: choice.method, lines: understood };
  // The middle of the imagined batches lies a little off the typical one.
  const typicalMl = imagine(recipe, {
    ...AS_WRITTEN,
    targetPct: request.targetSolublesPct,
  })?.volumeMl;
  const lean = (now.plan.yield?.volumeMl.p50 ?? 1) / (typicalMl ?? 1);
  return search(recipe, wishes, A_LITTLE_OVER / lean, MOST_TRIES);
}

function search(recipe: Recipe, wishes: Wishes, overfill: number, tries: number): Solved {
  const sized = sizeOf(recipe, wishes, overfill);
  if ('between' in sized) return { outcome: 'collides', collision: sized };
  const mix = firmnessOf(recipe, wishes, sized);
  if ('between' in mix) return { outcome: 'collides', collision: mix };
  const request: PlanRequest = {
    ...recipe.request,
    method: recipe.method,
    lines: written(recipe, mix),
    targetSolublesPct: mix.targetPct === null ? null : Number(mix.targetPct.toFixed(1)),
  };
  const outcome = planBatch(request);
  if (!outcome.ok) return { outcome: 'refused', faults: outcome.faults };
  const { jars } = wishes;
  const short =
    jars !== undefined &&
    (outcome.plan.yield?.volumeMl.p50 ?? 0) < jars.count * jars.volumeMl &&
    tries > 0;
  return short
    ? search(recipe, wishes, overfill * A_LITTLE_OVER, tries - 1)
    : { outcome: 'solved', request, plan: outcome.plan };
}

/** The lines of a mix in words, each in the measure it was written in where that can be kept. */
function written({ request, lines }: Recipe, mix: Mix): string[] {
  const times = (line: UnderstoodLine) => (isSugar(line) ? mix.sugar : mix.fruit);
  const own = lines.filter(({ ingredient }) => ingredient.id !== mix.pectin?.id);
  const added = mixed([], mix).map(({ text }) => text);
  return [
    ...own
      .filter((line) => times(line) > 0)
      .map((line) => scaleLine(line, times(line), request.packs)),
    ...added,
  ];
}
