import React from 'react';
import { fakeStorage } from './fakeStorage.ts';

// What a screen asks of a browser before it is drawn; imported before the screen is. A test has no
// other.
Object.assign(globalThis, {
  window: globalThis,
  navigator: { language: 'en-US' },
  location: new URL('http://127.0.0.1:4780/'),
  localStorage: fakeStorage(),
});

// At a first drawing a store is read, and not followed.
Object.assign(React, { useSyncExternalStore: (_: unknown, snapshot: () => unknown) => snapshot() });
