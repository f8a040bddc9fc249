import { atTheEnd } from '../chain/index.ts';
import { ambientOf } from '../ambient/index.ts';
import { USUAL_INVERT_SHARE, type CookSetting, type HeatSource } from '../boil/index.ts';
import {
  solublesG,
  solublesPctOf,
  startContents,
  syrupBrixOf,
  type Contents,
} from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  boiledTo,
  inWater,
  pHOf,
  solublesPctAtBody,
  typicalAcidLoad,
  typicalSetters,
  type AcidLoad,
} from '../gel/index.ts';
import { fruitCookOf, METHODS, usualTargetPct, type Method } from '../method/index.ts';
import { finishOf, THICKEST_SYRUP_BRIX, type Finish } from '../yield/index.ts';
import { heatOf, type PlanRequest } from './request.ts';

/** What is cooked, what it is to become, and the pot, flame and kitchen that it is cooked with. */
export type Cooking = {
  readonly all: Contents;
  /** What is boiled: everything but what goes in at the end. */
  readonly boiled: Contents;
  /** The lines that go in at the end. */
  readonly late: ReadonlySet<UnderstoodLine>;
  readonly aim: Finish;
  /** Soluble solids of the aim, g per 100 g. */
  readonly targetPct: number;
  /** Whether solids end the cook: a temperature or a body does, a clock or an egg does not. */
  readonly bySolids: boolean;
  readonly heat: HeatSource;
  readonly acid: AcidLoad;
  readonly setting: Omit<CookSetting, 'stages'>;
};

/** Whether a pot holds something dissolved, and water enough to dissolve it. */
export const canBeCooked = (pot: Contents): boolean =>
  solublesG(pot) > 0 && syrupBrixOf(pot) <= THICKEST_SYRUP_BRIX;

const KITCHEN_TEMP_C = 20;

/**
 * What a request cooks, by a method; null until there is something dissolved, and water enough to
 * dissolve it.
 */
export function cookingOf(
  request: PlanRequest,
  method: Method,
  lines: readonly UnderstoodLine[],
): Cooking | null {
  const all = startContents(lines);
  const late = new Set(atTheEnd(request.product, method, lines));
  const boiled = startContents(lines.filter((line) => !late.has(line)));
  if (!canBeCooked(boiled)) return null;
  const { stopKind } = METHODS[method];
  const bySolids = stopKind === 'temperature' || stopKind === 'body';
  const asked =
    request.targetSolublesPct ??
    (stopKind === 'body'
      ? solublesPctAtBody(
          boiled,
          typicalSetters(lines, fruitCookOf(request.product, method, lines)).highMethoxylG,
          request.bodyStop,
        )
      : usualTargetPct(request.product));
  const aim: Finish = bySolids
    ? finishOf(boiled, asked, USUAL_INVERT_SHARE.value)
    : { outcome: 'reached', contents: boiled };
  const heat = heatOf(request);
  const acid = typicalAcidLoad(lines);
  return {
    all,
    boiled,
    late,
    aim,
    targetPct: solublesPctOf(aim.contents),
    bySolids,
    heat,
    acid,
    setting: {
      pressurePa: ambientOf(request).pressurePa,
      netPowerW: heat.powerW,
      panDiameterCm: request.pot?.diameterCm ?? heat.panCm,
      startTempC: KITCHEN_TEMP_C,
      hydrogenAt: hydrogenBetween(acid, boiled.water, aim.contents.water),
    },
  };
}

/**
 * [H⁺] by water left: solved at both ends of the cook, and on the straight line of logarithms
 * between.
 */
function hydrogenBetween(acid: AcidLoad, wetG: number, dryG: number): (waterG: number) => number {
  const wet = pHOf(inWater(acid, wetG));
  if (!(dryG < wetG)) return () => 10 ** -wet;
  const slope = (pHOf(boiledTo(acid, dryG)) - wet) / Math.log(dryG / wetG);
  return (waterG) => 10 ** -(wet + slope * Math.log(waterG / wetG));
}
