/** How far a number can be trusted, and whom to ask about it. */
export type Provenance = {
  /**
   * `published`: a source that this project's tests can read.
   * `common-practice`: what home preservers do; no single source.
   * `from-memory`: a named source quoted from memory, not re-read here.
   */
  readonly kind: 'published' | 'common-practice' | 'from-memory';
  readonly source: string;
};

/** A physical or trade constant together with its unit and where it comes from. */
export type Constant = {
  readonly value: number;
  readonly unit: string;
  readonly provenance: Provenance;
};

/** A value from a source that is named. */
export const published = (source: string): Provenance => ({ kind: 'published', source });
/** A value that cooks go by, or a judgement, marked so. */
export const commonPractice = (source: string): Provenance => ({ kind: 'common-practice', source });
/** A value quoted from memory of a source that is named. */
export const fromMemory = (source: string): Provenance => ({ kind: 'from-memory', source });

/**
 * A constant of the arithmetic: its value, its unit, and where it comes from.
 * @param unit as it is shown: `g/mol`, `Pa`; empty for a plain number
 */
export const constant = (value: number, unit: string, provenance: Provenance): Constant => ({
  value,
  unit,
  provenance,
});
