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
/** The part of a step to which an event in it is found. */
const EVENT_WITHIN = 1e-6;
/** False position is near after a few guesses; what is not by then is halved. */
const MOST_GUESSES = 10;

/** `y + a k`, and two more such terms where they are given. */
function plusTimes(y: State, a: number, k: State, b = 0, l = k, c = 0, m = k): State {
  const sum = new Array<number>(y.length);
  for (let i = 0; i < y.length; i += 1)
    sum[i] = (y[i] as number) + a * (k[i] as number) + b * (l[i] as number) + c * (m[i] as number);
  return sum;
}

/**
 * Integrates from `start` until the event or `most` units of time, whichever is first: explicit
 * Runge–Kutta of order 3 with an embedded second-order error estimate (Bogacki & Shampine 1989).
 * The event is found to a millionth of the step in which it happens.
 */
export function integrate(start: State, most: number, problem: Problem): Integration {
  const { slope, event, tolerance, longestStep, onStep } = problem;
  let [t, y, step] = [0, start, Math.min(longestStep, most)];
  let k1 = slope(y);
  onStep?.(t, y);
  let value = event(y);
  if (value > 0) return { t, y, happened: true };
  const tryStep = (h: number) => {
    const k2 = slope(plusTimes(y, h / 2, k1));
    const k3 = slope(plusTimes(y, (3 * h) / 4, k2));
    return { k2, k3, next: plusTimes(y, (2 * h) / 9, k1, h / 3, k2, (4 * h) / 9, k3) };
  };
  while (t < most) {
    const h = Math.min(step, most - t);
    const { k2, k3, next } = tryStep(h);
    const k4 = slope(next);
    let error = 0;
    for (let i = 0; i < next.length; i += 1) {
      const off =
        (-5 / 72) * (k1[i] as number) +
        (1 / 12) * (k2[i] as number) +
        (1 / 9) * (k3[i] as number) -
        (1 / 8) * (k4[i] as number);
      error = Math.max(error, (h * Math.abs(off)) / (tolerance[i] as number));
    }
    const factor = Math.min(4, Math.max(0.2, 0.9 * Math.cbrt(1 / Math.max(error, 1e-9))));
    step = Math.min(longestStep, Math.max(SMALLEST_STEP, h * factor));
    if (error > 1 && h > SMALLEST_STEP) continue;
    const nextValue = event(next);
    if (nextValue > 0) {
      const happens = crossing(h, value, nextValue, (part) => event(tryStep(part).next));
      y = happens === h ? next : tryStep(happens).next;
      onStep?.(t + happens, y);
      return { t: t + happens, y, happened: true };
    }
    t += h;
    y = next;
    k1 = k4;
    value = nextValue;
    onStep?.(t, y);
  }
  return { t, y, happened: false };
}

/**
 * The least time found at which something is past zero that is not at the start of a step and is at
 * its end: false position with the weight of an end that stays halved (Illinois), to
 * {@link EVENT_WITHIN} of the step.
 */
function crossing(
  step: number,
  atStart: number,
  atEnd: number,
  valueAt: (part: number) => number,
): number {
  const within = EVENT_WITHIN * step;
  let [before, after, below, above] = [0, step, atStart, atEnd];
  let last = 0;
  for (let guesses = 0; after - before > within; guesses += 1) {
    const share = guesses < MOST_GUESSES ? below / (below - above) : 0.5;
    // So near an end, the next guess is on the other side of it.
    const guess = before + share * (after - before);
    const part = Math.min(after - within / 2, Math.max(before + within / 2, guess));
    const value = valueAt(part);
    const side = value > 0 ? 1 : -1;
    if (value > 0) [after, above] = [part, value];
    else [before, below] = [part, value];
    if (side === last) {
      if (value > 0) below /= 2;
      else above /= 2;
    }
    last = side;
  }
  return after;
}
