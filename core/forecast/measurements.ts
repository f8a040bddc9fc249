import { BRIX_ERROR } from '../pretreatment/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';

/** What a cook has measured of the raw batch; null for what was not. */
export type Measurements = {
  /** Soluble solids of the whole, stirred, g per 100 g. */
  readonly startBrix: number | null;
  readonly startPH: number | null;
};

export const NOT_MEASURED: Measurements = { startBrix: null, startPH: null };

/** How far off a calibrated pH meter reads. */
export const PH_ERROR = constant(0.08, 'pH', commonPractice('calibrated pocket meters'));

/** Fewer draws than this agreeing with a measurement say that one of the two is wrong. */
const FEWEST_AGREEING = 20;

/** What measurements make of the imagined batches. */
export type Weighing = {
  /**
   * What each imagined batch counts for; null where nothing was measured, or nothing agrees with
   * it.
   */
  readonly weights: Float64Array | null;
  readonly unlikely: boolean;
};

const bell = (off: number, error: number): number => Math.exp(-0.5 * (off / error) ** 2);

/**
 * Weighs imagined batches by how well they agree with what was measured (Bayes, with Gaussian
 * errors), so that a measurement narrows every figure that hangs on it.
 */
export function weightsFor(
  { startBrix, startPH }: Measurements,
  brix: Float64Array,
  pH: Float64Array | null,
): Weighing {
  const readsPH = startPH !== null && pH !== null;
  if (startBrix === null && !readsPH) return { weights: null, unlikely: false };
  const weights = brix.map((value, i) => {
    const byBrix = startBrix === null ? 1 : bell(value - startBrix, BRIX_ERROR.value);
    return readsPH ? byBrix * bell((pH[i] as number) - startPH, PH_ERROR.value) : byBrix;
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const squares = weights.reduce((sum, weight) => sum + weight * weight, 0);
  const agreeing = squares === 0 ? 0 : total ** 2 / squares;
  return agreeing < Math.min(FEWEST_AGREEING, brix.length / 4)
    ? { weights: null, unlikely: true }
    : { weights, unlikely: false };
}
