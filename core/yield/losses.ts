import { commonPractice, range } from '../quantity/index.ts';

/** What stands between the pot and the jars, as shares of the batch. */
const PROVENANCE = commonPractice(
  'skimmings and what clings to pot, spoon and funnel; air stirred in',
);

export const SKIM_AND_CLING = { share: range(0.01, 0.025, 0.08), provenance: PROVENANCE };
export const TRAPPED_AIR = { share: range(0, 0.02, 0.06), provenance: PROVENANCE };

/** Temperature of the spread when it is ladled, °C. */
export const FILLING_TEMP_C = 90;

/**
 * Volume that reaches the jars, from the volume in the pot.
 * @param potMl in the pot, mL
 * @param lossShare what stays in the pot and on the spoon, 0 to 1
 * @param airShare air that the foam holds, 0 to below 1
 */
export const jarredMl = (potMl: number, lossShare: number, airShare: number): number =>
  (potMl * (1 - lossShare)) / (1 - airShare);
