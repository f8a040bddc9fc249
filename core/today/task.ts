/** What may want a hand, in the order of what is lost by waiting: a jar that may spoil comes first. */
export const TASK_KINDS = [
  'on-the-stove',
  'jars-waiting',
  'reprocess',
  'press-lids',
  'day-sheet',
  'next-step',
  'fruit',
  'eat',
  'past',
  'store',
  'judge',
  'jars-cooling',
  'step-waiting',
  'calcium',
  'runs-short',
  'planned',
] as const;
/** One of {@link TASK_KINDS}. */
export type TaskKind = (typeof TASK_KINDS)[number];

/** Where a task is done. */
export type TaskPlace = 'stove' | 'jars' | 'prepare' | 'batch' | 'book' | 'shelf' | 'fruit' | 'day';

/**
 * One thing that wants a hand, or will. It is done by the act that it names, never ticked.
 */
export type Task = {
  /** The same for the same thing, whenever it is worked out. */
  readonly id: string;
  readonly kind: TaskKind;
  /** The batch, the fruit or the jar that it is about, by its name. */
  readonly name: string;
  /** From when it wants a hand, ms. */
  readonly dueMs: number;
  /** Until when it can wait, ms; null for as long as anybody likes. */
  readonly untilMs: number | null;
  /** Whether it wants a hand now. */
  readonly isNow: boolean;
  /** How many jars it is about; 0 for what is not about jars. */
  readonly jars: number;
  /** Where it is done, and the id of what it is done with. */
  readonly place: TaskPlace;
  readonly of: string;
};
