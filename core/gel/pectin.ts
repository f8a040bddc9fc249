import { calibrated, CALIBRATION_OFFSETS, type CalibrationOffsets } from '../ingredients/index.ts';
import { constant, fromMemory, smoothThrough } from '../quantity/index.ts';

/**
 * A standard gel of 65 % soluble solids holds this much 150-grade pectin: 1 g carries 150 g of
 * sugar (USA-SAG method, IFT Committee on Pectin Standardization 1959).
 */
export const STANDARD_GEL_PECTIN = constant(
  65 / 150,
  'g per 100 g',
  fromMemory('USA-SAG, IFT 1959'),
);

/**
 * Below half solubles no pectin makes a sugar gel: the need leaves anything a pot can hold. Common
 * practice: half of the sugar in a box or pouch formula pours, whatever the fruit.
 */
const NO_SET = 30;

type Points = readonly (readonly [x: number, need: number])[];

/**
 * Multiples of the standard gel's pectin that a set asks for at these soluble solids, pH 3.1;
 * engineering judgement, fitted to how tested formulas set.
 */
export const needBySolublesPoints = (moves: CalibrationOffsets = CALIBRATION_OFFSETS): Points => [
  [45, NO_SET],
  [50, calibrated('pectin need at 50 % solids', moves)],
  [55, calibrated('pectin need at 55 % solids', moves)],
  [60, calibrated('pectin need at 60 % solids', moves)],
  [65, 1],
  [68, calibrated('pectin need at 68 % solids', moves)],
  [75, calibrated('pectin need at 68 % solids', moves) * 0.89],
];

/**
 * Multiples that it asks for at this pH, 65 % soluble solids, likewise; beyond the last it rises
 * without bound.
 */
export function needByPHPoints(moves: CalibrationOffsets = CALIBRATION_OFFSETS): Points {
  const at34 = calibrated('pectin need at pH 3.4', moves);
  const at36 = at34 * calibrated('pectin need at pH 3.6, over that at 3.4', moves);
  return [
    [2.8, calibrated('pectin need at pH 2.8', moves)],
    [3, 1],
    [3.2, 1],
    [3.4, at34],
    [3.6, at36],
    [4, at36 * calibrated('pectin need at pH 4, over that at 3.6', moves)],
  ];
}

const logged = (points: Points) => smoothThrough(points.map(([x, y]) => [x, Math.log(y)] as const));

/** The two curves of need, with the figures of the fit where they were put. */
export type NeedCurves = {
  readonly bySolubles: (solublesPct: number) => number;
  readonly byPH: (pH: number) => number;
};

/** More acid than this costs a gel nothing more. */
const SOUREST_PH = 2.8;

/**
 * Pectin that a gel needs over the standard one, by soluble solids (g per 100 g) and by pH: smooth
 * through the points of the arithmetic, moved by the fit.
 */
export function needCurves(moves: CalibrationOffsets = CALIBRATION_OFFSETS): NeedCurves {
  const logBySolubles = logged(needBySolublesPoints(moves));
  const logByPH = logged(needByPHPoints(moves));
  return {
    bySolubles: (solublesPct) => Math.exp(logBySolubles(solublesPct)),
    byPH: (pH) => Math.exp(logByPH(Math.max(pH, SOUREST_PH))),
  };
}

const NEED = needCurves();

/** How a spread stands when it is cold. */
export type SetClass = 'pours' | 'loose' | 'soft' | 'firm' | 'slices';

export const SET_CLASSES: readonly SetClass[] = ['pours', 'loose', 'soft', 'firm', 'slices'];

/** Least ratio of pectin held to pectin needed, for each class. */
export const SET_LEAST_RATIO: { readonly [set in SetClass]: number } = {
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

/** See {@link needBySolublesPoints}; beyond its ends the last slope goes on. */
export const needBySolubles = NEED.bySolubles;

/** See {@link needByPHPoints}. */
export const needByPH = NEED.byPH;

/**
 * How the spread sets, from the pectin it holds over the pectin it needs.
 * @param ratio pectin held over pectin needed; 1 is between soft and firm
 */
export function setClassOf(ratio: number): SetClass {
  return SET_CLASSES.findLast((set) => ratio >= SET_LEAST_RATIO[set]) ?? 'pours';
}
