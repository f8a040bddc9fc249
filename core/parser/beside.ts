/** The other lines of a formula, and the juice that was measured before it. */
export type Beside = {
  readonly lines: readonly string[];
  /** Null where none was measured. */
  readonly juiceMl: number | null;
};

const GOES_BY_ANOTHER = /\b(?:per|each|every)\b/i;

/**
 * What the lines of a formula are read beside; undefined where none of them may go by another, and
 * each is read alone.
 * @param juiceMl what was measured of juice made before, mL
 */
export const besideOf = (lines: readonly string[], juiceMl: number | null): Beside | undefined =>
  lines.some((line) => GOES_BY_ANOTHER.test(line)) ? { lines, juiceMl } : undefined;
