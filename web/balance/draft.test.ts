import { dropDraft, keepDraft, keptDraft, type Draft } from './draft.ts';

/** The few parts of a browser's storage that drafts use. */
function storageOf(entries: Record<string, string> = {}): Storage {
  const map = new Map(Object.entries(entries));
  return {
    length: 0,
    clear: () => map.clear(),
    key: () => null,
    getItem: (key) => map.get(key) ?? null,
    setItem: (key, value) => void map.set(key, value),
    removeItem: (key) => void map.delete(key),
  };
}

const DRAFT: Draft = {
  name: 'Plum',
  lines: ['1 kg plums'],
  settings: { product: 'butter' },
  version: 2,
};

test('a draft is kept for its own batch until it is dropped', () => {
  const storage = storageOf();
  keepDraft('a', DRAFT, storage);
  expect(keptDraft('a', storage)).toEqual(DRAFT);
  expect(keptDraft(null, storage)).toBeNull();
  dropDraft('a', storage);
  expect(keptDraft('a', storage)).toBeNull();
});

test.each(['{', 'null', '3', '{"name":"x"}', '{"name":"x","lines":[1],"version":null}'])(
  'what is no draft, %s, is left alone',
  (text) => {
    expect(keptDraft(null, storageOf({ 'kettle.draft.new': text }))).toBeNull();
  },
);

test('a storage that is full costs nothing but the net', () => {
  const full = {
    ...storageOf(),
    setItem: () => {
      throw new Error('QuotaExceededError');
    },
  };
  expect(() => keepDraft('a', DRAFT, full)).not.toThrow();
});
