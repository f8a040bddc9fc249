import { saturationPressurePa, saturationTemperatureC } from '../ambient/index.ts';
import { massOf, solublesG, undissolvedG, type Contents } from '../formula/index.ts';
import { waterActivity } from './waterActivity.ts';

/**
 * Temperature at which this batch boils, in °C: where a_w · P_sat(T) = P.
 * @param pressurePa air pressure in the kitchen
 * @throws RangeError when the batch holds no water, or the pressure is outside the saturation line
 */
export function boilingPointC(batch: Contents, pressurePa: number): number {
  if (!(batch.water > 0)) throw new RangeError('A batch without water has no boiling point');
  return saturationTemperatureC(pressurePa / waterActivity(batch));
}

/**
 * The same batch with its water changed so that the whole holds `solublesPct` g of solubles per 100
 * g.
 */
export function boiledDownTo(batch: Contents, solublesPct: number): Contents {
  const solubles = solublesG(batch);
  return { ...batch, water: (100 * solubles) / solublesPct - solubles - undissolvedG(batch) };
}

const TOLERANCE_PCT = 1e-9;

/**
 * Soluble solids of the whole mass (g per 100 g) at which this batch, boiled down or diluted,
 * boils at `tempC`: the inverse of {@link boilingPointC}.
 * @throws RangeError when `tempC` is not above boiling water, or beyond a syrup of 95 °Brix
 * @param tempC boiling point sought, °C
 * @param pressurePa air pressure over the pot, Pa
 */
export function solublesPctBoilingAt(batch: Contents, tempC: number, pressurePa: number): number {
  const target = pressurePa / saturationPressurePa(tempC);
  if (!(target < 1)) throw new RangeError(`${tempC} °C is not above boiling water here`);
  const solubles = solublesG(batch);
  let dry = (solubles * 5) / 95;
  let wet = solubles * 1e4;
  if (waterActivity({ ...batch, water: dry }) > target) {
    throw new RangeError(`${tempC} °C is beyond a syrup of 95 °Brix`);
  }
  const pctAt = (water: number) => (100 * solubles) / massOf({ ...batch, water });
  while (pctAt(dry) - pctAt(wet) > TOLERANCE_PCT) {
    const middle = Math.sqrt(dry * wet);
    if (waterActivity({ ...batch, water: middle }) > target) wet = middle;
    else dry = middle;
  }
  return pctAt(Math.sqrt(dry * wet));
}
