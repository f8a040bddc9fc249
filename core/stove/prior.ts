import { commonPractice, constant } from '../quantity/index.ts';
import type { PotParameters } from './parameters.ts';
import type { Distribution } from './posterior.ts';

/** How far a burner's net power is from what is said of it, logarithm, one standard deviation. */
export const FLAME_SD = constant(
  0.25,
  '1',
  commonPractice('burners differ by a quarter; judgement'),
);
/** How far the fruit's solubles are from the table's, logarithm, one standard deviation. */
export const SOLIDS_SD = constant(0.06, '1', commonPractice('ripeness moves °Brix; judgement'));
/** What a thermometer may still be off after boiling water, K, one standard deviation. */
export const OFFSET_SD = constant(0.15, 'K', commonPractice('reading a dial in steam; judgement'));
/** What a thermometer may be off that was never in boiling water, K, one standard deviation. */
export const UNCHECKED_OFFSET_SD = constant(
  1,
  'K',
  commonPractice('kitchen thermometers; judgement'),
);

/** How far the steam below the boil is from a still pan's, logarithm, one standard deviation. */
export const DRAUGHT_SD = constant(
  0.3,
  '1',
  commonPractice('hoods, windows and wide pans; judgement'),
);

/**
 * Heat that walls and surface lose at the boil of water, over the net power, one standard
 * deviation.
 */
export const LOSS_SD = constant(
  0.06,
  '1',
  commonPractice('a bare pot in still air loses one to three watts a kelvin; judgement'),
);

/**
 * Standard deviations of the prior, whose mean is the sheet, by whether boiling water was read on
 * the thermometer.
 */
export const priorSd = (calibrated: boolean): PotParameters => [
  FLAME_SD.value,
  SOLIDS_SD.value,
  calibrated ? OFFSET_SD.value : UNCHECKED_OFFSET_SD.value,
  DRAUGHT_SD.value,
  LOSS_SD.value,
];

/** The prior: what is known of a pot before any reading. */
export function priorOf(calibrated: boolean): Distribution {
  const sd = priorSd(calibrated);
  return {
    mean: [0, 0, 0, 0, 0],
    root: sd.map((of, i) => sd.map((_, j) => (i === j ? of : 0))),
    misfit: 1,
  };
}
