import { lineInGrams } from '../quantity/index.ts';
import type { Text } from '@idle-kettle/words/message';
import {
  changed,
  changedReadings,
  evaluate,
  isOfApples,
  jarsFilled,
  type Change,
  type Evaluation,
} from '../evaluate/index.ts';
import { solublesPctOf } from '../formula/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import type { SetModel } from '../gel/index.ts';
import { METHODS, type Product } from '../method/index.ts';
import type { LineReading } from '../parser/index.ts';
import {
  isProcessed,
  isSauceLike,
  processTime,
  storageVerdict,
  type ProcessCase,
  type ProcessTime,
  type StorageVerdict,
} from '../process/index.ts';
import type { Plan } from './plan.ts';

/** The time in the canner, the longest over the jars that are filled; null where there is none. */
export const timeOf = (worked: Evaluation): ProcessTime | null =>
  processTime({ ...processCaseOf(worked), jarMl: largestFilledMl(worked) });

/** What gels on little sugar, and so mounds and is no sauce. */
const GELS_ON_LITTLE_SUGAR: ReadonlySet<SetModel> = new Set(['low-methoxyl', 'gelling-sugar']);

/** What the time in the canner goes by, whichever jars are filled. */
export function processCaseOf(worked: Evaluation): Omit<ProcessCase, 'jarMl'> {
  const { request, ambient, choice } = worked;
  const { product, school, canner } = request;
  return {
    product,
    altitudeM: ambient.processingAltitudeM,
    school,
    canner,
    ofApples: isOfApples(worked),
    isSauce: isSauceLike(
      product,
      solidsForShelf(worked),
      GELS_ON_LITTLE_SUGAR.has(METHODS[choice.method].setModel),
    ),
  };
}

/**
 * Soluble solids that the shelf goes by, g per 100 g: those it is boiled to, or, where the clock
 * stops it, those that go in, since what steams off in a minute goes by the size of the batch and
 * the verdict must not. Null before there is a recipe.
 */
function solidsForShelf({ boil, choice }: Evaluation): number | null {
  if (boil === null) return null;
  const { stopKind } = METHODS[choice.method];
  return stopKind === 'temperature' || stopKind === 'body'
    ? Math.max(boil.targetPct, solublesPctOf(boil.all))
    : solublesPctOf(boil.all);
}

const largestFilledMl = (worked: Evaluation): number =>
  Math.max(...jarsFilled(worked.request, isOfApples(worked)).map(({ volumeMl }) => volumeMl));

/** Where the jars of a batch belong, and why. */
export const shelfOf = (worked: Evaluation, process: ProcessTime | null): StorageVerdict => {
  const { request, forShelf, unrecognized } = worked;
  return storageVerdict({
    product: request.product,
    lines: forShelf,
    unrecognizedLines: unrecognized.length,
    solublesPct: solidsForShelf(worked),
    process,
    canner: request.canner,
    storeIn: request.storeIn,
    largestJarMl: largestFilledMl(worked),
    rawPH: request.measured.startPH,
    assurance: request.assurance,
  });
};

/**
 * The verdict as a plan has it: what decides by the place of its line, and the way back as a change
 * of lines.
 */
export function shelfInPlan(
  worked: Evaluation,
  { decides, pantryFix: way, keeping: _, ...verdict }: StorageVerdict,
  readings: readonly LineReading[],
): Plan['shelf'] {
  const at = (row: Text): number[] =>
    readings.flatMap((line, index) =>
      line.understood && line.ingredient.id === row ? [index] : [],
    );
  const change = {
    drop: (way?.leaveOut ?? []).flatMap(at),
    add: (way?.add ?? []).map(({ id, grams }) =>
      lineInGrams(grams, findIngredient(id)?.name ?? id),
    ),
  };
  return {
    ...verdict,
    decides: decides.flatMap(({ row, text }) => at(row).map((line) => ({ line, text }))),
    ...asOtherProducts(worked, verdict, readings),
    ...(way !== null && opensPantry(worked, change, readings)
      ? { way: { text: way.text, change } }
      : {}),
  };
}

/** Products whose own rules may let through what another’s do not. */
const OTHERS: readonly Product[] = ['marmalade', 'conserve', 'pepper-jelly', 'infusion-jelly'];

/** Which other products a refused batch would be for the pantry as, judged again to prove it. */
function asOtherProducts(
  { request }: Evaluation,
  { verdict }: Pick<StorageVerdict, 'verdict'>,
  readings: readonly LineReading[],
): Pick<Plan['shelf'], 'as'> {
  if (isProcessed(verdict) || request.storeIn !== null) return {};
  const as = OTHERS.filter((product) => {
    if (product === request.product) return false;
    const other = evaluate(
      { ...request, product, method: null, targetSolublesPct: null, draws: 0 },
      readings,
    );
    return shelfOf(other, timeOf(other)).verdict === 'pantry';
  });
  return as.length === 0 ? {} : { as };
}

/** Whether the batch with a change made, worked out again, is for the pantry. */
function opensPantry(
  { request }: Evaluation,
  change: Change,
  readings: readonly LineReading[],
): boolean {
  const again = evaluate(changed(request, change), changedReadings(readings, change, request));
  return shelfOf(again, timeOf(again)).verdict === 'pantry';
}
