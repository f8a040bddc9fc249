/** A browser’s storage for tests. */
export function fakeStorage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    key: (index) => [...kept.keys()][index] ?? null,
    clear: () => kept.clear(),
    get length() {
      return kept.size;
    },
  };
}
