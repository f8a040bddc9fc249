import { HEAT_SOURCES } from '../boil/index.ts';
import { BARE_KITCHEN, type PlanningKitchen } from '../kitchen/index.ts';
import type { Entry } from '../stove/index.ts';
import { ALL_MEASURED, keptCook } from '../test/keptCooks.ts';
import { bookedCook, type KeptCook } from './index.ts';

const KITCHEN: PlanningKitchen = {
  ...BARE_KITCHEN,
  altitudeM: 0,
  burners: [
    { id: 'front', name: 'Front', heat: 'medium-burner', netPowerKw: 9 },
    { id: 'back', name: 'Back', heat: 'small-burner' },
  ],
};
const START = Date.UTC(2026, 8, 5, 9);
const { request, log, outcome } = keptCook(
  { powerW: HEAT_SOURCES['medium-burner'].powerW, offsetK: 0, loss: 0.03 },
  4,
  { ...ALL_MEASURED, saysWhat: true },
);
const entries = log.map((entry, index): Entry => ({
  ...entry,
  source: 'kept',
  seq: index + 1,
  at: START + Math.round(entry.at),
}));
const cook: KeptCook = {
  formula: { lines: request.lines.map(String), settings: {} },
  kitchen: KITCHEN,
  entries,
  outcome,
};
const entry = (of: Partial<Entry>, seq: number): Entry => ({
  source: 'hand',
  seq,
  at: START,
  kind: 'stirred',
  value: null,
  text: null,
  ...of,
});

describe('what the Book tells of a cook', () => {
  const { summary, evidence, burner, powerW } = bookedCook(cook);

  test('is what was planned and what came of it', () => {
    const took = (log.find(({ kind }) => kind === 'off-heat')?.at ?? NaN) / 60_000;
    expect(summary?.product).toBe('jam');
    expect(summary?.happened.minutes).toBeCloseTo(took, 0);
    expect(summary?.happened.volumeMl).toBe(outcome.volumeMl);
    expect(summary?.happened.stopC).toBeGreaterThan(103);
    expect(summary?.planned.stopC).toBeGreaterThan(103);
    expect(summary?.happened.jars).toBeNull();
    expect(summary?.planned.fullJars?.p50).toBeGreaterThan(4);
  });

  test('has a curve that ends where the cook did, with no more points than are drawn', () => {
    const curve = summary?.curve ?? [];
    expect(curve.length).toBeGreaterThan(20);
    expect(curve.length).toBeLessThanOrEqual(152);
    expect(curve.at(-1)?.minute).toBeLessThanOrEqual((summary?.happened.minutes ?? 0) + 0.01);
  });

  test('tells the burner against what is usual of such a one, whatever somebody said of it', () => {
    expect([burner, powerW]).toEqual(['front', HEAT_SOURCES['medium-burner'].powerW]);
    expect(Math.abs(evidence.flame?.mean ?? NaN)).toBeLessThan(0.15);
  });

  test('is the same whatever order the log came in, and is worked out from nothing else', () => {
    expect(bookedCook({ ...cook, entries: entries.toReversed() })).toEqual(bookedCook(cook));
  });

  test('goes without what was taken back, and without what comes after it at the jars', () => {
    const off = entries.find(({ kind }) => kind === 'off-heat');
    const late = [
      entry({ kind: 'ready', at: (off?.at ?? 0) + 60_000 }, 1),
      entry({ kind: 'filled', text: '1.1-7', at: (off?.at ?? 0) + 120_000 }, 2),
      entry({ kind: 'put-away', at: START + 80_000_000 }, 3),
    ];
    const { summary: after } = bookedCook({ ...cook, entries: [...entries, ...late] });
    expect(after?.happened.minutes).toBe(summary?.happened.minutes);
    expect(after?.happened.jars).toBe(7);
    const undone = entry({ kind: 'undo', text: `kept ${off?.seq}`, at: START + 9_000_000 }, 4);
    expect(
      bookedCook({ ...cook, entries: [...entries, undone] }).summary?.happened.minutes,
    ).not.toBeNull();
  });

  test('says what it does not know: a log without readings, without an end, without anything', () => {
    const byClock = entries.filter(({ kind }) => kind !== 'temperature');
    expect(bookedCook({ ...cook, entries: byClock }).summary).toMatchObject({
      curve: [],
      happened: { stopC: null },
    });
    const nothing = bookedCook({
      ...cook,
      entries: [],
      outcome: { volumeMl: null, finalMassG: null, set: null },
    });
    expect(nothing.summary?.happened).toEqual({
      minutes: null,
      stopC: null,
      jars: null,
      sealed: null,
      unsealed: null,
      volumeMl: null,
      finalMassG: null,
    });
    expect(nothing.evidence.flame).toBeNull();
  });

  test('of what cannot be planned is nothing, and tells nothing', () => {
    const { summary: none, fruitOf } = bookedCook({
      ...cook,
      formula: { lines: ['0 kg sugar'], settings: {} },
    });
    expect(none).toBeNull();
    expect(fruitOf).toBeNull();
  });
});
