import { commonPractice, constant } from '../quantity/index.ts';
import type { PotParameters } from './parameters.ts';
import type { Distribution, Prior } from './posterior.ts';

/** How far a burner's net power is from what is said of it, logarithm, one standard deviation. */
export const FLAME_SD = constant(
  0.25,
  '1',
  commonPractice('burners differ by a quarter; judgement'),
);
/** How far the fruit's solubles are from the table's, logarithm, one standard deviation. */
export const SOLIDS_SD = constant(0.06, '1', commonPractice('ripeness moves °Brix; judgement'));
/** What a thermometer may still be off after boiling water, K, one standard deviation. */
export const OFFSET_SD = constant(0.12, 'K', commonPractice('reading a dial in steam; judgement'));
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

/** How quickly sugar inverts, over what its acid says, logarithm, one standard deviation. */
export const INVERTS_SD = constant(
  0.2,
  '1',
  commonPractice('30 to 45 % in 20 minutes at pH 3.1, by memory; judgement'),
);

/**
 * Where that is taken to lie, as a logarithm: the trade’s stop, boiling water and 8 °F, is 65 %
 * solids at 20 % inversion, and the rate says twice as much in most pots. Held by kettles that are
 * not the program’s own simulation.
 */
export const INVERTS_MEAN = constant(-1.2, '1', commonPractice('boiling water + 8 °F; judgement'));

/** A pot of which nothing is known but its sheet. */
export const TYPICAL_POT: PotParameters = [0, 0, 0, 0, 0, INVERTS_MEAN.value];

/**
 * The same where nothing is foretold by it, and all that follows from it is to be told from: from
 * half as fast as is usual to what the acid says.
 */
const OPEN_INVERTS = { mean: -0.75, sd: 0.45 } as const;

/** What a pot’s prior hangs on. */
export type Before = {
  /** Whether boiling water was read on the thermometer. */
  readonly calibrated: boolean;
  /** Whether how quickly sugar inverts is left open. */
  readonly openInversion?: boolean;
};

/**
 * The prior by whether boiling water was read on the thermometer: its mean is the sheet, but for
 * the inversion.
 */
export function priorFor({ calibrated, openInversion = false }: Before): Prior {
  const inverts = openInversion ? OPEN_INVERTS : { mean: INVERTS_MEAN.value, sd: INVERTS_SD.value };
  return {
    mean: [0, 0, 0, 0, 0, inverts.mean],
    sd: [
      FLAME_SD.value,
      SOLIDS_SD.value,
      calibrated ? OFFSET_SD.value : UNCHECKED_OFFSET_SD.value,
      DRAUGHT_SD.value,
      LOSS_SD.value,
      inverts.sd,
    ],
  };
}

/** The prior: what is known of a pot before any reading. */
export function priorOf(before: Before): Distribution {
  const { mean, sd } = priorFor(before);
  return {
    mean,
    root: sd.map((of, i) => sd.map((_, j) => (i === j ? of : 0))),
    misfit: 1,
  };
}
