import { calibrated, CALIBRATION_OFFSETS, type CalibrationOffsets } from '../ingredients/index.ts';

/** How steeply added pectin fails with too little sugar to carry; judgement. */
const STEEPNESS = 4.5;

/**
 * Share of the pectin added from a box or a pouch that gels, by the solubles there are for it. A
 * gram of 150-grade pectin carries 150 g of sugar, and tested formulas give it 55 to 140 g; with
 * much less it swells and does not link. So it is that half of the printed sugar pours, however
 * many boxes go in.
 * @param solublesG soluble solids of the finished batch, g
 * @param addedG pectin added, g of 150-grade
 * @returns 0 to 1
 */
export function carriedShare(
  solublesG: number,
  addedG: number,
  moves: CalibrationOffsets = CALIBRATION_OFFSETS,
): number {
  if (addedG === 0) return 1;
  const needed = calibrated('solubles that a gram of added pectin needs', moves);
  return Math.min(1, solublesG / addedG / needed) ** STEEPNESS;
}
