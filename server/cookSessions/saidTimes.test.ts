import type { Entry } from '@idle-kettle/core';
import { putRight, type Measured } from './saidTimes.ts';

const MIN = 60_000;
const DAY = 24 * 60 * MIN;
const START = Date.UTC(2026, 8, 1, 9);
const NOW = START + 90 * MIN;

const entry = (at: number, source = 'probe'): Entry => ({
  source,
  seq: Math.abs(Math.round(at / 1000)) % 100_000,
  at,
  kind: 'stirred',
  value: null,
  text: null,
});

const right = (given: readonly Entry[], change: Partial<Measured> = {}) =>
  putRight(given, {
    startMs: START,
    nowMs: NOW,
    sentMs: null,
    agreeMs: 2000,
    offMs: new Map(),
    ...change,
  });
const times = (...of: Parameters<typeof right>) =>
  right(...of).entries.map(({ at }) => (at - START) / MIN);

test('a clock that tells what it shows is measured, and its times are put right', () => {
  for (const off of [3 * DAY, -3 * DAY, 5 * 60 * MIN, -40 * MIN]) {
    const given = [entry(NOW - 20 * MIN + off), entry(NOW - 5 * MIN + off)];
    expect(times(given, { sentMs: NOW + off })).toEqual([70, 85]);
    expect(right(given, { sentMs: NOW + off }).entries.map(({ saidAt }) => saidAt)).toEqual(
      given.map(({ at }) => at),
    );
  }
  // Within what clocks that agree differ by, nothing is moved.
  const [same] = right([entry(NOW - MIN)], { sentMs: NOW + 1500 }).entries;
  expect(same).toMatchObject({ at: NOW - MIN, saidAt: null });
});

test('one that does not tell is measured by its last entry where that cannot be', () => {
  const off = 3 * DAY;
  expect(times([entry(NOW - 30 * MIN + off), entry(NOW + off)])).toEqual([60, 90]);
  expect(times([entry(NOW - 30 * MIN - off), entry(NOW - off)])).toEqual([60, 90]);
  // What can be of this cook stands, and so do other sources.
  expect(times([entry(NOW - 10 * MIN, 'phone'), entry(NOW + off)])).toEqual([80, 90]);
});

test('what a source was off by counts on, as long as it can be', () => {
  const off = 3 * DAY;
  const known = new Map([['probe', -off]]);
  // Delivered late: it happened when its clock says, not when it came.
  expect(times([entry(NOW - 25 * MIN + off)], { offMs: known })).toEqual([65]);
  // Its clock was set again meanwhile.
  expect(times([entry(NOW + 9 * DAY)], { offMs: known })).toEqual([90]);
});

test('what is dated ahead within a day stands, and what is years off is refused with its field', () => {
  expect(times([entry(NOW + 60 * MIN)])).toEqual([150]);
  const { faults } = right([entry(NOW), entry(Date.UTC(2000, 1)), entry(Date.UTC(2099, 1))]);
  expect(faults.map(({ field }) => field)).toEqual(['entries[1].at', 'entries[2].at']);
});
