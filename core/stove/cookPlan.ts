import { ambientOf } from '../ambient/index.ts';
import type { BoilOver, CookSetting } from '../boil/index.ts';
import { jarActs, type Act } from '../chain/index.ts';
import type { Contents } from '../formula/index.ts';
import { CURD_DONE_C, METHODS, type Method, type Product, type StopKind } from '../method/index.ts';
import { evaluatedPlan, type Plan } from '../plan/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { learnedOffsetK, type PlanRequest } from '../evaluate/index.ts';

/**
 * What the stove knows of a batch before it is lit: its plan's acts in order, what is in the pot,
 * and where to stop. Temperatures are as this kitchen's thermometer shows them.
 */
export type CookPlan = {
  readonly product: Product;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  readonly first: Contents;
  /** The chain's acts at the stove, and the filling of the jars. */
  readonly acts: readonly Act[];
  readonly setting: Omit<CookSetting, 'stages'>;
  readonly waterBoilsC: number;
  /** What the thermometer adds to the truth, K, as far as boiling water tells; weather is in it. */
  readonly offsetK: number;
  readonly stopKind: StopKind;
  readonly stopC: number;
  readonly targetPct: number;
  /**
   * Solids at the stop can be read from the temperature: a jam's can, a butter's and a curd's
   * cannot.
   */
  readonly tempTells: boolean;
  /** How full the pot is, and how far it foams; null where no pot is given, or nothing foams. */
  readonly boilOver: BoilOver | null;
  /** What is done with the filled jars, and how far they are filled. */
  readonly process: Plan['process'];
};

/**
 * The stove's sheet of a request, on a thermometer that shows `waterBoilsC` in boiling water (null:
 * as the request says). Null until the lines hold fruit and sugar that can be cooked, and for a
 * request that cannot be planned.
 */
export function cookPlanOf(
  request: PlanRequest,
  waterBoilsC: number | null = null,
): CookPlan | null {
  const here: PlanRequest = waterBoilsC === null ? request : { ...request, waterBoilsC };
  const outcome = evaluatedPlan({ ...here, draws: 0 });
  if (!outcome.ok) return null;
  const { plan, worked } = outcome;
  const { boil, understood, choice } = worked;
  if (boil === null) return null;
  const { stopKind } = METHODS[choice.method];
  const offsetK = offsetOf(here);
  const { stop, pot, process } = plan;
  return {
    product: here.product,
    method: choice.method,
    lines: understood,
    first: boil.chain.first,
    acts: [...boil.chain.acts, ...jarActs(process).slice(0, 1)],
    setting: boil.setting,
    waterBoilsC: stop.waterBoilsC,
    offsetK,
    stopKind,
    // The plan's own stop, so that Balance and Stove name the same.
    stopC: stopKind === 'egg' ? eggStopC(here, offsetK) : (stop.tempC ?? stop.ruleTempC),
    targetPct: boil.targetPct,
    tempTells: stopKind === 'temperature' || stopKind === 'timed-boil',
    boilOver: pot?.boilOver ?? null,
    process,
  };
}

/** Where a thermometer that was only learned would stop egg sooner, it does not. */
const eggStopC = ({ waterBoilsC }: PlanRequest, offsetK: number): number =>
  CURD_DONE_C + (waterBoilsC === null ? Math.max(0, offsetK) : offsetK);

/** Below boiling water by less than this, the pot is at the boil; K. */
const AT_THE_BOIL_K = 0.6;

/** Whether a pot that is so warm, as the thermometer shows it, is at the boil. */
export const nearBoil = ({ waterBoilsC }: CookPlan, tempC: number): boolean =>
  tempC >= waterBoilsC - AT_THE_BOIL_K;

/**
 * What boiling water shows above what it should at this altitude, K; what the kitchen's cooks told
 * where it was never read, and 0 where nothing is known.
 */
function offsetOf(request: PlanRequest): number {
  const { altitudeM, waterBoilsC } = request;
  if (waterBoilsC === null) return learnedOffsetK(request);
  if (altitudeM === null) return 0;
  return waterBoilsC - ambientOf({ altitudeM, waterBoilsC: null }).waterBoilsC;
}
