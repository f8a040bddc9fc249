import type { JarPlan } from './jarPlan.ts';
import type { Jar, Load } from './jarState.ts';
import { loadsInAll, loadsOf } from './loads.ts';

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

describe('the loads of a batch in all', () => {
  const sizes = [{ name: 'half-pint', volumeMl: HALF_PINT, count: null }];
  const process = { method: 'boiling-water' } as JarPlan['process'];
  const jar = (state: Jar['state']) =>
    ({ state, part: false, holdsMl: HALF_PINT }) as unknown as Jar;
  const rest = (count: number) => ({
    rest: { jars: count === 0 ? [] : [{ name: 'half-pint', count }], partMl: 0 },
  });
  const load = { number: 1 } as Load;

  test.each([
    ['nothing filled yet', [], [], 12, 2],
    ['some filled', Array<Jar>(5).fill(jar('filled')), [], 7, 2],
    ['a first load in', Array<Jar>(5).fill(jar('closed')), [load], 3, 2],
    ['all in', Array<Jar>(7).fill(jar('in the canner')), [load], 0, 1],
  ] as const)('%s', (_, jars, loads, left, expected) => {
    expect(loadsInAll({ sizes, process }, { jars, loads }, rest(left), 7)).toBe(expected);
  });

  test('is none for what is not processed', () => {
    const none = { sizes, process: { method: 'none' } as JarPlan['process'] };
    expect(loadsInAll(none, { jars: [], loads: [] }, rest(12), 7)).toBe(0);
  });
});
