import type { Entry } from '@idle-kettle/core';
import { basisOf, wantsEstimate } from './estimateRhythm.ts';

const S = 1000;
const entry = (kind: Entry['kind'], seq: number, source = 'browser a'): Entry => ({
  source,
  seq,
  at: seq * S,
  kind,
  value: kind === 'temperature' ? 90 : null,
  text: null,
});

const LIT = [entry('lit', 1)];
const wants = (
  [before, beforeS]: readonly [readonly Entry[], number],
  [after, afterS]: readonly [readonly Entry[], number],
  water: number | null = null,
) => wantsEstimate(basisOf(before, null, beforeS * S), basisOf(after, water, afterS * S));

test('what was done is estimated at once, and so is what was read by hand or in boiling water', () => {
  expect(wantsEstimate(null, basisOf([], null, 0))).toBe(true);
  expect(wants([LIT, 10], [[...LIT, entry('stirred', 2)], 10])).toBe(true);
  expect(wants([LIT, 10], [[...LIT, entry('temperature', 2)], 10])).toBe(true);
  expect(wants([LIT, 10], [LIT, 10], 99)).toBe(true);
  // Taken back and put in its place, as many are something else.
  expect(wants([[...LIT, entry('stirred', 2)], 10], [[...LIT, entry('skimmed', 3)], 10])).toBe(
    true,
  );
});

test('a probe is followed every few seconds, a pot on the heat without one less often', () => {
  const read = [...LIT, entry('temperature', 2, 'probe')];
  expect(wants([LIT, 10], [read, 14])).toBe(false);
  expect(wants([LIT, 10], [read, 15])).toBe(true);
  expect(wants([LIT, 10], [LIT, 19])).toBe(false);
  expect(wants([LIT, 10], [LIT, 20])).toBe(true);
});

test('a pot that is not lit hardly changes; a clock that goes back begins anew', () => {
  expect(wants([[], 10], [[], 60])).toBe(false);
  expect(wants([[], 10], [[], 70])).toBe(true);
  expect(wants([LIT, 10], [LIT, 5])).toBe(true);
});
