/**
 * The clock that a cook runs by: at `realAt` (ms, the server’s clock) it showed `cookAt`, and it
 * has run `speed` times as fast since. The clock of a real cook is the server’s own.
 */
export type CookClock = {
  readonly realAt: number;
  readonly cookAt: number;
  readonly speed: number;
};

/** What the kitchen’s clock shows when the server’s shows `realMs`. */
export const kitchenTime = ({ realAt, cookAt, speed }: CookClock, realMs: number): number =>
  Math.round(cookAt + (realMs - realAt) * speed);
