import { ambientOf } from '../ambient/index.ts';
import type { BoilOver, CookSetting } from '../boil/index.ts';
import type { Contents } from '../formula/index.ts';
import type { UnderstoodLine } from '../reader/index.ts';
import {
  comesAsSauce,
  CURD_DONE_C,
  type Method,
  METHODS,
  type Product,
  type StopKind,
} from '../method/index.ts';
import { planBatch } from '../plan/index.ts';
import { canBeCooked, cookingOf, type PlanRequest, readLines, workOut } from '../work/index.ts';
import { formatTemperature, type TemperatureScale } from '../quantity/index.ts';
import { type Act, actsOf } from './acts.ts';

/**
 * What the stove knows of a batch before it is lit: the acts in order, what is in the pot, and where to stop. Temperatures
 * are as this kitchen's thermometer shows them.
 */
export type Sheet = {
  readonly product: Product;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  readonly first: Contents;
  readonly acts: readonly Act[];
  readonly setting: Omit<CookSetting, 'stages'>;
  readonly waterBoilsC: number;
  /** What the thermometer adds to the truth, K, as far as boiling water tells; weather is in it. */
  readonly offsetC: number;
  readonly stopKind: StopKind;
  readonly stopC: number;
  readonly targetPct: number;
  /** Solids at the stop can be read from the temperature: a jam's can, a butter's and a curd's cannot. */
  readonly tempTells: boolean;
  /** How full the pot is, and how far it foams; null where no pot is given, or nothing foams. */
  readonly boilOver: BoilOver | null;
};

/**
 * The stove's sheet of a request, on a thermometer that shows `waterBoilsC` in boiling water (null: as the request says).
 * Null until the lines hold fruit and sugar that can be cooked.
 */
export function sheetOf(
  request: PlanRequest,
  waterBoilsC: number | null = null,
  scale: TemperatureScale = 'C',
): Sheet | null {
  const here: PlanRequest = waterBoilsC === null ? request : { ...request, waterBoilsC };
  const { choice, understood } = workOut({ ...here, draws: 0 }, readLines(here));
  const { method } = choice;
  const cooking = cookingOf(here, method, understood);
  if (cooking === null) return null;
  const { waterBoilsC: boilsC } = ambientOf(here);
  const { stopKind } = METHODS[method];
  const offsetC = offsetOf(here);
  const outcome = planBatch({ ...here, draws: 0 });
  if (!outcome.ok) return null;
  const { stop, pot } = outcome.plan;
  // The plan's own stop, so that Balance and Stove name the same.
  const stopC = stopKind === 'egg' ? CURD_DONE_C + offsetC : (stop.tempC ?? stop.ruleTempC);
  const { first, acts } = actsOf({
    product: here.product,
    method,
    lines: understood,
    targetPct: cooking.targetPct,
    boilMin: here.boilMin,
    heat: cooking.heat,
    isSauce: comesAsSauce(here.before, understood),
    stop: formatTemperature(stopC, scale),
  });
  if (!canBeCooked(first)) return null;
  return {
    product: here.product,
    method,
    lines: understood,
    first,
    acts,
    setting: cooking.setting,
    waterBoilsC: boilsC,
    offsetC,
    stopKind,
    stopC,
    targetPct: cooking.targetPct,
    tempTells: stopKind === 'temperature' || stopKind === 'timed-boil',
    boilOver: pot?.boilOver ?? null,
  };
}

/** Below boiling water by less than this, the pot is at the boil; K. */
const AT_THE_BOIL_K = 0.6;

/** Whether a pot that is so warm, as the thermometer shows it, is at the boil. */
export const nearBoil = ({ waterBoilsC }: Sheet, tempC: number): boolean =>
  tempC >= waterBoilsC - AT_THE_BOIL_K;

/** What boiling water shows above what it should at this altitude, K; 0 where one of them is not known. */
function offsetOf({ altitudeM, waterBoilsC }: PlanRequest): number {
  if (altitudeM === null || waterBoilsC === null) return 0;
  return waterBoilsC - ambientOf({ altitudeM, waterBoilsC: null }).waterBoilsC;
}
