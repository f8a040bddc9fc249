import { householdStorage } from '../api/household.ts';
import type { KeptEntry } from './keptEntry.ts';

const PREFIX = 'kettle.pressed.';

/** The parts of a browser’s storage that a journal uses. */
export type JournalStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/**
 * What was pressed a moment ago. It is kept within the press itself: a page that is closed or
 * loaded anew right after a press leaves its database no time. What the database has taken is
 * struck out. A browser that keeps nothing has an empty journal.
 */
export class Journal {
  constructor(private readonly storage: () => JournalStorage = () => householdStorage) {}

  write(entry: KeptEntry): void {
    try {
      this.storage().setItem(keyOf(entry), JSON.stringify(entry));
    } catch {
      // Full, or not allowed: the database alone has to do.
    }
  }

  strike(entries: readonly KeptEntry[]): void {
    try {
      for (const entry of entries) this.storage().removeItem(keyOf(entry));
    } catch {
      // What cannot be struck out was not written either.
    }
  }

  /** What no database had taken when its page went away, of one cook. */
  of(cook: string): readonly KeptEntry[] {
    try {
      const storage = this.storage();
      const keys = Array.from({ length: storage.length }, (_, index) => storage.key(index));
      return keys
        .filter((key) => key?.startsWith(prefixOf(cook)) === true)
        .flatMap((key) => read(storage.getItem(key!)));
    } catch {
      return [];
    }
  }
}

const prefixOf = (cook: string): string => `${PREFIX}${cook} `;

const keyOf = ({ cook, source, seq }: KeptEntry): string => `${prefixOf(cook)}${source} ${seq}`;

/** An entry that this journal wrote; none where something else stands there. */
function read(text: string | null): readonly KeptEntry[] {
  try {
    const value = JSON.parse(text ?? 'null') as Partial<KeptEntry> | null;
    return typeof value?.cook === 'string' &&
      typeof value.source === 'string' &&
      typeof value.seq === 'number' &&
      typeof value.at === 'number' &&
      typeof value.kind === 'string'
      ? [value as KeptEntry]
      : [];
  } catch {
    return [];
  }
}
