import type { Contents } from '../formula/index.ts';
import { constant, commonPractice } from '../quantity/index.ts';
import { MOLAR_MASS_SUCROSE, MOLAR_MASS_WATER } from './waterActivity.ts';

/**
 * Share of the sucrose that turns into glucose and fructose in a long boil, before the cook
 * is followed: at a fifth, the trade's rule of 8 °F above boiling water comes out at 65 % soluble
 * solids.
 */
export const USUAL_INVERT_SHARE = constant(
  0.2,
  '1',
  commonPractice('the share at which boiling water + 8 °F means 65 % soluble solids'),
);

/**
 * The batch after `share` (0 to 1) of its sucrose has inverted; each mole takes up one of water.
 */
export function inverted(batch: Contents, share: number): Contents {
  const gone = batch.sucrose * share;
  const waterUsed = (gone * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value;
  return {
    ...batch,
    sucrose: batch.sucrose - gone,
    hexoses: batch.hexoses + gone + waterUsed,
    water: batch.water - waterUsed,
  };
}
