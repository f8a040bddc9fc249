import React from 'react';

/** What a screen asks of a browser before it is drawn; imported before the screen is. A test has no other. */
const kept = new Map<string, string>();
const storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = {
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, value) => void kept.set(key, value),
  removeItem: (key) => void kept.delete(key),
};

Object.assign(globalThis, {
  window: globalThis,
  navigator: { language: 'en-US' },
  location: new URL('http://127.0.0.1:4780/'),
  localStorage: storage,
});

// At a first drawing a store is read, and not followed.
Object.assign(React, { useSyncExternalStore: (_: unknown, snapshot: () => unknown) => snapshot() });
