import type { ActId } from '../chain/index.ts';

/** Kinds of things that an act holds. */
export const HELD_KINDS = ['burner', 'slow cooker', 'oven', 'canner', 'bowl'] as const;
/** One of {@link HELD_KINDS}. */
export type HeldKind = (typeof HELD_KINDS)[number];

/** What is counted and held: things that acts hold, and pots, which a batch is in from flame to jar. */
export const THING_KINDS = [...HELD_KINDS, 'pot'] as const;
/** One of {@link THING_KINDS}. */
export type ThingKind = (typeof THING_KINDS)[number];

/** A stretch of one act that is not broken off. Minutes. */
export type Piece = {
  readonly act: ActId;
  readonly minutes: number;
  /** As long as it takes where it goes quickly; left out for what always takes as long. */
  readonly shortest?: number;
  /** Whether it wants somebody all the time. */
  readonly hands: boolean;
  readonly holds: HeldKind | null;
};

/** Pieces that follow one another without a pause. */
export type Segment = {
  readonly pieces: readonly Piece[];
  /** How long what follows may be put off, min. */
  readonly mayWaitMin: number;
  /** From which of its pieces on it is in a pot; left out for none, and for one that is part of what it stands on. */
  readonly potFrom?: number;
};

/** A load of jars in a canner: in, to the boil, its time, rested, out; once it is loaded. */
export type LoadJob = { readonly pieces: readonly Piece[] };

/** One batch, as it is scheduled. */
export type Job = {
  readonly name: string;
  /** From when it may begin, min from the beginning of the day. */
  readonly readyMin: number;
  /** Until when it must have begun; null for any time. */
  readonly keepsUntilMin: number | null;
  /** Up to the filled jars, in order. */
  readonly segments: readonly Segment[];
  /** One after another, the first right after the filling. */
  readonly loads: readonly LoadJob[];
  /** How long a cold canner heats before jars may go in, min. */
  readonly heatsMin: number;
  /** How long filled jars may wait for a later load, min. */
  readonly jarsWaitMin: number;
  /** Whose hands make it, from 0; left out for anybody’s. */
  readonly person?: number;
  /** Of a batch in the middle of its first segment: it goes on at once, on what it stands on. */
  readonly going?: { readonly [kind in ThingKind]?: number };
};

/** What there is to work with. */
export type Things = {
  readonly people: number;
  readonly burners: number;
  readonly slowCookers: number;
  readonly ovens: number;
  readonly canners: number;
  /** Pots and bowls; left out for as many as are wanted. */
  readonly pots?: number;
  readonly bowls?: number;
  /** Nothing is begun before this, min; left out for the beginning of the day. */
  readonly from?: number;
  /** When nobody is there, from and to, min. */
  readonly breaks: readonly (readonly [from: number, to: number])[];
};
