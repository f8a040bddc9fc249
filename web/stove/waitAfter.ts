const FIRST_MS = 500;
const LONGEST_MS = 4000;

/**
 * How long to wait before a server that was away is tried again: twice as long each time, ms.
 * @param failures in a row so far
 */
export const waitAfter = (failures: number): number =>
  Math.min(LONGEST_MS, FIRST_MS * 2 ** failures);
