import { massOf, solublesPctOf, type Contents } from '../formula/index.ts';
import { SET_CLASSES, setClassOf, type SetClass } from '../gel/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { FILLING_TEMP_C, jarredMl, SKIM_AND_CLING, TRAPPED_AIR, volumeMl } from '../yield/index.ts';
import type { BatchForecast, ForecastSetting } from './batchForecast.ts';

const point = (value: number): Quantiles => ({ p10: value, p50: value, p90: value });

/** The forecast with everything at its typical value: no draws, and ranges that are points. */
export function typicalForecast(
  { cook, clockMin, care: { learned } }: ForecastSetting,
  contents: Contents,
  at: {
    readonly startPH: number | null;
    readonly finishPH: number | null;
    readonly setRatio: number | null;
  },
): BatchForecast {
  const potMl = volumeMl(contents, FILLING_TEMP_C);
  const byTheClock = Math.min(clockMin, cook.boilMin);
  return {
    volumeMl: point(
      (learned.yieldTimes?.p50 ?? 1) *
        jarredMl(potMl, SKIM_AND_CLING.share.typical, TRAPPED_AIR.share.typical),
    ),
    massG: point(massOf(contents)),
    solublesPct: point(solublesPctOf(contents)),
    minutes: point(
      (learned.minutesTimes?.p50 ?? 1) * (cook.heatUpMin + cook.boilMin - byTheClock) + byTheClock,
    ),
    ...(at.startPH === null || at.finishPH === null
      ? {}
      : { pH: { start: point(at.startPH), finish: point(at.finishPH) } }),
    ...(at.setRatio === null
      ? {}
      : { setRatio: point(at.setRatio), setShare: only(setClassOf(at.setRatio)) }),
    contributors: { jars: [], minutes: [], set: [] },
    cloud: [],
    measurementsUnlikely: false,
  };
}

const only = (found: SetClass): { readonly [set in SetClass]: number } =>
  Object.fromEntries(SET_CLASSES.map((set) => [set, set === found ? 1 : 0])) as {
    [set in SetClass]: number;
  };
