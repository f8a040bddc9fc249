import { born, screenOf } from './newBatch.ts';

test('a new batch keeps its screen when it is saved, and the next one gets another', () => {
  const screen = screenOf(null, '');
  born('a');
  expect(screenOf('a', '')).toBe(screen);
  expect(screenOf(null, '')).not.toBe(screen);
  expect(screenOf('b', '')).toBe('b');
});
