import type { PotSight } from '@idle-kettle/contract';
import {
  AS_PLANNED,
  progressOf,
  sheetOf,
  USUAL_REQUEST,
  type Entry,
  type EntryKind,
  type Estimate,
  type Sheet,
} from '@idle-kettle/core';
import { callFor } from './due.ts';

const MIN = 60_000;
const sheet = sheetOf({
  ...USUAL_REQUEST,
  lines: ['2 kg damsons', '1.4 kg sugar'],
  altitudeM: 0,
  draws: 0,
}) as Sheet;

const log = (...notes: readonly (readonly [minute: number, kind: EntryKind, text?: string])[]) =>
  notes.map(([minute, kind, text], index): Entry => ({
    source: 'cook',
    seq: index + 1,
    at: minute * MIN,
    kind,
    value: kind === 'added' ? 1400 : null,
    text: text ?? null,
  }));
const BOILING = log(
  [0, 'lit'],
  [4, 'rolling'],
  [8, 'softened'],
  [9, 'added', AS_PLANNED],
  [13, 'dissolved'],
);
const known = (change: Partial<Estimate>) =>
  ({ at: 0, doubt: null, toGoC: 2, minutesLeft: null, ...change }) as Estimate;
const call = (
  events: readonly Entry[],
  minute: number,
  of: Estimate | null = null,
  sight: PotSight | null = null,
) => callFor(sheet, progressOf(sheet, events), of, sight, minute * MIN);

test('the first thing is the flame, and it is always time for it', () => {
  expect(call([], 0)).toMatchObject({ text: 'Light the burner', due: true, rings: false });
});

test('softening counts down, and rings when it is over', () => {
  const boils = log([0, 'lit'], [6, 'rolling']);
  expect(call(boils, 9)).toMatchObject({ due: false, dueAt: 14 * MIN });
  expect(call(boils, 14)).toMatchObject({ due: true, rings: true });
});

test('what is softened is brought to the boil first: a cook sees that, and a practice pot shows it', () => {
  const lit = log([0, 'lit']);
  expect(call(lit, 3)).toMatchObject({ press: 'It boils', due: true });
  const sight = (surface: PotSight['surface']) => ({ surface, grit: false }) as PotSight;
  expect(call(lit, 3, null, sight('steaming')).due).toBe(false);
  expect(call(lit, 6, null, sight('bubbling')).due).toBe(true);
});

test('the stop is called by the thermometer, or by the reckoning, whichever is there first', () => {
  const ahead = known({
    at: 20 * MIN,
    minutesLeft: { p10: 9, p50: 10, p90: 11 },
  });
  expect(call(BOILING, 25, ahead)).toMatchObject({ due: false, dueAt: 30 * MIN });
  expect(call(BOILING, 30, ahead)).toMatchObject({ text: 'Take it off the heat', rings: true });
  const there = { ...ahead, toGoC: 0 };
  expect(call(BOILING, 25, there)).toMatchObject({ due: true, dueAt: null });
  expect(call(BOILING, 25, { ...there, doubt: 'settling' })).toMatchObject({ due: false });
});

test('after a drop that ran, the five minutes are counted, whatever the thermometer shows', () => {
  const ran = [...BOILING, ...log([30, 'off-heat'], [31, 'plate-test', 'runs'])].map(
    (entry, index) => ({ ...entry, seq: index + 1 }),
  );
  const there = known({ toGoC: -1 });
  expect(call(ran, 33, there)).toMatchObject({ text: '5 minutes more', due: false });
  expect(call(ran, 36, there)).toMatchObject({ text: 'Take it off the heat', due: true });
});

test('a practice pot is looked into: grit is waited for', () => {
  const gritty = { grit: true } as PotSight;
  const events = BOILING.slice(0, 4);
  expect(call(events, 10, null, gritty).due).toBe(false);
  expect(call(events, 10, null, { ...gritty, grit: false }).due).toBe(true);
  expect(call(events, 10).due).toBe(true);
});
