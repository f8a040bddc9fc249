import type { ShelfGroup } from '@idle-kettle/contract/season';
import { beginTake, countOf, readTake, resultOf, scanned, seen } from './stockTake.ts';

const group = (place: string, ...codes: string[]): ShelfGroup => ({
  cook: 'c',
  cookNumber: 1,
  name: 'Plum',
  fruit: 'plum',
  colour: null,
  size: 'half-pint',
  holdsMl: 237,
  place,
  life: 'in',
  madeAt: '2026-09-01T10:00:00.000Z',
  eatBy: null,
  codes,
});
const PANTRY = ['1-1', '1-2', '1-3', '1-4'];
const GROUPS = [group('pantry', ...PANTRY), group('pantry', '2-1'), group('cellar', '3-1')];

test('nothing is missing before anybody looked, and the shelf is not counted', () => {
  expect(resultOf(beginTake('pantry'), GROUPS)).toEqual({ missing: [], found: [], unseen: 2 });
  expect(countOf(beginTake('pantry'), PANTRY)).toBeNull();
});

test('those that were not scanned are missing, as many as are not there', () => {
  let take = scanned(beginTake('pantry'), '1-4');
  take = seen(take, PANTRY, 2);
  take = seen(take, ['2-1'], 1);
  expect(resultOf(take, GROUPS)).toEqual({ missing: ['1-2', '1-3'], found: [], unseen: 0 });
});

test('one that stands here and is told of elsewhere is found; scanned twice, it is found once', () => {
  let take = scanned(scanned(beginTake('pantry'), '3-1'), '3-1');
  take = seen(seen(take, PANTRY, 4), ['2-1'], 0);
  expect(resultOf(take, GROUPS)).toEqual({ missing: ['2-1'], found: ['3-1'], unseen: 0 });
});

test('a count is never below what was scanned, nor above what should be there', () => {
  const take = scanned(scanned(beginTake('pantry'), '1-1'), '1-2');
  expect(countOf(seen(take, PANTRY, 0), PANTRY)).toBe(2);
  expect(countOf(seen(take, PANTRY, 9), PANTRY)).toBe(4);
});

test('a count survives a reload; what is none is begun anew', () => {
  const take = seen(scanned(beginTake('pantry'), '1-1'), PANTRY, 3);
  expect(readTake(JSON.stringify(take))).toEqual(take);
  for (const text of [null, '', '{', '[]', '{"place":1}']) expect(readTake(text)).toBeNull();
});
