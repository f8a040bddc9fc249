import type { ShelfGroup } from '@idle-kettle/contract/season';
import { found } from './finding.ts';

const group = (change: Partial<ShelfGroup>): ShelfGroup => ({
  cook: 'c',
  cookNumber: 14,
  name: 'From the lane',
  fruit: 'damson',
  colour: null,
  size: 'half-pint',
  holdsMl: 237,
  place: 'pantry',
  life: 'in',
  madeAt: '2026-09-01T10:00:00.000Z',
  eatBy: null,
  codes: ['14-1', '14-2'],
  ...change,
});
const ALL = [
  group({}),
  group({
    cookNumber: 9,
    name: 'Quince, long boil',
    fruit: 'quince',
    size: 'pint',
    codes: ['9-1'],
  }),
];

test.each([
  ['', 2],
  ['  ', 2],
  ['DAMSON', 1],
  ['lane', 1],
  ['pint', 2],
  ['quince pint', 1],
  ['damson quince', 0],
  ['14-2', 1],
  ['9', 1],
])('“%s” finds %i', (words, count) => expect(found(ALL, words)).toHaveLength(count));
