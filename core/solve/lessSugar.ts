import { type SetClass, setClassOf } from '../gel/index.ts';
import { isSugar } from '../method/index.ts';
import { changed, type PlanRequest } from '../evaluate/index.ts';
import { planBatch } from '../plan/index.ts';
import { bisect } from './bisect.ts';
import { AS_WRITTEN, gramsOf, tryMix } from './tryMix.ts';
import { solverRecipeOf } from './solverRecipeOf.ts';
import { requestOf } from './requestOf.ts';

/** What comes of a share of the sugar. */
export type SugarTrial = {
  /** 1 for the sugar as it is written. */
  readonly share: number;
  readonly sugarG: number;
  readonly set: SetClass;
  readonly volumeMl: number;
};

/** A batch with less and less of its sugar, and where it ceases to set. */
export type SugarSweep = {
  readonly trials: readonly SugarTrial[];
  /**
   * The share below which it no longer sets; null where it sets with any, or with none of those
   * tried.
   */
  readonly failsBelow: number | null;
};

const LEAST_SHARE = 0.1;
const MOST_SHARE = 1.5;
const STEP = 0.05;
/** Least of what makes it set, held over needed, of a soft set. */
const SOFT = 0.75;

/**
 * What if there were less sugar, or more: the set and the yield by the share of it, and where the
 * set fails.
 */
export function sweepSugar(request: PlanRequest): SugarSweep | null {
  const solverRecipe = solverRecipeOf(request);
  const sugarG = solverRecipe === null ? 0 : gramsOf(solverRecipe.lines, isSugar);
  if (solverRecipe === null || sugarG === 0) return null;
  const at = (share: number) =>
    tryMix(solverRecipe, { ...AS_WRITTEN, sugar: share, targetPct: request.targetSolublesPct });
  const count = Math.round((MOST_SHARE - LEAST_SHARE) / STEP) + 1;
  const shares = Array.from({ length: count }, (_, i) =>
    Number((LEAST_SHARE + i * STEP).toFixed(2)),
  );
  const trials = shares.flatMap((share) => {
    const found = at(share);
    return found === null
      ? []
      : [
          {
            share,
            sugarG: share * sugarG,
            set: setClassOf(found.setRatio),
            volumeMl: found.volumeMl,
          },
        ];
  });
  const ratio = (share: number) => at(share)?.setRatio ?? NaN;
  const crosses =
    ratio(LEAST_SHARE) < SOFT && trials.some(({ set }) => set !== 'pours' && set !== 'loose');
  return {
    trials,
    failsBelow: crosses ? bisect(ratio, SOFT, LEAST_SHARE, MOST_SHARE, 1e-3) : null,
  };
}

/**
 * The request with so much of its sugar; null where it has none.
 * @param share 0 to 1
 */
export function withSugarShare(request: PlanRequest, share: number): PlanRequest | null {
  const solverRecipe = solverRecipeOf(request);
  return (
    solverRecipe &&
    requestOf(solverRecipe, { ...AS_WRITTEN, sugar: share, targetPct: request.targetSolublesPct })
  );
}

/** Enough simulated batches to find how much of it sets. */
const DRAWS = 400;

/**
 * The request with so much of its sugar and low-sugar pectin in place of what sets it now: the way
 * to less sugar than a sugar gel bears. Null where that sets no better.
 * @param share 0 to 1
 */
export function lowSugarWay(request: PlanRequest, share: number): PlanRequest | null {
  const less = withSugarShare(request, share);
  if (less === null) return null;
  const outcome = planBatch({ ...less, draws: DRAWS });
  const remedy = outcome.ok
    ? outcome.plan.set?.remedies.find(({ change }) => change.method === 'low-methoxyl')
    : undefined;
  return remedy === undefined ? null : changed(less, remedy.change);
}
