/** The state of something that changes in time, as plain numbers. */
export type State = readonly number[];

/** Where an integration ended, in the units of its problem. */
export type Integration = {
  readonly t: number;
  readonly y: State;
  /** Whether the event happened before the time was up. */
  readonly happened: boolean;
};

/** What is integrated: slopes, an event to stop at, and the errors allowed. */
export type Problem = {
  /** dy/dt */
  readonly slope: (y: State) => State;
  /** Becomes positive when the thing to stop for happens. */
  readonly event: (y: State) => number;
  /** Error allowed in one step, for each number of the state. */
  readonly tolerance: State;
  readonly longestStep: number;
  /** Told of every step taken, the start included. */
  readonly onStep?: (t: number, y: State) => void;
};

const SMALLEST_STEP = 1e-6;

function plusTimes(y: State, ...terms: readonly (readonly [number, State])[]): State {
  const sum = [...y];
  for (const [factor, k] of terms)
    for (let i = 0; i < sum.length; i += 1) sum[i] = (sum[i] as number) + factor * (k[i] as number);
  return sum;
}

/**
 * Integrates from `start` until the event or `most` units of time, whichever is first: explicit
 * Runge–Kutta of order 3 with an embedded second-order error estimate (Bogacki & Shampine 1989). The
 * event is found to a millionth of the step in which it happens.
 */
export function integrate(start: State, most: number, problem: Problem): Integration {
  const { slope, event, tolerance, longestStep, onStep } = problem;
  let [t, y, step] = [0, start, Math.min(longestStep, most)];
  let k1 = slope(y);
  onStep?.(t, y);
  if (event(y) > 0) return { t, y, happened: true };
  const tryStep = (h: number) => {
    const k2 = slope(plusTimes(y, [h / 2, k1]));
    const k3 = slope(plusTimes(y, [(3 * h) / 4, k2]));
    const next = plusTimes(y, [(2 * h) / 9, k1], [h / 3, k2], [(4 * h) / 9, k3]);
    const k4 = slope(next);
    const off = k1.map(
      (a, i) =>
        h *
        ((-5 / 72) * a +
          (1 / 12) * (k2[i] as number) +
          (1 / 9) * (k3[i] as number) -
          (1 / 8) * (k4[i] as number)),
    );
    const error = Math.max(...off.map((e, i) => Math.abs(e) / (tolerance[i] as number)));
    return { next, k4, error };
  };
  while (t < most) {
    const h = Math.min(step, most - t);
    const { next, k4, error } = tryStep(h);
    const factor = Math.min(4, Math.max(0.2, 0.9 * Math.cbrt(1 / Math.max(error, 1e-9))));
    step = Math.min(longestStep, Math.max(SMALLEST_STEP, h * factor));
    if (error > 1 && h > SMALLEST_STEP) continue;
    if (event(next) > 0) {
      let [before, after] = [0, h];
      while (after - before > 1e-6 * h) {
        const middle = (before + after) / 2;
        if (event(tryStep(middle).next) > 0) after = middle;
        else before = middle;
      }
      y = tryStep(after).next;
      onStep?.(t + after, y);
      return { t: t + after, y, happened: true };
    }
    t += h;
    y = next;
    k1 = k4;
    onStep?.(t, y);
  }
  return { t, y, happened: false };
}
