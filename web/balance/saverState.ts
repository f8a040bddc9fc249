import type { Formula } from '@idle-kettle/core';
import type { Batch } from '@idle-kettle/contract';
import type { Clock } from '../api/clock.ts';
import type { Send } from '../api/request.ts';
import type { DraftStorage } from './draft.ts';

/** What the server answers a change with that was made on an older version. */
export const CONFLICT = 409;

/** What is written of a batch. */
export type Content = Formula & {
  /** As typed; may be empty. */
  readonly name: string;
};

/** What a saver stands on. */
export type SaverPorts = {
  readonly send: Send;
  readonly storage: DraftStorage;
  readonly clock: Clock;
  readonly newId: () => string;
};

/** Where saving stands. Never changed: a new one is made. */
export type SaverState = {
  /** What the server holds, as last heard; null for a batch that was never saved. */
  readonly saved: Batch | null;
  /** Whether something is written that the server does not have. */
  readonly changed: boolean;
  readonly pending: boolean;
  readonly error: Error | null;
  /**
   * What somebody else saved meanwhile: saving by itself has stopped until it is said which is to
   * stand.
   */
  readonly theirs: Batch | null;
  /** What of the preparation is done. */
  readonly ticked: readonly string[];
};

/** Hears of a row; `isNew` where it is another batch than was saved so far. */
export type SavedListener = (batch: Batch, isNew: boolean) => void;

export const NOTHING: Content = { name: '', lines: [], settings: {} };

export const contentOf = ({ name, lines, settings }: Content): Content => ({
  name,
  lines,
  settings,
});

export const isSame = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((thing) => b.includes(thing));

/** The same value, or the same ticks. */
export const isUnchanged = (a: unknown, b: unknown): boolean =>
  Object.is(a, b) || (Array.isArray(a) && Array.isArray(b) && isSame(a, b));

/** Where saving stands before anything is known. */
export const UNSAVED: SaverState = {
  saved: null,
  changed: false,
  pending: false,
  error: null,
  theirs: null,
  ticked: [],
};

/**
 * Wait before the next try where the server did not answer, ms: twice as long each time, up to the
 * longest.
 */
const FIRST_WAIT_MS = 2000;
const LONGEST_WAIT_MS = 8000;

/** How long a save waits after so many failures in a row, ms. */
export const waitBefore = (failures: number, quietMs: number): number =>
  failures === 0 ? quietMs : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (failures - 1));

/** Quiet after which a change is saved by itself, ms. */
export const QUIET_MS = 1200;
/** So many saves without an answer are remembered. */
export const MOST_UNANSWERED = 20;
/**
 * So often one save goes on from what it finds; a batch that somebody else saves all the time is
 * told as it is.
 */
export const MOST_TURNS = 5;
export const MOST_NAME_CHARS = 120;
