import type {
  EntryKind,
  Filling,
  Jar,
  JarPlan,
  JarProgress,
  Load,
  Quantiles,
  UnitSystem,
} from '@idle-kettle/core';
import { jarsInText } from '@idle-kettle/core';

/** Something that a press writes down: its kind, number and words. */
export type Noting = readonly [kind: EntryKind, value: number | null, text: string | null];

/** A button: what it says, and what it writes down. */
export type Press = { readonly label: string; readonly notes: readonly Noting[] };

/** Something that is asked before a press counts: what, and the words of either answer. */
export type Question = { readonly text: string; readonly yes: string; readonly no: string };

/** One thing that wants doing at the jars, with its clock. */
export type JarTask = {
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  /** Null where it is done in a panel of its own. */
  readonly press: Press | null;
  /** What may have happened instead. */
  readonly others: readonly Press[];
  /** When it is time, ms on the kitchen’s clock; null where no clock runs down. */
  readonly dueAtMs: number | null;
  /** Since when it goes on; null where that is no matter. */
  readonly sinceMs: number | null;
  readonly due: boolean;
  readonly rings: boolean;
  /** What is asked before the press counts, and the two answers; null where nothing is. */
  readonly asks: Question | null;
  /** Lower comes first. */
  readonly rank: number;
};

/** What the calls go by. */
export type JarsCase = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly filling: Filling;
  readonly nowMs: number;
  /** When the pot came off for the jars; null where that was not noted. */
  readonly readyAtMs: number | null;
  readonly cannerHolds: number;
  readonly units: UnitSystem;
  /**
   * What the kitchen’s altitude was when the batch began, m, where it is higher now; null where it
   * is not.
   */
  readonly altitudeWasM: number | null;
  /** Minutes from the flame to the boil of a load. */
  readonly toBoil: (load: Load) => Quantiles;
};

export const call = (
  given: Partial<JarTask> & Pick<JarTask, 'id' | 'title' | 'detail' | 'rank'>,
): JarTask => ({
  press: null,
  others: [],
  dueAtMs: null,
  sinceMs: null,
  due: true,
  rings: false,
  asks: null,
  ...given,
});

export const named = (jars: readonly Jar[]): string => jarsInText(jars);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
