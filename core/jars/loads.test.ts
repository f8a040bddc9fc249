import { loadsOf } from './loads.ts';

const HALF_PINT = 237;
const PINT = 473;

test.each([
  [[], 7, 0],
  [[{ volumeMl: HALF_PINT, count: 7 }], 7, 1],
  [[{ volumeMl: HALF_PINT, count: 12 }], 7, 2],
  [[{ volumeMl: HALF_PINT, count: 15 }], null, 3],
])('%j in a canner for %s is %i loads', (jars, holds, loads) => {
  expect(loadsOf(jars, holds)).toBe(loads);
});

test('larger jars never take fewer loads, and no canner is so small that jars cannot be processed', () => {
  const loads = (volumeMl: number) => loadsOf([{ volumeMl, count: 9 }], 7);
  expect(loads(PINT)).toBeGreaterThanOrEqual(loads(HALF_PINT));
  expect(loadsOf([{ volumeMl: 946, count: 2 }], 1)).toBe(2);
});
