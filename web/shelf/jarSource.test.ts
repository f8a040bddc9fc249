import { nextName, type SeqStorage } from './jarSource.ts';

const storage = (): SeqStorage & { readonly all: Map<string, string> } => {
  const all = new Map<string, string>();
  return {
    all,
    getItem: (key) => all.get(key) ?? null,
    setItem: (key, value) => void all.set(key, value),
  };
};

test('every event of a browser has a number of its own, across reloads', () => {
  const at = storage();
  const [a, b] = [nextName(at), nextName(at)];
  expect(b.source).toBe(a.source);
  expect(b.seq).toBe(a.seq + 1);
});

test('two browsers are never of one name', () => {
  const first = nextName(storage());
  const other = storage();
  other.setItem('kettle.jarSource', JSON.stringify({ source: 'browser b', seq: 41 }));
  expect(nextName(other)).toEqual({ source: 'browser b', seq: 42 });
  expect(first.source).not.toBe('browser b');
});

test.each(['', '{', 'null', '{"source":1,"seq":2}', '{"source":"x","seq":"2"}'])(
  'what was kept as %s is no name, and counts nothing twice',
  (text) => {
    const at = storage();
    at.setItem('kettle.jarSource', text);
    const [a, b] = [nextName(at), nextName(at)];
    expect(b).toEqual({ source: a.source, seq: a.seq + 1 });
  },
);

test('a full storage counts on this page alone', () => {
  const full: SeqStorage = {
    getItem: () => null,
    setItem: () => {
      throw new Error('full');
    },
  };
  const [a, b] = [nextName(full), nextName(full)];
  expect(b).toEqual({ source: a.source, seq: a.seq + 1 });
});
