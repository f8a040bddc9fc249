import { oncePressed } from './oncePressed.ts';

/**
 * How a browser counts clicks: 1, 2, 3 … in one place and soon after one another, 0 by the
 * keyboard.
 */
test.each([
  [[1, 2, 3], 1],
  [[1, 1], 2],
  [[0, 0], 2],
])('clicks counted %j are %i presses', (clicks, presses) => {
  let pressed = 0;
  const press = oncePressed(() => (pressed += 1));
  for (const detail of clicks) press({ detail });
  expect(pressed).toBe(presses);
});
