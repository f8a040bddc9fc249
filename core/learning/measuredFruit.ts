import { evaluate, readLines, type PlanRequest } from '../evaluate/index.ts';
import { massOf, solublesPctOf } from '../formula/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { BRIX_ERROR } from '../pretreatment/index.ts';
import { cookPlanOf } from '../stove/index.ts';
import type { Told } from './joined.ts';
import type { StraightLog } from './straightened.ts';

/** What is told of one of several things: a fruit, or a method. */
export type ToldOf = Told & { readonly id: string };

/** A pot is weighed for what went in so long after the flame at most, min. Judgement. */
const STILL_COLD_MIN = 3;
/** How well a pot is weighed on a kitchen’s scale, share of what is in it. Judgement. */
const SCALE_SD = 0.01;
/** Less of the pot than this in cups tells nothing of them, share of its weight. */
const LEAST_IN_CUPS = 0.2;
/** What is so many times off is a mistake, and no full cup. */
const MOST_TIMES = 1.8;

/**
 * What a cup of this kitchen’s fruit weighs over the table, logarithm: told by a pot that is
 * weighed before it boils. Null where nothing tells it.
 */
export function cupOf(request: PlanRequest, { entries }: StraightLog): Told | null {
  const lit = entries.find(({ kind }) => kind === 'lit')?.at ?? NaN;
  const weighing = entries.find(
    ({ kind, at }) => kind === 'weight' && at <= lit + STILL_COLD_MIN * 60_000,
  );
  const cookPlan = cookPlanOf(request);
  if (weighing?.value == null || cookPlan === null) return null;
  const weighedG = weighing.value;
  // An addition that says no amount leaves it open what was weighed.
  const foretoldG = entries
    .filter(({ kind, at }) => kind === 'added' && at <= weighing.at)
    .reduce((sum, { value }) => sum + (value ?? NaN), massOf(cookPlan.first));
  const inCupsG = understoodOf(request).reduce(
    (sum, { byVolume, ingredient, massG }) =>
      byVolume === true && ingredient.kind === 'fruit' ? sum + massG.typical : sum,
    0,
  );
  if (!(inCupsG >= LEAST_IN_CUPS * foretoldG)) return null;
  return told(1 + (weighedG - foretoldG) / inCupsG, (SCALE_SD * weighedG) / inCupsG);
}

/** Less of the solids than this from one fruit tells nothing of it, share. */
const LEAST_OF_SOLIDS = 0.1;

/**
 * Soluble solids of its main fruit over the table, logarithm: told by a refractometer, in the juice
 * or in the whole. Null where nothing was read.
 */
export function solidsOf(request: PlanRequest): ToldOf | null {
  const { measured, before } = request;
  const untasted: PlanRequest = {
    ...request,
    measured: { ...measured, startBrix: null },
    before: before === null ? null : { ...before, brix: null },
    draws: 0,
  };
  const lines = understoodOf(untasted);
  const fruit = lines
    .filter(({ ingredient }) => ingredient.kind === 'fruit')
    .toSorted((a, b) => solublesGOf(b) - solublesGOf(a))[0];
  if (fruit === undefined) return null;
  const { id } = fruit.ingredient;
  const usualPct = fruit.ingredient.make.solublesPct.typical;
  if (before?.brix != null)
    return named(id, told(before.brix / usualPct, BRIX_ERROR.value / usualPct));
  const all = evaluate(untasted, readLines(untasted)).boil?.all;
  if (measured.startBrix === null || all === undefined) return null;
  const ofFruitG = solublesGOf(fruit);
  const foretoldG = (solublesPctOf(all) * massOf(all)) / 100;
  if (ofFruitG < LEAST_OF_SOLIDS * foretoldG) return null;
  const gramsOf = (brix: number) => (brix * massOf(all)) / 100;
  return named(
    id,
    told(
      1 + (gramsOf(measured.startBrix) - foretoldG) / ofFruitG,
      gramsOf(BRIX_ERROR.value) / ofFruitG,
    ),
  );
}

const solublesGOf = ({ massG, ingredient }: UnderstoodLine): number =>
  (massG.typical * ingredient.make.solublesPct.typical) / 100;

const understoodOf = (request: PlanRequest): readonly UnderstoodLine[] =>
  evaluate({ ...request, draws: 0 }, readLines(request)).understood;

const named = (id: string, of: Told | null): ToldOf | null => (of === null ? null : { id, ...of });

const told = (times: number, sd: number): Told | null =>
  times > 1 / MOST_TIMES && times < MOST_TIMES ? { mean: Math.log(times), sd: sd / times } : null;
