import { commonPractice } from '../quantity/index.ts';

/** A jam at its stop on a medium burner: where nobody stops stirring. */
const REFERENCE_SOLIDS_PCT = 65;
const REFERENCE_FLUX_W_M2 = 17_900;

export const SCORCH_PROVENANCE = commonPractice(
  'stir every half hour, then every five minutes, every minute, constantly; judgement between',
);

/**
 * How readily the base of the pot scorches: 1 for a jam at its stop on a medium burner. Grows with
 * the cube of the dry solids, which thicken, and with the heat through the base.
 * @param solidsPct dry matter, g per 100 g
 * @param fluxWPerM2 heat through the base of the pot
 */
export const scorchIndex = (solidsPct: number, fluxWPerM2: number): number =>
  (solidsPct / REFERENCE_SOLIDS_PCT) ** 3 * (fluxWPerM2 / REFERENCE_FLUX_W_M2);

/**
 * Minutes that the pot may be left unstirred; 0 is constantly.
 * @param index how near the bottom is to burning, 0 or more
 */
export function stirEveryMin(index: number): 30 | 5 | 1 | 0 {
  if (index < 0.1) return 30;
  if (index < 0.35) return 5;
  return index < 0.75 ? 1 : 0;
}
