import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Belief } from './belief.ts';

/** What a belief predicts for every measurement, in their order, over the error expected of each. */
export type Residuals = (belief: Belief) => readonly number[];

export type Fitted = {
  readonly belief: Belief;
  /** Lower triangle of the covariance of the belief: a draw is the belief plus this times unit normals. */
  readonly spread: readonly (readonly number[])[];
};

const ROUNDS = 8;
/** Flames to start from: where a pot begins to boil bends the fit, and it may stick on the wrong side of a bend. */
const STARTS = [-0.4, -0.2, 0, 0.2, 0.4] as const;
/** Wide enough that the simulation’s own tolerance does not show in a slope. */
const STEP = [0.02, 0.01, 0.05] as const;
/** Of a prior standard deviation: a smaller move is no move. */
const CLOSE = 0.02;
const SMALLEST_SHARE = 0.1;
/** Beyond this many expected errors a measurement is drawn towards the rest (Huber). */
const HUBER = 2;

/**
 * The belief that agrees best with measurements and with what was believed before: Gauss–Newton on residuals weighed by Huber,
 * the prior as three measurements more, steps halved until they help. Its covariance is the inverse of the normal matrix.
 */
export function fitBelief(residuals: Residuals, sd: Belief): Fitted {
  const prior = (belief: Belief): number[] => belief.map((value, i) => value / (sd[i] as number));
  const all = (belief: Belief): number[] => [...residuals(belief).map(huber), ...prior(belief)];
  const cost = (of: readonly number[]): number => of.reduce((sum, r) => sum + r * r, 0);
  const starts = STARTS.map((flame) => {
    const belief: Belief = [flame, 0, 0];
    return { belief, now: all(belief) };
  });
  let { belief, now } = starts.reduce((a, b) => (cost(b.now) < cost(a.now) ? b : a));
  let normal = Matrix.eye(3);
  for (let round = 0; round < ROUNDS; round += 1) {
    const columns = STEP.map((step, i) => {
      const moved = all(
        belief.map((value, j) => (i === j ? value + step : value)) as unknown as Belief,
      );
      return moved.map((r, k) => (r - (now[k] as number)) / step);
    });
    const jacobian = new Matrix(columns).transpose();
    normal = jacobian.transpose().mmul(jacobian);
    const slope = jacobian.transpose().mmul(Matrix.columnVector(now));
    const step = new CholeskyDecomposition(normal).solve(slope).to1DArray();
    let share = 1;
    let next = belief;
    let at = now;
    for (; share > SMALLEST_SHARE; share /= 2) {
      next = belief.map((value, i) => value - share * (step[i] as number)) as unknown as Belief;
      at = all(next);
      if (cost(at) < cost(now)) break;
    }
    if (share <= SMALLEST_SHARE) break;
    const moved = Math.max(...step.map((of, i) => Math.abs(share * of) / (sd[i] as number)));
    [belief, now] = [next, at];
    if (moved < CLOSE) break;
  }
  const inverse = new CholeskyDecomposition(normal).solve(Matrix.eye(3));
  // Rounding leaves it a little askew.
  const covariance = inverse.add(inverse.transpose()).div(2);
  return {
    belief,
    spread: new CholeskyDecomposition(covariance).lowerTriangularMatrix.to2DArray(),
  };
}

/** A residual whose square grows as Huber's loss does. */
const huber = (r: number): number => {
  const size = Math.abs(r);
  return size <= HUBER ? r : Math.sign(r) * Math.sqrt(2 * HUBER * size - HUBER * HUBER);
};
