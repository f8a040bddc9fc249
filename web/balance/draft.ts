import type { Settings } from '@idle-kettle/core';
import { householdStorage } from '../api/household.ts';

/** What somebody typed and has not saved, kept in this browser so that a reload loses nothing. */
export type Draft = {
  readonly name: string;
  readonly lines: readonly string[];
  readonly settings: Settings;
  /** The version of the saved batch that it was made on; null for a new one. */
  readonly version: number | null;
  /** What that version said, by its content; absent where that is not known. */
  readonly base?: string;
  /** What was sent and has not been answered, by its content; absent for nothing. */
  readonly sent?: readonly string[];
  /** The id that a new batch is sent under, so that sending it again makes no second. */
  readonly newId?: string;
  /** What was ticked and unticked of its preparation; absent for nothing. */
  readonly ticks?: readonly (readonly [id: string, on: boolean])[];
  /** Whether nothing but ticks is new in it. */
  readonly onlyTicks?: boolean;
};

/** The few parts of a browser’s storage that drafts use. */
export type DraftStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const key = (id: string | null): string => `kettle.draft.${id ?? 'new'}`;

const isDraft = (value: unknown): value is Draft =>
  typeof value === 'object' &&
  value !== null &&
  'name' in value &&
  typeof value.name === 'string' &&
  'lines' in value &&
  Array.isArray(value.lines) &&
  value.lines.every((line) => typeof line === 'string') &&
  'settings' in value &&
  typeof value.settings === 'object' &&
  value.settings !== null &&
  'version' in value &&
  (value.version === null || typeof value.version === 'number') &&
  (!('sent' in value) || Array.isArray(value.sent)) &&
  (!('ticks' in value) || Array.isArray(value.ticks));

/** The draft kept for a batch (null: the new one); null when there is none that can be read. */
export function keptDraft(
  id: string | null,
  storage: DraftStorage = householdStorage,
): Draft | null {
  try {
    const value: unknown = JSON.parse(storage.getItem(key(id)) ?? 'null');
    return isDraft(value) ? value : null;
  } catch {
    return null;
  }
}

export function keepDraft(
  id: string | null,
  draft: Draft,
  storage: DraftStorage = householdStorage,
): void {
  try {
    storage.setItem(key(id), JSON.stringify(draft));
  } catch {
    // A full or forbidden storage costs the safety net, never the typing.
  }
}

export const dropDraft = (id: string | null, storage: DraftStorage = householdStorage): void =>
  storage.removeItem(key(id));
