import { massOf, type Contents } from '../formula/index.ts';
import { specificHeat } from './kinetics.ts';
import { POT_COOLING } from './leg.ts';
import type { CookSetting } from './stage.ts';

/**
 * How long a pot off the heat stays warmer than a temperature: Newton's law of cooling, with what
 * {@link POT_COOLING} says a pot loses. Steam is left out, as a skin of syrup holds it back.
 * @param fromC at which it leaves the heat, °C
 * @param toC above the kitchen, °C
 * @returns minutes; 0 where it is no warmer than that to begin with
 */
export function minutesAbove(
  batch: Contents,
  { panDiameterCm, startTempC }: Pick<CookSetting, 'panDiameterCm' | 'startTempC'>,
  fromC: number,
  toC: number,
): number {
  if (fromC <= toC) return 0;
  const areaM2 = (Math.PI / 4) * (panDiameterCm / 100) ** 2;
  const heatJPerK = (massOf(batch) / 1000) * specificHeat(batch);
  const seconds =
    (heatJPerK / (POT_COOLING.value * areaM2)) *
    Math.log((fromC - startTempC) / (toC - startTempC));
  return seconds / 60;
}
