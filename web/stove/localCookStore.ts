import type { CookSession } from '@idle-kettle/contract';
import { inOrder } from '@idle-kettle/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { ofHousehold } from '../api/household.ts';
import { Journal } from './journal.ts';
import type { KeptEntry } from './keptEntry.ts';

/** What a browser keeps of its cooks, whatever becomes of the page and of the network. */
export interface LocalCookStore {
  cook(id: string): Promise<CookSession | null>;
  keepCook(session: CookSession): Promise<void>;
  /** Everything of a cook that this browser knows. */
  entries(cook: string): Promise<readonly KeptEntry[]>;
  /** What waits to be delivered, in the order it was written. */
  waiting(cook: string): Promise<readonly KeptEntry[]>;
  /**
   * Writes down what happened, before anything else is done about it: even a page that goes away at
   * once has kept it.
   */
  writeDown(entry: KeptEntry): Promise<void>;
  /** Keeps entries that a server has; those of this browser are no longer waiting. */
  keep(entries: readonly KeptEntry[]): Promise<void>;
  /** Marks entries as delivered (null), or as refused for a reason. */
  settle(entries: readonly KeptEntry[], refused: string | null): Promise<void>;
  /** A fact by its name; null for none. */
  fact(name: string): Promise<Fact | null>;
  /** Keeps a fact; null forgets it. */
  keepFact(name: string, fact: Fact | null): Promise<void>;
}

export type Fact = string | number;

interface Schema extends DBSchema {
  cooks: { key: string; value: CookSession };
  entries: {
    key: [cook: string, source: string, seq: number];
    value: KeptEntry;
    indexes: { cook: string; waiting: [waiting: number, cook: string] };
  };
  facts: { key: string; value: Fact };
}

/**
 * How a browser says that a handle on its database is dead: closed under us, or lost with the
 * process that held it.
 */
const DEAD: ReadonlySet<string> = new Set(['InvalidStateError', 'UnknownError', 'AbortError']);

/** The shelf in the browser’s own database. A handle that turns out dead is opened anew. */
export class BrowserCookStore implements LocalCookStore {
  private handle: Promise<IDBPDatabase<Schema>> | null = null;

  /** @param name of the database */
  constructor(
    private readonly name = ofHousehold('idle-kettle-stove'),
    private readonly journal = new Journal(),
  ) {}

  cook = (id: string): Promise<CookSession | null> =>
    this.on(async (database) => (await database.get('cooks', id)) ?? null);

  keepCook = (session: CookSession): Promise<void> =>
    this.on(async (database) => {
      await database.put('cooks', session);
    });

  entries = async (cook: string): Promise<readonly KeptEntry[]> => {
    await this.takeIn(this.journal.of(cook));
    return this.on((database) => database.getAllFromIndex('entries', 'cook', cook));
  };

  waiting = (cook: string): Promise<readonly KeptEntry[]> =>
    this.on(async (database) =>
      (await database.getAllFromIndex('entries', 'waiting', [1, cook])).sort(inOrder),
    );

  writeDown = (entry: KeptEntry): Promise<void> => {
    this.journal.write(entry);
    return this.takeIn([entry]);
  };

  keep = (entries: readonly KeptEntry[]): Promise<void> =>
    this.on(async (database) => {
      const transaction = database.transaction('entries', 'readwrite');
      await Promise.all(entries.map((entry) => transaction.store.put(entry)));
      await transaction.done;
    });

  settle = (entries: readonly KeptEntry[], refused: string | null): Promise<void> =>
    this.on(async (database) => {
      const transaction = database.transaction('entries', 'readwrite');
      for (const { cook, source, seq } of entries) {
        const now = await transaction.store.get([cook, source, seq]);
        if (now?.waiting === 1) await transaction.store.put({ ...now, waiting: 0, refused });
      }
      await transaction.done;
    });

  fact = (name: string): Promise<Fact | null> =>
    this.on(async (database) => (await database.get('facts', name)) ?? null);

  keepFact = (name: string, fact: Fact | null): Promise<void> =>
    this.on(async (database) => {
      if (fact === null) await database.delete('facts', name);
      else await database.put('facts', fact, name);
    });

  /**
   * Puts entries of the journal where the database has none under their name yet: another tab may
   * have, and more may be known of them there.
   */
  private async takeIn(entries: readonly KeptEntry[]): Promise<void> {
    if (entries.length === 0) return;
    await this.on(async (database) => {
      const transaction = database.transaction('entries', 'readwrite');
      for (const entry of entries) {
        const key = await transaction.store.getKey([entry.cook, entry.source, entry.seq]);
        if (key === undefined) await transaction.store.add(entry);
      }
      await transaction.done;
    });
    this.journal.strike(entries);
  }

  /** Does something with the database; once more with a new handle where the old one was dead. */
  private async on<T>(work: (database: IDBPDatabase<Schema>) => Promise<T>): Promise<T> {
    const handle = this.open();
    try {
      return await work(await handle);
    } catch (error) {
      if (!(error instanceof DOMException) || !DEAD.has(error.name)) throw error;
      if (this.handle === handle) this.handle = null;
      return work(await this.open());
    }
  }

  private open(): Promise<IDBPDatabase<Schema>> {
    if (this.handle !== null) return this.handle;
    const handle = openDB<Schema>(this.name, 1, {
      upgrade(database) {
        database.createObjectStore('cooks', { keyPath: 'id' });
        const entries = database.createObjectStore('entries', {
          keyPath: ['cook', 'source', 'seq'],
        });
        entries.createIndex('cook', 'cook');
        entries.createIndex('waiting', ['waiting', 'cook']);
        database.createObjectStore('facts');
      },
      // Another tab that wants a newer one is let through.
      blocking: () => {
        void handle.then((database) => database.close());
        if (this.handle === handle) this.handle = null;
      },
      terminated: () => {
        if (this.handle === handle) this.handle = null;
      },
    });
    this.handle = handle;
    // A database that could not be opened now may be later.
    handle.catch(() => {
      if (this.handle === handle) this.handle = null;
    });
    return handle;
  }
}

/**
 * A shelf that lasts as long as its page: for browsers that keep nothing, as in private windows.
 */
export class MemoryCookStore implements LocalCookStore {
  private readonly sessions = new Map<string, CookSession>();
  private readonly kept = new Map<string, KeptEntry>();
  private readonly facts = new Map<string, Fact>();

  cook = (id: string): Promise<CookSession | null> =>
    Promise.resolve(this.sessions.get(id) ?? null);

  keepCook = (session: CookSession): Promise<void> => {
    this.sessions.set(session.id, session);
    return Promise.resolve();
  };

  entries = (cook: string): Promise<readonly KeptEntry[]> =>
    Promise.resolve([...this.kept.values()].filter((entry) => entry.cook === cook));

  waiting = async (cook: string): Promise<readonly KeptEntry[]> =>
    (await this.entries(cook)).filter(({ waiting }) => waiting === 1).sort(inOrder);

  writeDown = (entry: KeptEntry): Promise<void> => {
    if (!this.kept.has(keyOf(entry))) this.kept.set(keyOf(entry), entry);
    return Promise.resolve();
  };

  keep = (entries: readonly KeptEntry[]): Promise<void> => {
    for (const entry of entries) this.kept.set(keyOf(entry), entry);
    return Promise.resolve();
  };

  settle = (entries: readonly KeptEntry[], refused: string | null): Promise<void> => {
    for (const entry of entries) {
      const now = this.kept.get(keyOf(entry));
      if (now?.waiting === 1) this.kept.set(keyOf(entry), { ...now, waiting: 0, refused });
    }
    return Promise.resolve();
  };

  fact = (name: string): Promise<Fact | null> => Promise.resolve(this.facts.get(name) ?? null);

  keepFact = (name: string, fact: Fact | null): Promise<void> => {
    if (fact === null) this.facts.delete(name);
    else this.facts.set(name, fact);
    return Promise.resolve();
  };
}

const keyOf = ({ cook, source, seq }: KeptEntry): string => JSON.stringify([cook, source, seq]);
