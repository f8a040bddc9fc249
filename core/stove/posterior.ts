import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { halvedOrDamped, leastSquares } from '../quantity/leastSquares.ts';
import type { PotParameters } from './parameters.ts';

/**
 * What parameters predict less what was measured, for every measurement in its order, over the
 * error expected of it.
 */
export type Residuals = (parameters: PotParameters) => readonly number[];

/**
 * A distribution of parameters: its mean, and the lower triangle of its covariance: a draw is the
 * mean plus this times unit normals.
 */
export type Distribution = {
  readonly mean: PotParameters;
  readonly root: readonly (readonly number[])[];
  /**
   * How many times the measurements lie farther from it than was expected; 1 where they do not, and
   * for a prior.
   */
  readonly misfit: number;
};

const ROUNDS = 12;
/**
 * Flames to start from: where a pot begins to boil bends the fit, and it may stick on the wrong
 * side of a bend.
 */
const STARTS = [-0.4, -0.2, 0, 0.2, 0.4] as const;
/** Wide enough that the simulation’s own tolerance does not show in a slope. */
const STEP = [0.02, 0.01, 0.05, 0.1, 0.03, 0.2] as const;
/** Of a prior standard deviation: a smaller move is no move. */
const CLOSE = 0.02;
const SMALLEST_SHARE = 0.2;
/** Where no damped step helps either, the pot is as well fitted as it gets. */
const MOST_DAMPING = 1e8;
/** Beyond this many expected errors a measurement is drawn towards the rest (Huber). */
const HUBER = 2;

/** What is known before any reading: means and standard deviations. */
export type Prior = { readonly mean: PotParameters; readonly sd: PotParameters };

/**
 * The posterior of the parameters, as a normal about its mode: Gauss–Newton on residuals weighed by
 * Huber, the prior as a residual for each more, steps halved until they help; its covariance is the
 * inverse of the normal matrix. The prior of the thermometer has Huber's tails too: one that
 * slipped is not held for good because it was right in boiling water.
 */
export function fitPosterior(residuals: Residuals, { mean, sd }: Prior): Distribution {
  const prior = (of: PotParameters): number[] =>
    of.map((value, i) =>
      (i === OFFSET ? huber : same)((value - (mean[i] as number)) / (sd[i] as number)),
    );
  const all = (of: PotParameters): number[] => [...residuals(of).map(huber), ...prior(of)];
  const cost = (of: readonly number[]): number => of.reduce((sum, r) => sum + r * r, 0);
  const [, ...others] = mean;
  const starts = STARTS.map((flame) => {
    const at: PotParameters = [flame, ...others];
    return { at, cost: cost(all(at)) };
  });
  const { at, normal } = leastSquares({
    start: starts.reduce((a, b) => (b.cost < a.cost ? b : a)).at,
    residuals: (of) => all(of as PotParameters),
    slopes: (from, now) =>
      new Matrix(
        STEP.map((step, i) =>
          all(
            from.map((value, j) => (i === j ? value + step : value)) as unknown as PotParameters,
          ).map((r, k) => (r - (now[k] as number)) / step),
        ),
      ).transpose(),
    rounds: ROUNDS,
    shorten: halvedOrDamped(SMALLEST_SHARE, MOST_DAMPING),
    isLittle: (by) => Math.max(...by.map((of, i) => Math.abs(of) / (sd[i] as number))) < CLOSE,
  });
  const inverse = new CholeskyDecomposition(normal).solve(Matrix.eye(STEP.length));
  // Rounding leaves it a little askew.
  const covariance = inverse.add(inverse.transpose()).div(2);
  return {
    mean: at as PotParameters,
    root: new CholeskyDecomposition(covariance).lowerTriangularMatrix.to2DArray(),
    misfit: 1,
  };
}

const OFFSET = 2;
const same = (r: number): number => r;

/** A residual whose square grows as Huber's loss does. */
const huber = (r: number): number => {
  const size = Math.abs(r);
  return size <= HUBER ? r : Math.sign(r) * Math.sqrt(2 * HUBER * size - HUBER * HUBER);
};
