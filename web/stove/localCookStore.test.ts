import 'fake-indexeddb/auto';
import { COOK } from '../test/fakeCooks.ts';
import type { KeptEntry } from './keptEntry.ts';
import type { Noted } from './keptEntry.ts';
import { BrowserCookStore, MemoryCookStore, type LocalCookStore } from './localCookStore.ts';

const LIT: Noted = { kind: 'lit', at: 5, value: null, text: null };

let names = 0;
const SHELVES: readonly (readonly [string, () => LocalCookStore])[] = [
  ['the browser’s own', () => new BrowserCookStore(`stove ${(names += 1)}`)],
  ['one that lasts as long as its page', () => new MemoryCookStore()],
];

describe.each(SHELVES)('a shelf, %s,', (_, make) => {
  test('keeps what is written down, numbered from 1 for each cook, until it is delivered', async () => {
    const shelf = make();
    const first = await shelf.writeDown('pot', LIT);
    await shelf.writeDown('pot', { ...LIT, kind: 'stirred' });
    await shelf.writeDown('other', LIT);
    expect((await shelf.waiting('pot')).map(({ seq }) => seq)).toEqual([1, 2]);
    expect(await shelf.waiting('other')).toMatchObject([{ seq: 1, source: first.source }]);
    await shelf.settle([first], null);
    expect((await shelf.waiting('pot')).map(({ seq }) => seq)).toEqual([2]);
    expect(await shelf.entries('pot')).toHaveLength(2);
  });

  test('two that are written down at once get two numbers', async () => {
    const shelf = make();
    const both = await Promise.all([shelf.writeDown('pot', LIT), shelf.writeDown('pot', LIT)]);
    expect(new Set(both.map(({ seq }) => seq))).toEqual(new Set([1, 2]));
    expect(new Set(both.map(({ source }) => source)).size).toBe(1);
  });

  test('keeps why something was refused, but not of what the server has meanwhile', async () => {
    const shelf = make();
    const [a, b] = [await shelf.writeDown('pot', LIT), await shelf.writeDown('pot', LIT)];
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
  await store.writeDown('pot', LIT);
  opened[0]!.close();
  expect(await store.writeDown('pot', LIT)).toMatchObject({ seq: 2 });
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
