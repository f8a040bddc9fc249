import { ambientOf } from '../ambient/index.ts';
import { simulateCook, USUAL_INVERT_SHARE } from '../boil/index.ts';
import { forecastBatch, typicalForecast } from '../forecast/index.ts';
import {
  massOf,
  solublesG,
  solublesPctOf,
  startContents,
  syrupBrixOf,
  type UnderstoodLine,
} from '../formula/index.ts';
import {
  inWater,
  pHOf,
  setRatioOf,
  typicalAcidLoad,
  typicalSetters,
  type AcidLoad,
} from '../gel/index.ts';
import { courseOf, METHODS, usualTargetPct, type Method } from '../method/index.ts';
import { finishOf, THICKEST_SYRUP_BRIX, type Finish } from '../yield/index.ts';
import { heatOf, type PlanRequest } from './request.ts';
import type { Boil } from './worked.ts';

/** Follows the cook; null until there is something dissolved, and water enough to dissolve it. */
export function boilOf(
  request: PlanRequest,
  method: Method,
  lines: readonly UnderstoodLine[],
): Boil | null {
  const all = startContents(lines);
  if (!(solublesG(all) > 0 && syrupBrixOf(all) <= THICKEST_SYRUP_BRIX)) return null;
  const { setModel, stopKind } = METHODS[method];
  const bySolids = stopKind === 'temperature' || stopKind === 'body';
  const asked = request.targetSolublesPct ?? usualTargetPct(request.product, lines);
  const aim: Finish = bySolids
    ? finishOf(all, asked, USUAL_INVERT_SHARE.value)
    : { outcome: 'reached', contents: all };
  const targetPct = solublesPctOf(aim.contents);
  const heat = heatOf(request);
  const course = courseOf(request.product, method, lines, targetPct, heat, request.boilMin);
  if (!(course.first.water > 0 && solublesG(course.first) > 0)) return null;
  const acid = typicalAcidLoad(lines);
  const sour = isSour(acid);
  const cook = simulateCook(course.first, {
    pressurePa: ambientOf(request).pressurePa,
    netPowerW: heat.powerW,
    panDiameterCm: request.pot?.diameterCm ?? heat.panCm,
    startTempC: KITCHEN_TEMP_C,
    hydrogenAt: hydrogenBetween(acid, all.water, aim.contents.water),
    stages: course.stages,
  });
  const followed = cook.outcome === 'reached';
  const contents = followed ? cook.contents : aim.contents;
  const pH = sour ? pHOf(inWater(acid, contents.water)) : null;
  const raw = typicalSetters(lines);
  const setters = { ...raw, highMethoxylG: raw.highMethoxylG * cook.pectinLeft };
  const tells = followed && (sour || setModel === 'body' || setModel === 'egg');
  const setRatio = tells ? setRatioOf(setModel, contents, pH, setters) : null;
  const setting = {
    targetPct: bySolids ? targetPct : null,
    setModel,
    seed: request.seed,
    draws: request.draws,
    all,
    cook,
    clockMin: course.stages.reduce(
      (sum, { until }) => sum + (until.kind === 'minutes' ? until.minutes : 0),
      0,
    ),
    finishMassG: massOf(contents),
    measured: request.measured,
  };
  return {
    all,
    finish: { outcome: aim.outcome, contents },
    cook,
    targetPct,
    pH,
    setters: followed ? setters : null,
    setRatio,
    forecast:
      request.draws === 0
        ? typicalForecast(setting, contents, {
            startPH: sour ? pHOf(inWater(acid, all.water)) : null,
            finishPH: pH,
            setRatio,
          })
        : forecastBatch(lines, setting),
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
