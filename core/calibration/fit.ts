import { Matrix } from 'ml-matrix';
import {
  needCurves,
  type NeedCurves,
  SET_CLASSES,
  setClassOf,
  SET_LEAST_RATIO,
  type SetClass,
} from '../gel/index.ts';
import {
  acidOffset,
  CALIBRATION_OFFSETS,
  PRIOR_IDS,
  pectinOffset,
  type CalibrationOffsets,
} from '../ingredients/index.ts';
import { dampedTo, leastSquares } from '../quantity/leastSquares.ts';
import { ratioWith, type Features } from './features.ts';

/**
 * A formula that the fit looks at: what its set hangs on, and the classes that it may come out in.
 */
export type FitCase = {
  readonly features: Features;
  readonly sets: readonly SetClass[];
  /** What a miss of it weighs, over that of another; 1 where it is left out. */
  readonly weighs?: number;
  /** Another formula, of whose ratio this one may hold so much at most. */
  readonly softerThan?: { readonly features: Features; readonly by: number };
};

/**
 * How far inside its class a formula is wanted, as a logarithm: classes are about half of one wide,
 * so near the middle.
 */
const MARGIN = 0.33;
/**
 * A formula outside its class by this much, as a logarithm, weighs as much as one deviation of a
 * prior.
 */
const OUTSIDE_SD = 0.1;

const DIFFERENCE = 1e-4;
const MOST_STEPS = 60;
const SMALL_STEP = 1e-3;
const MOST_DAMPING = 1e6;

/**
 * How far the ratio of a formula lies outside the classes it may come out in, as a logarithm; 0
 * inside.
 * @param ratio what makes it set, over what it needs
 * @param margin a logarithm by which it must lie inside, 0 or more
 */
export function outside(ratio: number, sets: readonly SetClass[], margin = 0): number {
  const places = sets.map((set) => SET_CLASSES.indexOf(set));
  const least = SET_LEAST_RATIO[SET_CLASSES[Math.min(...places)] ?? 'pours'];
  const above = SET_CLASSES[Math.max(...places) + 1];
  const most = above === undefined ? Infinity : SET_LEAST_RATIO[above];
  const log = Math.log(Math.max(ratio, LEAST_RATIO));
  if (log < Math.log(least) + margin) return log - Math.log(least) - margin;
  return log > Math.log(most) - margin ? log - Math.log(most) + margin : 0;
}

/**
 * How far a formula lies outside what it may be, as a logarithm: outside its classes, or not softer
 * than another.
 */
export function missOf(
  { features, sets, weighs = 1, softerThan }: FitCase,
  moves: CalibrationOffsets,
  curves: NeedCurves,
  margin = 0,
): number {
  const ratio = ratioWith(features, moves, curves);
  const most =
    softerThan === undefined
      ? Infinity
      : Math.log(softerThan.by * ratioWith(softerThan.features, moves, curves)) - SOFTER_MARGIN;
  const tooFirm = Math.max(0, Math.log(Math.max(ratio, LEAST_RATIO)) - most);
  return weighs * (outside(ratio, sets, margin) + tooFirm);
}
/** A softer formula is wanted by so much beyond the edge, as a logarithm. */
const SOFTER_MARGIN = 0.05;
const LEAST_RATIO = 1e-6;

/** Something that the fit may move; `fruit` is null for what holds for every formula. */
type Parameter = { readonly name: string; readonly fruit: string | null };

function parametersOf(held: readonly FitCase[]): Parameter[] {
  const fruits = new Set(
    held.flatMap(({ features }) =>
      features.parts.flatMap(({ fruit }) => (fruit === null ? [] : [fruit.id])),
    ),
  );
  return [
    ...PRIOR_IDS.map((name) => ({ name, fruit: null })),
    ...[...fruits].flatMap((fruit) => [
      { name: pectinOffset(fruit), fruit },
      { name: acidOffset(fruit), fruit },
    ]),
  ];
}

const holds = ({ features }: FitCase, fruit: string | null): boolean =>
  fruit === null || features.parts.some((part) => part.fruit?.id === fruit);

/**
 * The moves that put the formulas into their classes at the least cost: least squares of how far
 * each lies outside its class and of every move in deviations of its prior, by Gauss–Newton with
 * damping. No fruit is moved by a formula's name.
 * @param from moves to start from
 */
export function fitOffsets(
  held: readonly FitCase[],
  from: CalibrationOffsets = {},
): CalibrationOffsets {
  const parameters = parametersOf(held);
  const movesOf = (z: readonly number[]): CalibrationOffsets =>
    Object.fromEntries(parameters.map(({ name }, i) => [name, z[i] as number]));
  /** How far each of some formulas lies outside its class, in deviations. */
  const missesAt = (
    moves: CalibrationOffsets,
    curves: NeedCurves,
    of: readonly FitCase[],
  ): number[] => of.map((formula) => missOf(formula, moves, curves, MARGIN) / OUTSIDE_SD);
  const { at } = leastSquares({
    start: parameters.map(({ name }) => from[name] ?? 0),
    // Every move is a residual of its own: the prior.
    residuals: (z) => {
      const moves = movesOf(z);
      return [...missesAt(moves, needCurves(moves), held), ...z];
    },
    slopes: (z, residuals) => {
      const slopes = new Matrix(held.length + parameters.length, parameters.length);
      const here = movesOf(z);
      const curvesHere = needCurves(here);
      parameters.forEach(({ name, fruit }, j) => {
        slopes.set(held.length + j, j, 1);
        const moved = held.flatMap((formula, i) => (holds(formula, fruit) ? [i] : []));
        const moves = { ...here, [name]: (z[j] as number) + DIFFERENCE };
        // No fruit moves what a gel needs.
        const curves = fruit === null ? needCurves(moves) : curvesHere;
        missesAt(
          moves,
          curves,
          moved.map((i) => held[i] as FitCase),
        ).forEach((miss, k) => {
          const i = moved[k] as number;
          slopes.set(i, j, (miss - (residuals[i] as number)) / DIFFERENCE);
        });
      });
      return slopes;
    },
    rounds: MOST_STEPS,
    shorten: dampedTo(MOST_DAMPING),
    isLittle: (by) => Math.max(...by.map(Math.abs)) < SMALL_STEP,
  });
  return movesOf(at);
}

/** How a formula comes out by a fit that did not see it. */
export type LeftOut = { readonly name: string; readonly ratio: number; readonly right: boolean };

/**
 * Each formula by the fit of all the others.
 * @param beside cases that the fit sees too: those of a formula are left out with it
 */
export function leaveOneOut(held: readonly FitCase[], beside: readonly FitCase[]): LeftOut[] {
  const all = fitOffsets([...held, ...beside], CALIBRATION_OFFSETS);
  return held.map(({ features, sets }, index) => {
    const moves = fitOffsets(
      [
        ...held.filter((_, i) => i !== index),
        ...beside.filter(({ softerThan }) => softerThan?.features.name !== features.name),
      ],
      all,
    );
    const ratio = ratioWith(features, moves);
    return { name: features.name, ratio, right: sets.includes(setClassOf(ratio)) };
  });
}
