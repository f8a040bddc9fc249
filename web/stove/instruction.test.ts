import type { PotSight } from '@idle-kettle/contract';
import {
  asPlanned,
  progressOf,
  cookPlanOf,
  USUAL_REQUEST,
  type Entry,
  type EntryKind,
  type Estimate,
  type CookPlan,
} from '@idle-kettle/core';
import { instructionFor } from './instruction.ts';

const MIN = 60_000;
const cookPlan = cookPlanOf({
  ...USUAL_REQUEST,
  lines: ['2 kg damsons', '1.4 kg sugar'],
  altitudeM: 0,
  draws: 0,
}) as CookPlan;

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
  [9, 'added', asPlanned('sugar')],
  [13, 'dissolved'],
);
const known = (change: Partial<Estimate>) =>
  ({ atMs: 0, unobserved: null, toGoK: 2, shownC: null, minutesLeft: null, ...change }) as Estimate;
const call = (
  events: readonly Entry[],
  minute: number,
  of: Estimate | null = null,
  sight: PotSight | null = null,
) =>
  instructionFor(cookPlan, progressOf(cookPlan, events), of, sight, minute * MIN, {
    scale: 'F',
    practice: sight !== null,
  });

test('the first thing is the flame, and it is always time for it', () => {
  expect(call([], 0)).toMatchObject({ text: 'Light the burner', due: true, rings: false });
});

test('softening counts down, and rings when it is over', () => {
  const boils = log([0, 'lit'], [6, 'rolling']);
  expect(call(boils, 9)).toMatchObject({ due: false, dueAtMs: 14 * MIN });
  expect(call(boils, 14)).toMatchObject({ due: true, rings: true });
});

test('what is softened is brought to the boil first: a cook sees that, and a practice pot shows it', () => {
  const lit = log([0, 'lit']);
  expect(call(lit, 3)).toMatchObject({ press: 'It’s boiling', due: true });
  const sight = (surface: PotSight['surface']) => ({ surface, grit: false }) as PotSight;
  expect(call(lit, 3, null, sight('steaming')).due).toBe(false);
  expect(call(lit, 6, null, sight('bubbling')).due).toBe(true);
});

test('the stop is called by the thermometer, or by the reckoning, whichever is there first', () => {
  const ahead = known({
    atMs: 20 * MIN,
    minutesLeft: { p10: 9, p50: 10, p90: 11 },
  });
  expect(call(BOILING, 25, ahead)).toMatchObject({ due: false, dueAtMs: 30 * MIN });
  expect(call(BOILING, 30, ahead)).toMatchObject({ text: 'Take it off the heat', rings: true });
  const there = { ...ahead, toGoK: 0 };
  expect(call(BOILING, 25, there)).toMatchObject({ due: true, dueAtMs: null });
  expect(call(BOILING, 25, { ...there, unobserved: 'settling' })).toMatchObject({ due: false });
});

test('after a drop that ran, the five minutes are counted, whatever the thermometer shows', () => {
  const ran = [...BOILING, ...log([30, 'off-heat'], [31, 'plate-test', 'runs'])].map(
    (entry, index) => ({ ...entry, seq: index + 1 }),
  );
  const there = known({ toGoK: -1 });
  expect(call(ran, 33, there)).toMatchObject({ text: '5 more minutes', due: false });
  expect(call(ran, 36, there)).toMatchObject({ text: 'Take it off the heat', due: true });
});

test('a practice pot is looked into: grit is waited for', () => {
  const gritty = { grit: true } as PotSight;
  const events = BOILING.slice(0, 4);
  expect(call(events, 10, null, gritty).due).toBe(false);
  expect(call(events, 10, null, { ...gritty, grit: false }).due).toBe(true);
  expect(call(events, 10).due).toBe(true);
});

describe('“it boils” at a real pot', () => {
  const lit = log([0, 'lit']);
  test('is held back while a probe is far from it, and asked about', () => {
    const cold = call(lit, 3, known({ shownC: 61 }));
    expect(cold.due).toBe(false);
    expect(cold.heldBack).toMatch(/shows 141\.8 °F, but water boils here at 212\.0 °F/);
    expect(call(lit, 6, known({ shownC: 99 }))).toMatchObject({ due: true, heldBack: null });
  });

  test('is not where there is no probe, nor where the probe is told to be off', () => {
    expect(call(lit, 3, known({ shownC: null })).heldBack).toBeNull();
    const off = { thermometerIsOff: true, offsetK: { p10: -9, p50: -8, p90: -7 } };
    expect(call(lit, 6, known({ shownC: 91, ...off })).heldBack).toBeNull();
  });

  test('a practice pot is looked into instead', () => {
    const sight = { surface: 'bubbling', grit: false } as PotSight;
    expect(call(lit, 3, known({ shownC: 61 }), sight)).toMatchObject({ due: true, heldBack: null });
  });
});

test('a sheet test that merges over the boiling pot calls it off the heat', () => {
  const merged = [...BOILING, ...log([25, 'sheet-test', 'merges'])].map((entry, index) => ({
    ...entry,
    seq: index + 1,
  }));
  expect(call(merged, 25.1)).toMatchObject({ text: 'Take it off the heat', rings: true });
  const off = [...merged, { ...(log([26, 'off-heat'])[0] as Entry), seq: 20 }];
  expect(call(off, 26.1).text).toBe('Skim, and let it stand');
});

test('a pot that is lifted is asked back, or said to be done', () => {
  const lifted = [...BOILING, ...log([20, 'lifted'])].map((entry, index) => ({
    ...entry,
    seq: index + 1,
  }));
  expect(call(lifted, 21)).toMatchObject({
    text: 'Back on the heat',
    says: 'on-heat',
    instead: { says: 'off-heat' },
  });
  const soft = log([0, 'lit'], [4, 'rolling'], [5, 'lifted']);
  expect(call(soft, 6)).toMatchObject({ says: 'on-heat', instead: null });
});
