import { simulateCook } from '../boil/index.ts';
import { forecastBatch, typicalForecast } from '../forecast/index.ts';
import { massOf, solublesG, type UnderstoodLine } from '../formula/index.ts';
import { inWater, pHOf, setRatioOf, typicalSetters, type AcidLoad } from '../gel/index.ts';
import { courseOf, METHODS, type Method } from '../method/index.ts';
import { cookingOf } from './cooking.ts';
import type { PlanRequest } from './request.ts';
import type { Boil } from './worked.ts';

/** Follows the cook; null until there is something dissolved, and water enough to dissolve it. */
export function boilOf(
  request: PlanRequest,
  method: Method,
  lines: readonly UnderstoodLine[],
): Boil | null {
  const cooking = cookingOf(request, method, lines);
  if (cooking === null) return null;
  const { all, aim, targetPct, bySolids, heat, acid } = cooking;
  const course = courseOf(request.product, method, lines, targetPct, heat, request.boilMin);
  if (!(course.first.water > 0 && solublesG(course.first) > 0)) return null;
  const { setModel } = METHODS[method];
  const sour = isSour(acid);
  const cook = simulateCook(course.first, { ...cooking.setting, stages: course.stages });
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

const isSour = ({ moles }: AcidLoad): boolean => Object.values(moles).some((n) => n > 0);
