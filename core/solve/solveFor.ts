import { message } from '@idle-kettle/words/message';
import { type Fault, type Plan, planBatch } from '../plan/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { firmnessOf } from './firmness.ts';
import { AS_WRITTEN, tryMix, type SolverRecipe } from './tryMix.ts';
import { solverRecipeOf } from './solverRecipeOf.ts';
import { isMeasured, requestOf } from './requestOf.ts';
import { sizeOf } from './size.ts';
import type { Collision, Wishes } from './wishes.ts';

/** A request that gives what was wished, wishes that collide, or what is wrong with the request. */
export type Solved =
  | { readonly outcome: 'solved'; readonly request: PlanRequest; readonly plan: Plan }
  | { readonly outcome: 'collides'; readonly collision: Collision }
  | { readonly outcome: 'refused'; readonly faults: readonly Fault[] };

/** Jars are aimed a little over full, so that the last one is. */
const A_LITTLE_OVER = 1.004;
const MOST_TRIES = 8;
/** So many times what was measured is more than there is. */
const MORE = 1.03;

/**
 * Finds the amounts that grant a cook's wishes, and plans them. Fruit and what goes with it keep
 * their proportions; sugar, the stop, and one pectin move where a wish asks for it. Wishes that
 * cannot all be had come back as the two that collide. The method stays what it is.
 */
export function solveFor(request: PlanRequest, wishes: Wishes): Solved {
  const now = planBatch(request);
  if (!now.ok) return { outcome: 'refused', faults: now.faults };
  const solverRecipe = solverRecipeOf(request);
  if (solverRecipe === null) {
    return {
      outcome: 'refused',
      faults: [
        {
          field: 'lines',
          message: message('solve.fixTheHighlightedLinesFirst'),
        },
      ],
    };
  }
  // The middle of the imagined batches lies a little off the typical one.
  const typicalMl = tryMix(solverRecipe, {
    ...AS_WRITTEN,
    targetPct: request.targetSolublesPct,
  })?.volumeMl;
  const lean = (now.plan.yield?.volumeMl.p50 ?? 1) / (typicalMl ?? 1);
  return search(solverRecipe, wishes, A_LITTLE_OVER / lean, MOST_TRIES);
}

function search(
  solverRecipe: SolverRecipe,
  wishes: Wishes,
  overfill: number,
  tries: number,
): Solved {
  const sized = sizeOf(solverRecipe, wishes, overfill);
  if ('between' in sized) return { outcome: 'collides', collision: sized };
  const mix = firmnessOf(solverRecipe, wishes, sized);
  if ('between' in mix) return { outcome: 'collides', collision: mix };
  if (isMeasured(solverRecipe) && (wishes.jars ?? wishes.fruitG) !== undefined && mix.fruit > MORE)
    return {
      outcome: 'collides',
      collision: {
        between: [wishes.jars === undefined ? 'fruit' : 'jars', 'recipe'],
        message: message('solve.thereIsOnlyWhatWasMeasured', {
          times: mix.fruit.toFixed(1),
        }),
      },
    };
  const request = requestOf(solverRecipe, mix);
  const outcome = planBatch(request);
  if (!outcome.ok) return { outcome: 'refused', faults: outcome.faults };
  const { jars } = wishes;
  const short =
    jars !== undefined &&
    (outcome.plan.yield?.volumeMl.p50 ?? 0) < jars.count * jars.volumeMl &&
    tries > 0;
  return short
    ? search(solverRecipe, wishes, overfill * A_LITTLE_OVER, tries - 1)
    : { outcome: 'solved', request, plan: outcome.plan };
}
