import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { batchLanes, beadsOf, handsOf, nextFor, spanOf, stretchesHeld } from './laneModel.ts';

const MIN = 60_000;
const act = (of: number, name: string, from: number, to: number, change: object = {}) => ({
  of,
  batch: `Batch ${of}`,
  act: name,
  startMs: from * MIN,
  endMs: to * MIN,
  hands: true,
  holds: [] as string[],
  person: 0,
  pot: null,
  load: null,
  ...change,
});
const answer = {
  day: {
    done: [{ of: 0, act: 'prepare', load: null, startMs: 0, endMs: 10 * MIN }],
    acts: [
      act(0, 'to-boil', 10, 20, { hands: false, person: null, holds: ['burner 1'] }),
      act(0, 'soften', 20, 40, { hands: false, person: null, holds: ['burner 1'] }),
      act(0, 'add', 40, 42, { holds: ['burner 1'] }),
      act(1, 'prepare', 12, 30, { person: 1 }),
      act(0, 'cool', 42, 762, { hands: false, person: null }),
    ],
  },
} as unknown as DayAnswer;
const beads = beadsOf(answer);

test('what cools by itself beyond the day is no bead, and what is done is one', () => {
  expect(beads.map(({ act: name }) => name)).not.toContain('cool');
  expect(beads.filter(({ isDone }) => isDone).map(({ act: name }) => name)).toEqual(['prepare']);
  expect(beadsOf({ day: null })).toEqual([]);
});

test('what needs nobody and follows at once is one bead, by the longest of it', () => {
  const [first] = batchLanes(beads, 2);
  expect(first?.beads.map(({ act: name, isDone }) => [name, isDone])).toEqual([
    ['prepare', true],
    ['soften', false],
    ['add', false],
  ]);
  expect(first?.endMs).toBe(42 * MIN);
  expect(stretchesHeld(first?.held ?? [], 'burner')).toEqual([
    { from: 10 * MIN, to: 42 * MIN, thing: 'burner 1', pot: null },
  ]);
});

test('everybody has their own, without what is done', () => {
  expect(handsOf(beads, 0).map(({ act: name }) => name)).toEqual(['add']);
  expect(handsOf(beads, 1).map(({ act: name }) => name)).toEqual(['prepare']);
});

test('the sheet reaches from the beginning, or from now, to the last of it', () => {
  expect(spanOf(beads, 5 * MIN, -HOUR)).toEqual({ from: 0, to: 65 * MIN });
  expect(spanOf([], 0, 0)).toEqual({ from: 0, to: HOUR });
});
const HOUR = 60 * MIN;

test('one person is told what is now, and what comes next', () => {
  const acts = answer.day?.acts ?? [];
  expect(nextFor(acts, 1, 13 * MIN)).toMatchObject({ now: { act: 'prepare' }, next: [] });
  expect(nextFor(acts, 0, 13 * MIN)).toMatchObject({ now: null, next: [{ act: 'add' }] });
  expect(nextFor(acts, 0, 60 * MIN)).toEqual({ now: null, next: [] });
});
