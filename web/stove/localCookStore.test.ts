import 'fake-indexeddb/auto';
import { COOK } from '../test/fakeCooks.ts';
import { fakeStorage } from '../test/fakeStorage.ts';
import { Journal } from './journal.ts';
import { newEntry, type KeptEntry, type Noted } from './keptEntry.ts';
import { BrowserCookStore, MemoryCookStore, type LocalCookStore } from './localCookStore.ts';

const LIT: Noted = { kind: 'lit', at: 5, value: null, text: null };

const written = (cook: string, seq: number, noted = LIT) =>
  newEntry(cook, 'browser a', seq, noted, { page: 'this', stretch: 0, gainedMs: 0 });

let names = 0;
const SHELVES: readonly (readonly [string, () => LocalCookStore])[] = [
  ['the browser’s own', () => new BrowserCookStore(`stove ${(names += 1)}`)],
  ['one that lasts as long as its page', () => new MemoryCookStore()],
];

describe.each(SHELVES)('a shelf, %s,', (_, make) => {
  test('keeps what is written down, in the order it happened, until it is delivered', async () => {
    const shelf = make();
    const first = written('pot', 1);
    await shelf.writeDown(written('pot', 2, { ...LIT, kind: 'stirred', at: 6 }));
    await shelf.writeDown(first);
    await shelf.writeDown(written('other', 1));
    expect((await shelf.waiting('pot')).map(({ seq }) => seq)).toEqual([1, 2]);
    expect(await shelf.waiting('other')).toMatchObject([{ seq: 1 }]);
    await shelf.settle([first], null);
    expect((await shelf.waiting('pot')).map(({ seq }) => seq)).toEqual([2]);
    expect(await shelf.entries('pot')).toHaveLength(2);
  });

  test('what is written down twice is there once, as it is known by then', async () => {
    const shelf = make();
    const entry = written('pot', 1);
    await shelf.writeDown(entry);
    await shelf.settle([entry], null);
    await shelf.writeDown(entry);
    expect(await shelf.entries('pot')).toEqual([{ ...entry, waiting: 0 }]);
  });

  test('keeps why something was refused, but not of what the server has meanwhile', async () => {
    const shelf = make();
    const [a, b] = [written('pot', 1), written('pot', 2)];
    await shelf.writeDown(a);
    await shelf.writeDown(b);
    const there: KeptEntry = { ...a, waiting: 0, position: 1 };
    await shelf.keep([there]);
    await shelf.settle([a, b], 'too late');
    const refused = (await shelf.entries('pot')).map(({ seq, refused: why }) => [seq, why]);
    expect(refused.toSorted(([a], [b]) => Number(a) - Number(b))).toEqual([
      [1, null],
      [2, 'too late'],
    ]);
  });

  test('keeps cooks and facts, and forgets a fact', async () => {
    const shelf = make();
    expect(await shelf.cook('pot')).toBeNull();
    await shelf.keepCook(COOK);
    expect(await shelf.cook('pot')).toEqual(COOK);
    expect(await shelf.fact('end pot')).toBeNull();
    await shelf.keepFact('end pot', 1);
    expect(await shelf.fact('end pot')).toBe(1);
    await shelf.keepFact('end pot', null);
    expect(await shelf.fact('end pot')).toBeNull();
  });
});

test('a handle that died under us is opened anew, and nothing is written twice', async () => {
  const opened: IDBDatabase[] = [];
  const open = indexedDB.open.bind(indexedDB);
  jest.spyOn(indexedDB, 'open').mockImplementation((name, version) => {
    const request = open(name, version);
    request.addEventListener('success', () => opened.push(request.result));
    return request;
  });
  const store = new BrowserCookStore('dies');
  await store.writeDown(written('pot', 1));
  opened[0]!.close();
  await store.writeDown(written('pot', 2));
  expect(opened).toHaveLength(2);
  expect(await store.waiting('pot')).toHaveLength(2);
});

test('a database that could not be opened at first is tried again', async () => {
  const store = new BrowserCookStore('late');
  const spy = jest.spyOn(indexedDB, 'open').mockImplementationOnce(() => {
    throw new Error('not now');
  });
  await expect(store.fact('x')).rejects.toThrow('not now');
  expect(await store.fact('x')).toBeNull();
  spy.mockRestore();
});

describe('a page that goes away within a press', () => {
  /** A database that answers nothing any more: its page is gone. */
  const gone = () => new Promise<never>(() => undefined);

  /** A shelf whose page goes away before its database has done anything. */
  function going(journal: Journal, name: string): LocalCookStore {
    const shelf = new BrowserCookStore(name, journal);
    Object.assign(shelf, { handle: gone() });
    return shelf;
  }

  test('has kept what was pressed: the next page has it, to be delivered, once', async () => {
    const journal = new Journal(() => storage);
    const storage = fakeStorage();
    const name = `stove ${(names += 1)}`;
    void going(journal, name).writeDown(written('pot', 1));
    void going(journal, name).writeDown(written('other', 1));
    const next = new BrowserCookStore(name, journal);
    expect(await next.entries('pot')).toEqual([written('pot', 1)]);
    expect(await next.waiting('pot')).toHaveLength(1);
    await next.settle(await next.waiting('pot'), null);
    expect(await new BrowserCookStore(name, journal).entries('pot')).toMatchObject([
      { waiting: 0 },
    ]);
    // What the database has is struck out; what is of another cook waits until that is looked at.
    expect(storage.length).toBe(1);
    expect(await next.entries('other')).toHaveLength(1);
    expect(storage.length).toBe(0);
  });

  test('a browser without storage, and one whose storage holds something else, still has its database', async () => {
    const none = new Journal(() => {
      throw new DOMException('not allowed', 'SecurityError');
    });
    const odd = fakeStorage();
    odd.setItem('kettle.pressed.pot browser a 1', '{"cook": 3}');
    odd.setItem('kettle.pressed.pot browser a 2', 'not JSON');
    for (const journal of [none, new Journal(() => odd)]) {
      const shelf = new BrowserCookStore(`stove ${(names += 1)}`, journal);
      await shelf.writeDown(written('pot', 3));
      expect(await shelf.entries('pot')).toEqual([written('pot', 3)]);
    }
  });
});
