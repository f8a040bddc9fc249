import { Matrix } from 'ml-matrix';
import { dampedTo, halvedTo, leastSquares } from './leastSquares.ts';

const slopesOf =
  (residuals: (at: readonly number[]) => readonly number[]) =>
  (at: readonly number[], now: readonly number[]): Matrix =>
    new Matrix(
      at.map((_, i) =>
        residuals(at.map((value, j) => (i === j ? value + 1e-6 : value))).map(
          (r, k) => (r - (now[k] as number)) / 1e-6,
        ),
      ),
    ).transpose();

const isLittle = (by: readonly number[]): boolean => Math.max(...by.map(Math.abs)) < 1e-9;

describe.each([
  ['halved', () => halvedTo(1e-6)],
  ['damped', () => dampedTo(1e9)],
])('steps that are %s', (_, shorten) => {
  test('find a straight line through points, as the normal equations do', () => {
    const points = [[0, 1.1], [1, 2.9], [2, 5.2], [3, 6.8]] as const; // prettier-ignore
    const residuals = ([a = 0, b = 0]: readonly number[]) => points.map(([x, y]) => a + b * x - y);
    const { at } = leastSquares({
      start: [0, 0],
      residuals,
      slopes: slopesOf(residuals),
      rounds: 60,
      shorten: shorten(),
      isLittle,
    });
    expect(at[1]).toBeCloseTo((4 * 33.7 - 6 * 16) / 20, 5);
    expect(at[0]).toBeCloseTo((16 - 6 * ((4 * 33.7 - 6 * 16) / 20)) / 4, 5);
  });

  // The banana-shaped valley of Rosenbrock (1960), whose least point is (1, 1).
  test('follow a bent valley to its end', () => {
    const residuals = ([x = 0, y = 0]: readonly number[]) => [10 * (y - x * x), 1 - x];
    const { at } = leastSquares({
      start: [-1.2, 1],
      residuals,
      slopes: slopesOf(residuals),
      rounds: 200,
      shorten: shorten(),
      isLittle,
    });
    expect(at[0]).toBeCloseTo(1, 5);
    expect(at[1]).toBeCloseTo(1, 5);
  });
});

test('where no step helps it stays where it is', () => {
  const { at } = leastSquares({
    start: [3],
    residuals: () => [1],
    slopes: () => new Matrix([[1]]),
    rounds: 5,
    shorten: halvedTo(0.1),
    isLittle,
  });
  expect(at).toEqual([3]);
});
