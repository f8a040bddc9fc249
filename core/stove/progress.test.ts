import fc from 'fast-check';
import { simulateCook, type Stage } from '../boil/index.ts';
import type { Contents } from '../formula/index.ts';
import { planned, request } from '../test/planned.ts';
import {
  AS_PLANNED,
  nameOf,
  standing,
  standingEvents,
  type Entry,
  type EntryKind,
} from './entry.ts';
import { progressOf } from './progress.ts';
import { sheetOf, type Sheet } from './sheet.ts';

const MIN = 60_000;

/** A log from short notes: minute, kind, value, text. */
const log = (
  ...notes: readonly (readonly [minute: number, kind: EntryKind, value?: number, text?: string])[]
): Entry[] =>
  notes.map(([minute, kind, value, text], index) => ({
    source: 'cook',
    seq: index + 1,
    at: minute * MIN,
    kind,
    value: value ?? null,
    text: text ?? null,
  }));

const sheetFor = (lines: readonly string[], change: object = {}): Sheet => {
  const sheet = sheetOf(request({ lines, ...change }));
  if (sheet === null) throw new Error('There is no sheet for these lines');
  return sheet;
};

const jam = sheetFor(['2 kg crushed strawberries', '1.4 kg sugar']);
const hard = sheetFor(['2 kg damsons', '1.4 kg sugar']);
const powder = sheetFor(['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin']);
const butter = sheetFor(['3 kg apples', '300 g sugar'], { product: 'butter' });
const curd = sheetFor(['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'], {
  product: 'curd',
});
const ids = ({ acts }: Sheet) => acts.map(({ id }) => id);

describe('the acts of a method come in the order of common practice', () => {
  test('a long boil: fruit first, sugar dissolved over low heat, a hard boil, a drop on a plate', () => {
    expect(ids(jam)).toEqual(['light', 'add', 'dissolve', 'boil-down', 'plate', 'stand', 'fill']);
  });

  test('hard fruit is softened before any sugar', () => {
    expect(ids(hard).slice(0, 4)).toEqual(['light', 'to-boil', 'soften', 'add']);
    // Its minutes count from the boil, and whoever sees only that it is soft says so at once.
    const boils = progressOf(hard, log([0, 'lit'], [9, 'rolling']));
    expect(boils).toMatchObject({ act: { id: 'soften' }, endsAt: (9 + 8) * MIN });
    expect(progressOf(hard, log([0, 'lit'], [17, 'softened'])).act.id).toBe('add');
  });

  test('powdered pectin: full boil, all the sugar at once, full boil again, one minute by the clock', () => {
    expect(ids(powder).slice(0, 5)).toEqual(['light', 'to-rolling', 'add', 'to-rolling', 'clock']);
    expect(powder.acts[2]?.adds?.massG).toBeCloseTo(1400, 6);
    expect(powder.acts[4]?.minutes).toBe(1);
  });

  test('a butter is sauced, puréed, reduced and mounded; a curd is whisked and strained', () => {
    expect(ids(butter)).toEqual([
      'light',
      'to-boil',
      'sauce',
      'puree',
      'add',
      'reduce',
      'mound',
      'fill',
    ]);
    expect(ids(curd)).toEqual(['light', 'whisk', 'strain', 'fill']);
  });

  test('a slow cooker’s butter has its lid on for hours, and may be left', () => {
    const slow = sheetFor(['3 kg apples'], { product: 'butter', heat: 'slow-cooker-low' });
    const act = slow.acts[1];
    expect(act).toMatchObject({ id: 'slow', lid: true, handsOn: false, minutes: 480 });
  });
});

const AFTER_THE_STOP = new Set(['plate', 'mound', 'stand', 'fill']);

test.each([
  [['2 kg crushed strawberries', '1.4 kg sugar'], 'jam'],
  [['2 kg damsons', '1.4 kg sugar'], 'jam'],
  [['1 kg Seville oranges', '2 kg sugar', '2 litres water'], 'marmalade'],
  [['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin'], 'jam'],
  [['3 kg apples', '300 g sugar'], 'butter'],
] as const)('the acts of %j take as long as the plan says', (lines, product) => {
  const { first, setting, acts } = sheetFor(lines, { product });
  const stages: Stage[] = [];
  let add: Contents | undefined;
  for (const { adds, ahead } of acts.slice(
    0,
    acts.findIndex(({ id }) => AFTER_THE_STOP.has(id)),
  )) {
    add ??= adds?.contents;
    ahead.forEach((stage, i) => stages.push(i === 0 && add ? { ...stage, add } : stage));
    if (ahead.length > 0) add = undefined;
  }
  const { stages: taken } = simulateCook(first, { ...setting, stages });
  const { minutes } = planned({ lines, product, draws: 0 });
  expect(taken.at(-1)?.endMin).toBeCloseTo(minutes?.p50 ?? NaN, 0);
});

test('the stove stops where the plan says', () => {
  for (const lines of [
    ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water'],
    ['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin'],
  ]) {
    expect(sheetFor(lines).stopC).toBe(planned({ lines, draws: 0 }).stop.tempC);
  }
});

describe('clocks', () => {
  test('the minute of powdered pectin starts with “rolling boil now”, not with the boil or the sugar', () => {
    const before = log([0, 'lit'], [9, 'rolling'], [10, 'added', 1400, AS_PLANNED]);
    expect(progressOf(powder, before)).toMatchObject({ act: { id: 'to-rolling' }, endsAt: null });
    const after = [...before, { ...log([13.5, 'rolling'])[0], seq: 9 } as Entry];
    expect(progressOf(powder, after)).toMatchObject({
      act: { id: 'clock' },
      endsAt: 14.5 * MIN,
    });
  });

  test('a drop that runs means five minutes more from the test, one that is slow two; one that wrinkles is done', () => {
    const off = log(
      [0, 'lit'],
      [0.5, 'added', 1400, AS_PLANNED],
      [4, 'dissolved'],
      [30, 'off-heat'],
    );
    const test = (text: string): Entry => ({
      ...(log([32, 'plate-test', undefined, text])[0] as Entry),
      seq: 9,
    });
    expect(progressOf(jam, off)).toMatchObject({ act: { id: 'plate' }, onHeat: false });
    expect(progressOf(jam, [...off, test('runs')])).toMatchObject({
      act: { id: 'boil-down' },
      endsAt: 37 * MIN,
      onHeat: true,
    });
    expect(progressOf(jam, [...off, test('slow')]).endsAt).toBe(34 * MIN);
    expect(progressOf(jam, [...off, test('wrinkles')]).act.id).toBe('stand');
  });
});

test('going on without pressing “no grit” is understood; leaving out the flame or the sugar is not', () => {
  const noGrit = log([0, 'lit'], [0.5, 'added', 1400, AS_PLANNED], [30, 'off-heat']);
  expect(progressOf(jam, noGrit).act.id).toBe('plate');
  expect(progressOf(jam, log([3, 'off-heat'])).act.id).toBe('light');
  expect(progressOf(jam, log([0, 'lit'], [30, 'off-heat'])).act.id).toBe('add');
});

test('something added besides the sheet does not count as the sheet’s sugar', () => {
  const lemon = log([0, 'lit'], [1, 'added', 30, 'lemon-juice']);
  expect(progressOf(jam, lemon).act.id).toBe('add');
});

describe('taking back', () => {
  const stirs = log([1, 'stirred'], [2, 'stirred']);
  const undo = (of: Entry, seq: number): Entry => ({
    ...(log([3 + seq, 'undo', undefined, nameOf(of)])[0] as Entry),
    seq,
  });

  test('what is undone does not stand, and an undo can be undone', () => {
    const [first] = stirs as [Entry];
    const taken = undo(first, 10);
    expect(standingEvents([...stirs, taken])).toEqual([stirs[1]]);
    expect(standingEvents([...stirs, taken, undo(taken, 11)])).toEqual(stirs);
  });

  test('a weighing that was a slip is taken back as well', () => {
    const weighed = log([5, 'weight', 9000]);
    expect(standing([...weighed, undo(weighed[0] as Entry, 10)])).toEqual([]);
  });

  test('the order in which entries arrive does not matter', () => {
    const [first] = stirs as [Entry];
    const all = [...stirs, undo(first, 10), undo(undo(first, 10), 11), undo(first, 12)];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        expect(standingEvents(shuffled)).toEqual(standingEvents(all));
      }),
    );
  });
});
