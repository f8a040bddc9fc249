import type { WeighedLine } from '../parser/index.ts';

/** What is done before the formula's own pot: juice, infusion, peel, peppers or pulp come first. */
export type PretreatmentKind = 'extract' | 'infuse' | 'soak' | 'drain' | 'sauce';

export const PRETREATMENT_KINDS: readonly PretreatmentKind[] = [
  'extract',
  'infuse',
  'soak',
  'drain',
  'sauce',
];

/** How juice clots in spirit: a spoon of it in three of rubbing alcohol, never tasted. */
export type Clot = 'lump' | 'several' | 'flakes';

export const CLOTS: readonly Clot[] = ['lump', 'several', 'flakes'];

/** What comes before a formula, and what was measured of it; `null` means not given. */
export type Pretreatment = {
  readonly kind: PretreatmentKind;
  readonly lines: readonly (string | WeighedLine)[];
  /** Water that goes in besides the lines, g; null for what is usual. */
  readonly waterG: number | null;
  /** Hours of standing or dripping; null for the usual. */
  readonly hours: number | null;
  /** What was obtained, once it is measured. */
  readonly obtainedG: number | null;
  readonly obtainedMl: number | null;
  /** Soluble solids of the juice, °Brix. */
  readonly brix: number | null;
  readonly clot: Clot | null;
};

/** How each kind is called, what it gives, and how long it stands; common practice. */
export const PRETREATMENT_FACTS: {
  readonly [kind in PretreatmentKind]: {
    readonly name: string;
    readonly gives: string;
    readonly hours: number;
    /** Grams in a millilitre of what it gives. */
    readonly density: number;
  };
} = {
  extract: { name: 'juice through a cloth', gives: 'juice', hours: 4, density: 1.04 },
  infuse: { name: 'an infusion', gives: 'infusion', hours: 15, density: 1 },
  soak: { name: 'a soak', gives: 'fruit and liquid', hours: 18, density: 1.02 },
  drain: { name: 'draining', gives: 'drained fruit', hours: 0.5, density: 0.6 },
  sauce: { name: 'cooking to a sauce', gives: 'sauce', hours: 0, density: 1.04 },
};

/**
 * The juice that was measured after it dripped, mL; null where there is none, or it was not
 * measured.
 */
export function measuredJuiceMl({
  kind,
  obtainedG,
  obtainedMl,
}: Pick<Pretreatment, 'kind' | 'obtainedG' | 'obtainedMl'>): number | null {
  if (kind !== 'extract') return null;
  return obtainedMl ?? (obtainedG === null ? null : obtainedG / PRETREATMENT_FACTS.extract.density);
}
