import { memoryStorage } from '../test/fakeBatches.ts';
import { forgetPendingId, pendingId } from './pendingId.ts';

test('an id is the same until it is answered for, each thing its own', () => {
  const storage = memoryStorage();
  const first = pendingId('cook of a', storage);
  expect(pendingId('cook of a', storage)).toBe(first);
  expect(pendingId('cook of b', storage)).not.toBe(first);
  forgetPendingId('cook of a', storage);
  expect(pendingId('cook of a', storage)).not.toBe(first);
});

test('a storage that is full costs no more than that', () => {
  const full = {
    ...memoryStorage(),
    setItem: () => {
      throw new Error('full');
    },
  };
  expect(pendingId('x', full)).toMatch(/^[0-9a-f-]{36}$/);
});
