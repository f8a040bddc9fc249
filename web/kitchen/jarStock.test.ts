import { DEFAULTS } from '../test/kitchen.ts';
import { moved, withMoved } from './jarStock.ts';

const JAR = { name: 'half-pint', volumeMl: 237, count: 5, lids: 3, inUse: 4 };

test('jars are bought, come back and are chipped; lids are bought', () => {
  expect(moved(JAR, 'bought', 12)).toMatchObject({ count: 17, lids: 3, inUse: 4 });
  expect(moved(JAR, 'lids', 12)).toMatchObject({ count: 5, lids: 15, inUse: 4 });
  expect(moved(JAR, 'back', 3)).toMatchObject({ count: 8, inUse: 1 });
  expect(moved(JAR, 'chipped', 2)).toMatchObject({ count: 3, inUse: 4 });
});

test('no more come back than are out, and nothing falls below none', () => {
  expect(moved(JAR, 'back', 9)).toMatchObject({ count: 9, inUse: 0 });
  expect(moved(JAR, 'chipped', 99)).toMatchObject({ count: 0 });
  expect(moved({ name: 'pint', volumeMl: 473 }, 'lids', 6)).toMatchObject({ lids: 6 });
});

test('what was moved is taken back by as many the other way, and other sizes stay', () => {
  const there = withMoved(DEFAULTS.jars, 'half-pint', 'bought', 7);
  expect(there[0]).toMatchObject({ count: 37 });
  expect(withMoved(there, 'half-pint', 'bought', -7)).toEqual(DEFAULTS.jars);
  expect(withMoved(DEFAULTS.jars, 'pint', 'bought', 7)).toEqual(DEFAULTS.jars);
});
