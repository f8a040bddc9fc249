/** Time as whatever waits needs it, so that it can be tried with one that is set by hand. */
export type Clock = {
  /** ms since 1970. Somebody may set it. */
  readonly now: () => number;
  /** ms since some moment: nobody sets it, but it may stand still while the device sleeps. */
  readonly steady: () => number;
  /** Does something after so many ms; what it answers calls that off. */
  readonly after: (ms: number, act: () => void) => () => void;
};

/** The clocks of this device. */
export const wallClock: Clock = {
  now: () => Date.now(),
  steady: () => performance.now(),
  after: (ms, act) => {
    const timer = setTimeout(act, ms);
    return () => clearTimeout(timer);
  },
};
