import type { SetClass } from '../gel/index.ts';
import type { EntryKind } from '../stove/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';

/** A line of a log as it is kept of a cook that is over: null where a kind has no number or words. */
export type LoggedEntry = {
  /** ms since 1970, or from any other moment that the whole log counts from. */
  readonly at: number;
  readonly kind: EntryKind;
  readonly value: number | null;
  readonly text: string | null;
};

/** What came of a cook, as far as somebody measured it. */
export type CookOutcome = {
  /** What reached the jars, mL. */
  readonly volumeMl: number | null;
  /** What was in the pot at the stop, g. */
  readonly finalMassG: number | null;
  /** How it stood when it was cold, as somebody judged it. */
  readonly set: SetClass | null;
};

/** One cook that is over: what was made, on what, what was logged, and what came of it. */
export type CookRecord = {
  /** As it was planned: in this kitchen, in its pot and on its burner, by nothing that was learned. */
  readonly request: PlanRequest;
  /** What it stood on, and in which pot, by their ids. */
  readonly burner: string;
  readonly pot: string;
  readonly log: readonly LoggedEntry[];
  readonly outcome: CookOutcome;
};
