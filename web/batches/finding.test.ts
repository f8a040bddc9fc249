import type { BatchState, BatchSummary } from '@idle-kettle/contract';
import { byNeed, countsOf, findingIn, found, fruitsOf } from './finding.ts';

const batch = (
  name: string,
  state: BatchState,
  day: number,
  fruit: string | null = null,
): BatchSummary =>
  ({
    id: name,
    name,
    state,
    since: `2026-09-${String(day).padStart(2, '0')}T10:00:00Z`,
    plan: fruit === null ? null : { fruit },
  }) as BatchSummary;

const ALL = [
  batch('Crème de mûre', 'done', 1, 'blackberry'),
  batch('Plum for the fair', 'planned', 9, 'plum'),
  batch('Damson, low hedge', 'on the stove', 12, 'damson'),
  batch('Plum and apple', 'in jars', 3, 'plum'),
  batch('Nothing yet', 'planned', 11),
];
const names = (batches: readonly BatchSummary[]) => batches.map(({ name }) => name);
const looking = (search: string) => names(found(ALL, findingIn(new URLSearchParams(search))));

test('what wants somebody comes first, and of that the last', () => {
  expect(names(byNeed(ALL))).toEqual([
    'Damson, low hedge',
    'Plum and apple',
    'Nothing yet',
    'Plum for the fair',
    'Crème de mûre',
  ]);
});

test('batches are found by words of name or fruit, in any order and without accents', () => {
  expect(looking('find=fair+PLUM')).toEqual(['Plum for the fair']);
  expect(looking('find=creme+mure')).toEqual(['Crème de mûre']);
  expect(looking('find=blackberry')).toEqual(['Crème de mûre']);
  expect(looking('find=zorp')).toEqual([]);
  expect(looking('find=+')).toHaveLength(ALL.length);
});

test('and by state and fruit; a state that there is none of is no question', () => {
  expect(looking('state=planned&fruit=plum')).toEqual(['Plum for the fair']);
  expect(looking('state=in+jars')).toEqual(['Plum and apple']);
  expect(looking('state=eaten')).toHaveLength(ALL.length);
});

test('fruits and states are counted', () => {
  expect(fruitsOf(ALL)).toEqual(['blackberry', 'damson', 'plum']);
  expect(countsOf(ALL)).toEqual({ planned: 2, 'on the stove': 1, 'in jars': 1, done: 1 });
});
