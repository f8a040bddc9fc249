import { textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { simulateCook, type Stage } from '../boil/index.ts';
import type { Contents } from '../formula/index.ts';
import { planned, request } from '../test/planned.ts';
import { EVENT_KINDS } from '../chain/index.ts';
import { asPlanned, nameOf, type Entry, type EntryKind } from './entry.ts';
import { pastStages } from './stages.ts';
import { boilingWaterOf, canBeBoilingWater, entryFault } from './entryRules.ts';
import { momentsOf, progressOf } from './progress.ts';
import { effectiveEvents } from './effectiveEntries.ts';
import { cookPlanOf, type CookPlan } from './cookPlan.ts';
import { MIN, log } from '../test/stoveLog.ts';
import { runs } from '../test/runs.ts';

const AS_PLANNED = asPlanned('sugar');

const cookPlanFor = (lines: readonly string[], change: object = {}): CookPlan => {
  const cookPlan = cookPlanOf(request({ lines, ...change }));
  if (cookPlan === null) throw new Error('There is no plan for these lines');
  return cookPlan;
};

const jam = cookPlanFor(['2 kg crushed strawberries', '1.4 kg sugar']);
const hard = cookPlanFor(['2 kg damsons', '1.4 kg sugar']);
const powder = cookPlanFor(['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin']);
const butter = cookPlanFor(['3 kg apples', '300 g sugar'], { product: 'butter' });
const curd = cookPlanFor(['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'], {
  product: 'curd',
});
const ids = ({ acts }: CookPlan) => acts.map(({ id }) => id);

describe('the acts of a method come in the order of common practice', () => {
  test('a long boil: fruit first, sugar dissolved over low heat, a hard boil, a drop on a plate', () => {
    expect(ids(jam)).toEqual(['light', 'add', 'dissolve', 'boil-down', 'plate', 'stand', 'fill']);
  });

  test('hard fruit is softened before any sugar', () => {
    expect(ids(hard).slice(0, 4)).toEqual(['light', 'to-boil', 'soften', 'add']);
    // Its minutes count from the boil, and whoever sees only that it is soft says so at once.
    const boils = progressOf(hard, log([0, 'lit'], [9, 'rolling']));
    expect(boils).toMatchObject({ act: { id: 'soften' }, endsAtMs: (9 + 8) * MIN });
    expect(progressOf(hard, log([0, 'lit'], [17, 'softened'])).act.id).toBe('add');
  });

  test('powdered pectin: full boil, all the sugar at once, full boil again, one minute by the clock', () => {
    expect(ids(powder).slice(0, 5)).toEqual(['light', 'to-rolling', 'add', 'to-rolling', 'clock']);
    expect(powder.acts[2]?.adds?.massG).toBeCloseTo(1400, 6);
    expect(powder.acts[4]?.takes.minutes).toBe(1);
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
    const slow = cookPlanFor(['3 kg apples'], { product: 'butter', heat: 'slow-cooker-low' });
    const act = slow.acts[1];
    expect(act).toMatchObject({
      id: 'slow',
      lid: true,
      hands: 'none',
      takes: { by: 'clock', minutes: 480 },
    });
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
  const { first, setting, acts } = cookPlanFor(lines, { product });
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
    expect(cookPlanFor(lines).stopC).toBe(planned({ lines, draws: 0 }).stop.tempC);
  }
});

describe('clocks', () => {
  test('the minute of powdered pectin starts with “rolling boil now”, not with the boil or the sugar', () => {
    const before = log([0, 'lit'], [9, 'rolling'], [10, 'added', 1400, AS_PLANNED]);
    expect(progressOf(powder, before)).toMatchObject({ act: { id: 'to-rolling' }, endsAtMs: null });
    const after = [...before, { ...log([13.5, 'rolling'])[0], seq: 9 } as Entry];
    expect(progressOf(powder, after)).toMatchObject({
      act: { id: 'clock' },
      endsAtMs: 14.5 * MIN,
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
      endsAtMs: 37 * MIN,
      onHeat: true,
    });
    expect(progressOf(jam, [...off, test('slow')]).endsAtMs).toBe(34 * MIN);
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

/** The grams of the sheet's sugar that the pot was given. */
const sugarIn = (cookPlan: CookPlan, entries: readonly Entry[]): number =>
  momentsOf(cookPlan, effectiveEvents(entries)).reduce(
    (sum, { adds }) => sum + (adds?.massG ?? 0),
    0,
  );

describe('what could confuse a stove', () => {
  test('an addition that is pressed twice counts once', () => {
    const twice = log(
      [0, 'lit'],
      [0.5, 'added', 1400, AS_PLANNED],
      [0.6, 'added', 1400, AS_PLANNED],
      [4, 'dissolved'],
      [20, 'added', 1400, AS_PLANNED],
    );
    expect(sugarIn(jam, twice)).toBeCloseTo(1400, 6);
    expect(progressOf(jam, twice).act.id).toBe('boil-down');
    const gone = pastStages(momentsOf(jam, effectiveEvents(twice)), 25 * MIN);
    const sugarG = gone.reduce((sum, { add }) => sum + (add?.sucrose ?? 0), 0);
    expect(sugarG).toBeCloseTo(jam.acts.find(({ adds }) => adds)?.adds?.contents.sucrose ?? NaN, 3);
  });

  test('one that is taken back and pressed again counts once as well', () => {
    const [lit, first] = log([0, 'lit'], [0.5, 'added', 1400, AS_PLANNED]) as [Entry, Entry];
    const undo = { ...log([1, 'undo', undefined, nameOf(first)])[0], seq: 8 } as Entry;
    const again = { ...log([2, 'added', 1400, AS_PLANNED])[0], seq: 9 } as Entry;
    expect(sugarIn(jam, [lit, first, undo])).toBe(0);
    expect(sugarIn(jam, [lit, first, undo, again])).toBeCloseTo(1400, 6);
  });

  test('ten times the sugar is a slip of the finger: what was asked for went in', () => {
    const much = log([0, 'lit'], [0.5, 'added', 14_000, AS_PLANNED], [5, 'stirred']);
    const sugarG = pastStages(momentsOf(jam, much), 6 * MIN).reduce(
      (sum, { add }) => sum + (add?.sucrose ?? 0),
      0,
    );
    expect(sugarG).toBeLessThan(1500);
  });

  test.each([
    ['jam', jam, log([0, 'lit'], [0.5, 'added', 1400, AS_PLANNED], [4, 'dissolved'])],
    ['powder', powder, log([0, 'lit'], [9, 'rolling'], [10, 'added', 1400, AS_PLANNED])],
    ['butter', butter, log([0, 'lit'], [9, 'rolling'])],
    ['curd', curd, log([0, 'lit'])],
  ])(
    'a pot of %s that is lifted for a moment keeps its act, and gets its flame back',
    (_, sheet, so) => {
      const on = progressOf(sheet, so);
      const more = (notes: readonly (readonly [number, EntryKind])[]) =>
        log(...notes).map((entry, index) => ({ ...entry, seq: 20 + index }));
      const lifted = progressOf(sheet, [...so, ...more([[15, 'lifted']])]);
      expect(lifted).toMatchObject({
        act: { id: on.act.id },
        onHeat: false,
        endsAtMs: on.endsAtMs,
      });
      const back = progressOf(sheet, [
        ...so,
        ...more([
          [15, 'lifted'],
          [16, 'on-heat'],
        ]),
      ]);
      expect(back).toMatchObject({ act: { id: on.act.id }, onHeat: true, flame: on.flame });
    },
  );

  test('a pot put back after it was stopped for the plate boils down again', () => {
    const stopped = log(
      [0, 'lit'],
      [0.5, 'added', 1400, AS_PLANNED],
      [30, 'off-heat'],
      [33, 'on-heat'],
    );
    expect(progressOf(jam, stopped)).toMatchObject({
      act: { id: 'boil-down' },
      onHeat: true,
      flame: 1,
      endsAtMs: null,
    });
  });

  test.each([
    ['plate-test', 'runs'],
    ['plate-test', 'wrinkles'],
    ['sheet-test', 'merges'],
  ] as const)('a %s that %s before the sugar is a note', (kind, outcome) => {
    expect(progressOf(jam, log([0, 'lit'], [1, kind, undefined, outcome])).act.id).toBe('add');
    const soft = log([0, 'lit'], [9, 'rolling'], [10, kind, undefined, outcome]);
    expect(progressOf(hard, soft).act.id).toBe('soften');
  });

  test('a sheet test counts as the plate does, once the pot is off the heat', () => {
    const off = log([0, 'lit'], [0.5, 'added', 1400, AS_PLANNED], [30, 'off-heat']);
    const test = (text: string) => ({
      ...(log([31, 'sheet-test', undefined, text])[0] as Entry),
      seq: 9,
    });
    expect(progressOf(jam, [...off, test('merges')]).act.id).toBe('stand');
    expect(progressOf(jam, [...off, test('drops')])).toMatchObject({
      act: { id: 'boil-down' },
      endsAtMs: 36 * MIN,
    });
    const boiling = log([0, 'lit'], [0.5, 'added', 1400, AS_PLANNED], [4, 'dissolved']);
    expect(progressOf(jam, [...boiling, test('drops')])).toMatchObject({
      act: { id: 'boil-down' },
      endsAtMs: null,
    });
  });

  test.each<[string, Partial<Entry>]>([
    ['water of −20 °C', { kind: 'water-boils', value: -20 }],
    ['a flame of −5', { kind: 'flame', value: -5 }],
    ['a tonne of sugar', { kind: 'added', value: 1_000_000, text: AS_PLANNED }],
    ['less than no sugar', { kind: 'added', value: -3, text: AS_PLANNED }],
    ['a thermometer in the sun', { kind: 'temperature', value: 5800 }],
    ['a pot without weight', { kind: 'weight', value: 0 }],
    ['a drop that sings', { kind: 'plate-test', value: null, text: 'sings' }],
    ['an undo of nothing', { kind: 'undo', value: null, text: null }],
  ])('%s cannot be, does not stand, and says what could', (_, part) => {
    const entry = { ...(log([1, 'stirred'])[0] as Entry), seq: 7, ...part };
    expect(textOf(entryFault(entry)?.message ?? '')).toMatch(/must/);
    const lit = log([0, 'lit']);
    expect(progressOf(jam, effectiveEvents([...lit, entry]))).toEqual(
      progressOf(jam, effectiveEvents(lit)),
    );
  });

  test('a probe in the kitchen’s air is not boiling water', () => {
    const water = (value: number) => log([0, 'water-boils', value]);
    expect(boilingWaterOf(water(94.2), 95)).toBe(94.2);
    expect(boilingWaterOf(water(75), 95)).toBeNull();
    // A slip after a good reading leaves the good one.
    expect(boilingWaterOf([...water(94.2), ...water(75)], 95)).toBe(94.2);
    expect(canBeBoilingWater(101, 95)).toBe(true);
    expect(canBeBoilingWater(101.1, 95)).toBe(false);
  });

  const anything = fc.record({
    source: fc.constantFrom('cook', 'phone'),
    at: fc.integer({ min: 0, max: 60 * MIN }),
    kind: fc.constantFrom(...EVENT_KINDS),
    value: fc.constantFrom(null, 1400, 0.5, -5, 1e6),
    text: fc.constantFrom(
      null,
      AS_PLANNED,
      'runs',
      'wrinkles',
      'drops',
      'mounds',
      'cook/3',
      'lemon-juice',
    ),
  });
  test('whatever happens in whatever order, the stove is somewhere, and no addition counts twice', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(jam, hard, powder, butter, curd),
        fc.array(anything, { maxLength: 40 }),
        (cookPlan, events) => {
          const entries = events.map((event, index): Entry => ({ ...event, seq: index + 1 }));
          const progress = progressOf(cookPlan, effectiveEvents(entries));
          expect(cookPlan.acts[progress.actIndex]).toBe(progress.act);
          expect(progress.flame).toBeGreaterThanOrEqual(0);
          expect(new Set(progress.added).size).toBe(progress.added.length);
          const asked = cookPlan.acts.reduce((sum, { adds }) => sum + (adds?.massG ?? 0), 0);
          expect(sugarIn(cookPlan, entries)).toBeLessThanOrEqual(asked + 1e-6);
          // The order of delivery changes nothing.
          expect(progressOf(cookPlan, effectiveEvents([...entries].reverse()))).toEqual(progress);
        },
      ),
      { numRuns: runs(2000) },
    );
  });
});
