import { lineInGrams } from '../quantity/index.ts';
import { message, type Text } from '@idle-kettle/words/message';
import { findIngredient } from '../ingredients/index.ts';
import { labelIngredients, type LabelIngredients } from '../label/index.ts';
import type { Product } from '../method/index.ts';
import { linesHeld, processCaseOf, evaluatedPlan, type Plan } from '../plan/index.ts';
import {
  cannerMinutes,
  isInItsJars,
  isNamed,
  isProcessed,
  NO_SAFETY_EVIDENCE,
  largestJarMl,
  processTime,
  type SafetyEvidence,
  type ProcessCase,
} from '../process/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { plannedAddition, type Entry } from '../stove/index.ts';
import { readLines, evaluate, type PlanRequest } from '../evaluate/index.ts';
import type { JarSize } from '../yield/index.ts';
import { farStopOf, stoppedAt, type FarStop } from './farStop.ts';
import { hotFillOf, type HotFill } from './hotFill.ts';

/**
 * What the jars of a batch go by: where they belong and why, which there are, and what time they
 * need.
 */
export type JarPlan = {
  readonly product: Product;
  /** Where the pot left the heat, if that was far from its plan. */
  readonly farStop: FarStop | null;
  readonly shelf: Plan['shelf'];
  readonly keeping: Plan['keeping'];
  readonly process: Plan['process'];
  /** The kitchen’s jars, in its order: an entry of the log names them by their place, from 1. */
  readonly sizes: readonly JarSize[];
  /** What a time in the canner goes by, whichever jars are filled. */
  readonly timedBy: Omit<ProcessCase, 'jarMl'>;
  /** Whether the altitude was only assumed. */
  readonly altitudeAssumed: boolean;
  /** What the cook states of the formula, a name or a meter’s reading; null where nothing was. */
  readonly stated: SafetyEvidence | null;
  /** What is expected in the pot, as it is filled, mL. */
  readonly forecastMl: Quantiles;
  /** mL that a gram in the pot fills, what clings and is skimmed taken off. */
  readonly mlPerG: number;
  /** What the pot holds, mL; null where none is given. */
  readonly potMl: number | null;
  readonly waterBoilsC: number;
  /** What filling it hot goes by; null for what is not filled hot. */
  readonly hot: HotFill | null;
  readonly label: JarLabel;
};

/** What the label of a jar says of what is in it. */
export type JarLabel = LabelIngredients & {
  readonly fruitPer100g: number;
  readonly sugarsPer100g: number;
};

/** Batches imagined for the range of what is in the pot. */
const DRAWS = 300;

/**
 * The sheet of a batch’s jars. What went in at the stove besides the formula counts for the shelf
 * as if it stood in it.
 * @param events of the cook, those that stand; none for a batch that was never followed
 * @param draws batches imagined for the range of what is in the pot; 0 for its likely content alone
 * @param solubles what the pot held when it left the heat, soluble solids, g per 100 g: one that
 * stopped far from its plan is judged as it is; null where it was not followed
 * @returns null until there is something in the pot, and for a request that cannot be planned
 */
export function jarPlanOf(
  request: PlanRequest,
  events: readonly Entry[],
  draws = DRAWS,
  solubles: Quantiles | null = null,
): JarPlan | null {
  const planned = { ...request, lines: [...request.lines, ...addedBesides(events)] };
  const farStop = farStopOf(planned, solubles);
  const asked = farStop === null ? planned : stoppedAt(planned, farStop.solublesPct);
  const outcome = evaluatedPlan({ ...asked, draws: 0 });
  if (!outcome.ok || outcome.plan.yield === undefined || outcome.plan.finish === undefined)
    return null;
  const { plan, worked } = outcome;
  const { assurance, pot } = request;
  const { volumeMl } = outcome.plan.yield;
  const ranged = draws === 0 ? null : evaluate({ ...asked, draws }, readLines(asked)).boil;
  return {
    product: request.product,
    farStop,
    shelf: plan.shelf,
    keeping: plan.keeping,
    process: plan.process,
    sizes: request.jars,
    timedBy: processCaseOf(worked),
    altitudeAssumed: request.altitudeM === null && request.waterBoilsC === null,
    stated: isNamed(assurance) || assurance.meterPH !== null ? assurance : null,
    forecastMl: ranged?.forecast.volumeMl ?? volumeMl,
    mlPerG: volumeMl.p50 / outcome.plan.finish.massG.p50,
    potMl: pot === null ? null : (Math.PI / 4) * pot.diameterCm ** 2 * pot.heightCm,
    waterBoilsC: worked.ambient.waterBoilsC,
    hot: farStop === null ? hotFillOf(plan, worked) : hotFillIn(planned),
    label: {
      ...labelIngredients(linesHeld(plan)),
      fruitPer100g: outcome.plan.finish.fruitPer100g,
      sugarsPer100g: outcome.plan.finish.sugarsPer100g,
    },
  };
}

/** What filling hot goes by where the pot stopped far from its plan: as it was planned. */
function hotFillIn(planned: PlanRequest): HotFill | null {
  const outcome = evaluatedPlan({ ...planned, draws: 0 });
  return outcome.ok ? hotFillOf(outcome.plan, outcome.worked) : null;
}

/** What was put in besides the chain, as lines. */
const addedBesides = (events: readonly Entry[]): string[] =>
  events.flatMap((event) =>
    event.kind !== 'added' || event.text === null || plannedAddition(event) !== null
      ? []
      : [lineInGrams(event.value ?? 0, findIngredient(event.text)?.name ?? event.text)],
  );

/** Minutes that a load needs, or why it may not be processed. */
export type LoadTime =
  | { readonly minutes: number | null; readonly refused: null }
  | { readonly minutes: null; readonly refused: Text };

/**
 * The time of a load by its largest jar; minutes are null where only the named formula prints them.
 * Refused for what is not for the pantry, jars beyond the tables, altitudes beyond them, and more
 * than a steam canner can hold.
 */
export function loadTime(jarPlan: JarPlan, jarsMl: readonly number[]): LoadTime {
  const refuse = (refused: Text): LoadTime => ({ minutes: null, refused });
  const { shelf, timedBy, stated } = jarPlan;
  if (!isProcessed(shelf.verdict))
    return refuse(
      message('jars.itIsntForThePantry', {
        value: shelf.reasons[0] ?? message('jars.keepItInTheFridge'),
      }),
    );
  const jarMl = Math.max(...jarsMl, 0);
  if (shelf.verdict === 'by-source' && stated !== null && !isInItsJars(stated, jarMl))
    return refuse(message('jars.thatFormulaIsForSmallerJars'));
  const time = processTime({ ...timedBy, jarMl });
  if (time !== null)
    return {
      minutes: cannerMinutes(shelf.verdict, time.minutes, stated ?? NO_SAFETY_EVIDENCE),
      refused: null,
    };
  if (jarMl > largestJarMl(timedBy.product, timedBy.ofApples))
    return refuse(message('jars.noTimeIsPublishedFor'));
  return processTime({ ...timedBy, jarMl, canner: 'boiling-water' }) === null
    ? refuse(message('jars.noTimeIsPublishedAbove'))
    : refuse(message('jars.itTakesLongerThanA'));
}
