import type { CookRecord } from '@idle-kettle/contract';
import type { EntryKind } from '@idle-kettle/core';
import type { KeptEntry } from './keptEntry.ts';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

interface Shelf extends DBSchema {
  cooks: { key: string; value: CookRecord };
  entries: {
    key: [cook: string, source: string, seq: number];
    value: KeptEntry;
    indexes: { cook: string; waiting: [waiting: number, cook: string] };
  };
  facts: { key: string; value: string | number };
}

let opened: Promise<IDBPDatabase<Shelf>> | null = null;

const shelf = (): Promise<IDBPDatabase<Shelf>> =>
  (opened ??= openDB<Shelf>('idle-kettle-stove', 1, {
    upgrade(database) {
      database.createObjectStore('cooks', { keyPath: 'id' });
      const entries = database.createObjectStore('entries', {
        keyPath: ['cook', 'source', 'seq'],
      });
      entries.createIndex('cook', 'cook');
      entries.createIndex('waiting', ['waiting', 'cook']);
      database.createObjectStore('facts');
    },
  }));

/** The name that this browser writes under; made once. */
async function ownSource(): Promise<string> {
  const database = await shelf();
  const kept = await database.get('facts', 'source');
  if (typeof kept === 'string') return kept;
  const transaction = database.transaction('facts', 'readwrite');
  const there = await transaction.store.get('source');
  const source = typeof there === 'string' ? there : `browser ${crypto.randomUUID().slice(0, 8)}`;
  await transaction.store.put(source, 'source');
  await transaction.done;
  return source;
}

/** Writes down what happened, before anything else is done about it. Its number is taken in the same transaction. */
export async function writeDown(
  cook: string,
  kind: EntryKind,
  at: number,
  value: number | null,
  text: string | null,
): Promise<KeptEntry> {
  const source = await ownSource();
  const transaction = (await shelf()).transaction(['entries', 'facts'], 'readwrite');
  const counter = `seq ${cook}`;
  const facts = transaction.objectStore('facts');
  const seq = Number((await facts.get(counter)) ?? 0) + 1;
  const entry: KeptEntry = {
    cook,
    source,
    seq,
    at,
    kind,
    value,
    text,
    waiting: 1,
    position: null,
    refused: null,
  };
  await facts.put(seq, counter);
  await transaction.objectStore('entries').add(entry);
  await transaction.done;
  return entry;
}

/** Keeps entries that a server has; those of this browser are no longer waiting. */
export async function keep(entries: readonly KeptEntry[]): Promise<void> {
  const transaction = (await shelf()).transaction('entries', 'readwrite');
  await Promise.all(entries.map((entry) => transaction.store.put(entry)));
  await transaction.done;
}

/** Everything of a cook that this browser knows. */
export const keptEntries = async (cook: string): Promise<KeptEntry[]> =>
  (await shelf()).getAllFromIndex('entries', 'cook', cook);

/** What waits to be delivered, in the order it was written. */
export const waitingEntries = async (cook: string): Promise<KeptEntry[]> =>
  (await (await shelf()).getAllFromIndex('entries', 'waiting', [1, cook])).sort(
    (a, b) => a.seq - b.seq,
  );

/** Marks entries as delivered, or as refused for a reason. */
export async function settle(entries: readonly KeptEntry[], refused: string | null): Promise<void> {
  const transaction = (await shelf()).transaction('entries', 'readwrite');
  for (const entry of entries) {
    const key: [string, string, number] = [entry.cook, entry.source, entry.seq];
    const now = await transaction.store.get(key);
    if (now?.waiting === 1) await transaction.store.put({ ...now, waiting: 0, refused });
  }
  await transaction.done;
}

export const keepCook = async (cook: CookRecord): Promise<void> => {
  await (await shelf()).put('cooks', cook);
};

export const keptCook = async (id: string): Promise<CookRecord | null> =>
  (await (await shelf()).get('cooks', id)) ?? null;

export const keepFact = async (name: string, value: string | number): Promise<void> => {
  await (await shelf()).put('facts', value, name);
};

export const keptFact = async (name: string): Promise<string | number | null> =>
  (await (await shelf()).get('facts', name)) ?? null;
