import type { Ambient } from '../ambient/index.ts';
import { celsiusDegrees, commonPractice, constant } from '../quantity/index.ts';

/** The trade's gelling point: this far above boiling water, wherever the kitchen is. */
export const GELLING_RISE_F = constant(
  8,
  '°F',
  commonPractice('gelling point = boiling water + 8 °F'),
);
/** The same, K. */
export const GELLING_RISE_C = celsiusDegrees(GELLING_RISE_F.value);

/**
 * Soluble solids of a finished jam unless the cook asks for another, g per 100 g of the whole mass.
 */
export const USUAL_TARGET_PCT = 65;

/** Where to stop, by the rule of thumb alone, in °C. */
export const ruleStopC = ({ waterBoilsC }: Ambient): number => waterBoilsC + GELLING_RISE_C;
