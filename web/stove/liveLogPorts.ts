import type { CookSession, LiveMessage } from '@idle-kettle/contract';
import type { Clock } from '../api/clock.ts';
import type { Send } from '../api/request.ts';
import type { KeptEntry } from './keptEntry.ts';
import type { LocalCookStore } from './localCookStore.ts';
import type { ServerClock } from './serverClock.ts';

/** What a live view says to whoever listens. */
export type StreamHandlers = {
  readonly open: () => void;
  readonly lost: () => void;
  readonly beat: () => void;
  /** The cook itself has changed. */
  readonly cook: () => void;
  readonly log: (message: LiveMessage) => void;
};

/** What a live log stands on. */
export type LiveLogPorts = {
  readonly store: LocalCookStore;
  readonly send: Send;
  /** Opens a live view of a path; what it answers closes it. */
  readonly listen: (path: string, ear: StreamHandlers) => () => void;
  readonly clock: Clock;
  readonly serverClock: ServerClock;
  /** Lets the tabs of one browser deliver one after another. */
  readonly inTurn: (post: () => Promise<void>) => Promise<void>;
};

/** What is known of a cook and its log. Never changed: a new one is made. */
export type LiveLogState = {
  /** Null until it is known, from this browser or from a server. */
  readonly session: CookSession | null;
  /** In the order of the kitchen’s clock. */
  readonly entries: readonly KeptEntry[];
  /** Entries of this browser that no server has yet. */
  readonly waiting: number;
  /** Why the server would not have something; null where it took everything. */
  readonly refused: string | null;
  /** Whether a server is heard. */
  readonly heard: boolean;
  /** Whether this browser keeps what is noted when its page is closed. */
  readonly keeps: boolean;
  /** Why the cook cannot be shown at all. */
  readonly error: Error | null;
};

export const NOTHING: LiveLogState = {
  session: null,
  entries: [],
  waiting: 0,
  refused: null,
  heard: false,
  keeps: true,
  error: null,
};
