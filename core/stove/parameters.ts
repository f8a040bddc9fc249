import { simulateCook, type Cook, type CookMoment, type Stage } from '../boil/index.ts';
import { solublesG, type Contents } from '../formula/index.ts';
import type { Sheet } from './sheet.ts';

/**
 * What may differ between this pot and the sheet: the flame (logarithm of its power over the sheet's), the solubles that the
 * fruit brought (logarithm over the sheet's), and the thermometer (K that it shows above boiling water's measure).
 */
export type Parameters = readonly [flame: number, solids: number, offsetK: number];

/** The pot as it was lit under these parameters: the sheet's, with more or fewer solubles in place of water. */
export function firstWith({ first }: Sheet, [, solids]: Parameters): Contents {
  const times = Math.exp(solids);
  const gain = (times - 1) * solublesG(first);
  return {
    ...first,
    sucrose: first.sucrose * times,
    hexoses: first.hexoses * times,
    otherSolubles: first.otherSolubles * times,
    water: Math.max(first.water - gain, 1),
  };
}

/** The cook of a sheet through some stages, under these parameters. */
export const cookWith = (sheet: Sheet, parameters: Parameters, stages: readonly Stage[]): Cook =>
  simulateCook(firstWith(sheet, parameters), {
    ...sheet.setting,
    netPowerW: sheet.setting.netPowerW * Math.exp(parameters[0]),
    stages,
  });

/** What a trace says at a minute, on the straight line between its points; its ends beyond them. */
export function traceAt(trace: readonly CookMoment[], minute: number): CookMoment {
  let [low, high] = [0, trace.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((trace[middle] as CookMoment).minute <= minute) low = middle;
    else high = middle;
  }
  const [a, b] = [trace[low] as CookMoment, trace[high] as CookMoment];
  const span = b.minute - a.minute;
  const share = span > 0 ? Math.min(1, Math.max(0, (minute - a.minute) / span)) : 1;
  const between = (x: number, y: number) => x + (y - x) * share;
  return {
    minute,
    tempC: between(a.tempC, b.tempC),
    massG: between(a.massG, b.massG),
    solublesPct: between(a.solublesPct, b.solublesPct),
    boils: (share < 1 ? a : b).boils,
  };
}
