/** Time as whatever waits needs it, so that it can be tried with one that is set by hand. */
export type Clock = {
  /** ms since 1970. */
  readonly now: () => number;
  /** Does something after so many ms; what it answers calls that off. */
  readonly after: (ms: number, act: () => void) => () => void;
};

/** The clock on the wall. */
export const wallClock: Clock = {
  now: () => Date.now(),
  after: (ms, act) => {
    const timer = setTimeout(act, ms);
    return () => clearTimeout(timer);
  },
};
