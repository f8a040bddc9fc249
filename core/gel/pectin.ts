import { constant, fromMemory, commonPractice, smoothThrough } from '../quantity/index.ts';

/**
 * A standard gel of 65 % soluble solids holds this much 150-grade pectin: 1 g carries 150 g of sugar
 * (USA-SAG method, IFT Committee on Pectin Standardization 1959).
 */
export const STANDARD_GEL_PECTIN = constant(
  65 / 150,
  'g per 100 g',
  fromMemory('USA-SAG, IFT 1959'),
);

const JUDGEMENT = commonPractice('engineering judgement, calibrated on how known jams set');

/** Multiples of the standard gel's pectin that a set asks for at these soluble solids, pH 3.1. */
export const NEED_BY_SOLUBLES = {
  points: [
    [45, 9],
    [50, 4],
    [55, 1.9],
    [60, 1.25],
    [65, 1],
    [68, 0.9],
    [75, 0.8],
  ] as const,
  provenance: JUDGEMENT,
};

/** Multiples that it asks for at this pH, 65 % soluble solids; above 3.6 it rises without bound. */
export const NEED_BY_PH = {
  points: [
    [2.8, 1.05],
    [3, 1],
    [3.2, 1],
    [3.4, 1.35],
    [3.6, 2.5],
  ] as const,
  provenance: JUDGEMENT,
};

const logged = (points: readonly (readonly [number, number])[]) =>
  smoothThrough(points.map(([x, y]) => [x, Math.log(y)] as const));
const LOG_NEED_BY_SOLUBLES = logged(NEED_BY_SOLUBLES.points);
const LOG_NEED_BY_PH = logged(NEED_BY_PH.points);

/** How a spread stands when it is cold. */
export type SetClass = 'pours' | 'loose' | 'soft' | 'firm' | 'slices';

export const SET_CLASSES: readonly SetClass[] = ['pours', 'loose', 'soft', 'firm', 'slices'];

/** Least ratio of pectin held to pectin needed, for each class. */
const LEAST_RATIO: { readonly [set in SetClass]: number } = {
  pours: 0,
  loose: 0.5,
  soft: 0.75,
  firm: 1.15,
  slices: 2,
};

/**
 * Pectin that a high-methoxyl gel needs, g of 150-grade per 100 g of finished spread.
 * @param solublesPct soluble solids, g per 100 g
 * @param pH of the finished spread
 */
export const pectinNeededPct = (solublesPct: number, pH: number): number =>
  STANDARD_GEL_PECTIN.value * needBySolubles(solublesPct) * needByPH(pH);

/** See {@link NEED_BY_SOLUBLES}; beyond its ends the last slope goes on. */
export const needBySolubles = (solublesPct: number): number =>
  Math.exp(LOG_NEED_BY_SOLUBLES(solublesPct));

/** See {@link NEED_BY_PH}; more acid than its first point costs nothing more. */
export const needByPH = (pH: number): number =>
  Math.exp(LOG_NEED_BY_PH(Math.max(pH, NEED_BY_PH.points[0][0])));

/** How the spread sets, from the pectin it holds over the pectin it needs. */
export function setClassOf(ratio: number): SetClass {
  return SET_CLASSES.findLast((set) => ratio >= LEAST_RATIO[set]) ?? 'pours';
}
