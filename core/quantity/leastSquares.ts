import { CholeskyDecomposition, Matrix } from 'ml-matrix';

type Vector = readonly number[];

/**
 * A step that makes the sum of squares smaller: where it leads, the residuals there, and what it
 * moved.
 */
type Step = { readonly at: Vector; readonly residuals: Vector; readonly by: Vector };

/** Finds a step that helps, from the normal matrix and the gradient; null where none does. */
type Shortening = (
  normal: Matrix,
  gradient: Matrix,
  tried: (by: Vector) => Step | null,
) => Step | null;

const solved = (normal: Matrix, gradient: Matrix): number[] =>
  new CholeskyDecomposition(normal).solve(gradient).to1DArray();

/**
 * The whole step, halved until it helps: quick where the start is near.
 * @param smallest share of the step at which halving ends, 0 to 1
 */
export const halvedTo =
  (smallest: number): Shortening =>
  (normal, gradient, tried) => {
    const whole = solved(normal, gradient);
    for (let share = 1; share > smallest; share /= 2) {
      const step = tried(whole.map((part) => share * part));
      if (step !== null) return step;
    }
    return null;
  };

/**
 * Damped after Levenberg and Marquardt, less with every step that helps: for a start far away.
 * @param most the damping at which it gives up
 */
export function dampedTo(most: number): Shortening {
  let damping = 1e-3;
  return (normal, gradient, tried) => {
    for (; damping < most; damping *= 5) {
      const eye = Matrix.eye(normal.rows).mul(damping);
      const step = tried(solved(normal.clone().add(eye), gradient));
      if (step === null) continue;
      damping /= 5;
      return step;
    }
    return null;
  };
}

/**
 * The whole step or a part of it, and where none helps a damped one: where the sum bends, as where
 * a pot begins to boil, the straight way may lead uphill.
 * @param smallest share of the step at which halving ends, 0 to 1
 * @param most the damping at which it gives up
 */
export const halvedOrDamped =
  (smallest: number, most: number): Shortening =>
  (normal, gradient, tried) =>
    halvedTo(smallest)(normal, gradient, tried) ?? dampedTo(most)(normal, gradient, tried);

/** A sum of squares that is to be made least. A prior is a residual like any other. */
export type LeastSquares = {
  readonly start: Vector;
  readonly residuals: (at: Vector) => Vector;
  /** Slopes of the residuals, one row for each residual. */
  readonly slopes: (at: Vector, residuals: Vector) => Matrix;
  readonly rounds: number;
  readonly shorten: Shortening;
  /** Whether a step moved so little that it was the last. */
  readonly isLittle: (by: Vector) => boolean;
};

const cost = (residuals: Vector): number => residuals.reduce((sum, r) => sum + r * r, 0);

/**
 * Least squares by Gauss–Newton.
 * @returns where the sum is least, and the normal matrix of the last round, whose inverse is the
 * covariance there
 */
export function leastSquares(of: LeastSquares): { readonly at: Vector; readonly normal: Matrix } {
  let at = of.start;
  let residuals = of.residuals(at);
  let normal = Matrix.eye(at.length);
  for (let round = 0; round < of.rounds; round += 1) {
    const slopes = of.slopes(at, residuals);
    const transposed = slopes.transpose();
    normal = transposed.mmul(slopes);
    const gradient = transposed.mmul(Matrix.columnVector([...residuals]));
    const [from, now] = [at, cost(residuals)];
    const step = of.shorten(normal, gradient, (by) => {
      const next = from.map((value, i) => value - (by[i] as number));
      const there = of.residuals(next);
      return cost(there) < now ? { at: next, residuals: there, by } : null;
    });
    if (step === null) break;
    ({ at, residuals } = step);
    if (of.isLittle(step.by)) break;
  }
  return { at, normal };
}
