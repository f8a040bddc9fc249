import { ambientOf } from '../ambient/index.ts';
import { simulateCook, USUAL_INVERT_SHARE, USUAL_PAN_CM } from '../boil/index.ts';
import { forecastBatch } from '../forecast/index.ts';
import {
  massOf,
  solublesG,
  solublesPctOf,
  startContents,
  syrupBrixOf,
  type UnderstoodLine,
} from '../formula/index.ts';
import { inWater, pHOf, typicalAcidLoad, typicalPectinG, type AcidLoad } from '../gel/index.ts';
import { finishOf, THICKEST_SYRUP_BRIX } from '../yield/index.ts';
import type { PlanRequest } from './request.ts';
import type { Boil } from './worked.ts';

/** Follows the cook; null until there is something dissolved, and water enough to dissolve it. */
export function boilOf(request: PlanRequest, lines: readonly UnderstoodLine[]): Boil | null {
  const start = startContents(lines);
  if (!(solublesG(start) > 0 && syrupBrixOf(start) <= THICKEST_SYRUP_BRIX)) return null;
  const { outcome, contents: aim } = finishOf(
    start,
    request.targetSolublesPct,
    USUAL_INVERT_SHARE.value,
  );
  const acid = typicalAcidLoad(lines);
  const cook = simulateCook(start, {
    pressurePa: ambientOf(request).pressurePa,
    netPowerW: request.netPowerKw * 1000,
    panDiameterCm: request.pot?.diameterCm ?? USUAL_PAN_CM,
    startTempC: KITCHEN_TEMP_C,
    targetSolublesPct: outcome === 'already past' ? solublesPctOf(start) : solublesPctOf(aim),
    hydrogenAt: hydrogenBetween(acid, start.water, aim.water),
  });
  const followed = cook.outcome === 'reached';
  const contents = followed ? cook.contents : aim;
  const massG = massOf(contents);
  return {
    start,
    finish: { outcome, contents },
    cook,
    pH: isSour(acid) ? pHOf(inWater(acid, contents.water)) : null,
    pectinPct: followed ? (100 * typicalPectinG(lines) * cook.pectinLeft) / massG : null,
    forecast: forecastBatch(lines, {
      targetPct: request.targetSolublesPct,
      seed: request.seed,
      draws: request.draws,
      start,
      cook,
      finishMassG: massG,
    }),
  };
}

const KITCHEN_TEMP_C = 20;

const isSour = ({ moles }: AcidLoad): boolean => Object.values(moles).some((n) => n > 0);

/** [H⁺] by water left: solved at both ends of the cook, and on the straight line of logarithms between. */
function hydrogenBetween(acid: AcidLoad, wetG: number, dryG: number): (waterG: number) => number {
  const wet = pHOf(inWater(acid, wetG));
  if (!(dryG < wetG)) return () => 10 ** -wet;
  const slope = (pHOf(inWater(acid, dryG)) - wet) / Math.log(dryG / wetG);
  return (waterG) => 10 ** -(wet + slope * Math.log(waterG / wetG));
}
