import { HEAT_SOURCES } from '../boil/index.ts';
import { ALL_MEASURED, keptCook, otherKeptCook, type TrueKitchen } from '../test/keptCooks.ts';
import { request } from '../test/planned.ts';
import { planBatch } from '../plan/index.ts';
import { learn, type CookRecord, type LearnedOfCooks } from './index.ts';

const TOLD_W = HEAT_SOURCES['medium-burner'].powerW;
const FRONT = [{ id: 'front', powerW: TOLD_W }];
/** A pot that loses 1.4 times what is usual, and a thermometer that shows 2 °F too little. */
const KITCHEN: TrueKitchen = { powerW: 1.4 * TOLD_W, offsetK: -2 / 1.8, loss: 0.04 };

const cooks = (count: number, measured = ALL_MEASURED, first = 1, kitchen = KITCHEN) =>
  Array.from({ length: count }, (_, index) => keptCook(kitchen, first + index, measured));
const powerOf = ({ burners }: LearnedOfCooks) =>
  burners[0]?.netPowerW ?? { p10: NaN, p50: NaN, p90: NaN };
const off = (of: number, truth: number) => Math.abs(of / truth - 1);

const four = cooks(4);
const known = learn(FRONT, four);

describe('four cooks in a kitchen that no plan knows', () => {
  test('tell its burner to a tenth, its thermometer to a third of a kelvin, and its losses', () => {
    expect(off(powerOf(known).p50, KITCHEN.powerW)).toBeLessThan(0.1);
    expect(powerOf(known).p10).toBeLessThan(KITCHEN.powerW);
    expect(powerOf(known).p90).toBeGreaterThan(KITCHEN.powerW);
    expect(Math.abs(known.thermometerOffsetC.p50 - KITCHEN.offsetK)).toBeLessThan(0.33);
    expect(known.lossShare.p10).toBeLessThan(KITCHEN.loss);
    expect(known.lossShare.p90).toBeGreaterThan(KITCHEN.loss);
    expect(known.setAside).toEqual([]);
    expect(known.burners[0]?.batches).toBe(4);
  });

  /**
   * Of the minutes a twentieth is left that no power explains: hands, and a pot that inverts more
   * quickly than the plan takes it to.
   */
  test('halve what the next cook’s jars are missed by, and nearly so the minutes', () => {
    // Who knows the thermometer stops where the plan means to.
    const knowing: TrueKitchen = { ...KITCHEN, offsetK: 0 };
    const missed = (kitchen: TrueKitchen, kw: number | null, bias: number) =>
      cooks(4, ALL_MEASURED, 21, kitchen).map(({ request: of, log, outcome }) => {
        const planned = planBatch({ ...of, netPowerKw: kw });
        if (!planned.ok) throw new RangeError('It was cooked');
        const { minutes, yield: jars } = planned.plan;
        const took = (log.find(({ kind }) => kind === 'off-heat')?.at ?? NaN) / 60_000;
        return {
          minutes: off(minutes?.p50 ?? NaN, took),
          jars: off(bias * (jars?.volumeMl.p50 ?? NaN), outcome.volumeMl ?? NaN),
        };
      });
    const before = missed(KITCHEN, null, 1);
    const after = missed(knowing, powerOf(known).p50 / 1000, known.yieldBias.p50);
    for (const [what, most] of [
      ['jars', 0.5],
      ['minutes', 0.6],
    ] as const) {
      const sum = (all: typeof before) => all.reduce((total, one) => total + one[what], 0);
      expect(sum(after)).toBeLessThan(most * sum(before));
    }
  });

  test.each([
    ['without the weight at the stop', { weighsEnd: false }],
    ['weighed only', { probe: false, scale: true, weighsEnd: false }],
    ['by the clock and the weight at the stop', { probe: false }],
    ['by the clock and the jars alone', { probe: false, weighsEnd: false }],
    ['with neither flame nor end marked', { marksLit: false, marksEnd: false }],
    ['with nothing marked at all', { marksLit: false, marksEnd: false, marksAdded: false }],
  ])('tell the same %s, if less surely', (_, change) => {
    const some = powerOf(learn(FRONT, cooks(4, { ...ALL_MEASURED, ...change })));
    expect(off(some.p50, KITCHEN.powerW)).toBeLessThan(0.15);
    expect(some.p10).toBeLessThan(KITCHEN.powerW);
    expect(some.p90).toBeGreaterThan(KITCHEN.powerW);
  });
});

test.each([
  ['a minute', 3],
  ['in two minutes', 6],
  ['in four minutes', 12],
])('four cooks with a reading %s tell the burner to a tenth', (_, every) => {
  const few = cooks(4, { ...ALL_MEASURED, weighsEnd: false }).map((cook) => {
    let nth = 0;
    return {
      ...cook,
      log: cook.log.filter(({ kind }) => kind !== 'temperature' || nth++ % every === 0),
    };
  });
  const told = powerOf(learn(FRONT, few));
  expect(off(told.p50, KITCHEN.powerW)).toBeLessThan(0.1);
  expect(told.p10).toBeLessThan(KITCHEN.powerW);
  expect(told.p90).toBeGreaterThan(KITCHEN.powerW);
});

describe('a log that is absurd', () => {
  /** As if the clock had gone three times as fast, and the jars had been written down in fl oz. */
  const absurd = (of: CookRecord): CookRecord => ({
    ...of,
    log: of.log.map((entry) => ({ ...entry, at: entry.at / 3 })),
    outcome: { finalMassG: 200, volumeMl: 60, set: null },
  });

  test.each([0, 2, 4])('at place %d moves nothing by a tenth, and is named', (place) => {
    const bad = absurd(keptCook(KITCHEN, 9));
    const five = learn(FRONT, four.toSpliced(place, 0, bad));
    expect(five.setAside).toEqual([place]);
    expect(off(powerOf(five).p50, powerOf(known).p50)).toBeLessThan(0.1);
    expect(off(five.yieldBias.p50, known.yieldBias.p50)).toBeLessThan(0.1);
    expect(Math.abs(five.thermometerOffsetC.p50 - known.thermometerOffsetC.p50)).toBeLessThan(0.1);
  });

  test('that has no line, no cook or no batch in it says nothing and breaks nothing', () => {
    const of = keptCook(KITCHEN, 9);
    const nothing = { finalMassG: null, volumeMl: null, set: null };
    const empty: CookRecord[] = [
      { ...of, log: [], outcome: nothing },
      { ...of, log: of.log.slice(0, 1), outcome: nothing },
      { ...of, request: request({ lines: ['zorp'] }) },
    ];
    expect(powerOf(learn(FRONT, [...four, ...empty])).p50).toBeCloseTo(powerOf(known).p50, 6);
    expect(powerOf(learn(FRONT, empty)).p50).toBeCloseTo(TOLD_W, 6);
  });
});

test('a burner that is exchanged is noticed within two cooks', () => {
  const after: TrueKitchen = { ...KITCHEN, powerW: 0.8 * TOLD_W };
  const changed = learn(FRONT, [...four, ...cooks(2, ALL_MEASURED, 31, after)]);
  expect(changed.burners[0]?.changedAt).toBe(4);
  expect(off(powerOf(changed).p50, after.powerW)).toBeLessThan(0.15);
});

test('the other burner keeps what is usual', () => {
  const two = learn([...FRONT, { id: 'back', powerW: 600 }], four);
  expect(two.burners[1]).toMatchObject({ id: 'back', batches: 0, netPowerW: { p50: 600 } });
});

test('twelve cooks in a kitchen as everybody takes it to be teach nothing that is not there', () => {
  const usual: TrueKitchen = { powerW: TOLD_W, offsetK: 0, loss: 0.025 };
  const { yieldBias, thermometerOffsetC, burners } = learn(
    FRONT,
    cooks(12, ALL_MEASURED, 41, usual),
  );
  expect(yieldBias.p10).toBeLessThan(1);
  expect(yieldBias.p90).toBeGreaterThan(1);
  expect(Math.abs(thermometerOffsetC.p50)).toBeLessThan(0.3);
  expect(off(burners[0]?.netPowerW.p50 ?? NaN, TOLD_W)).toBeLessThan(0.1);
});

/** Logs of a kettle that shares no formula with ours (`validation/independentModel.ts`). */
test.each([2, 5, 7])(
  'what another model’s kettle logged tells its power, kitchen %d',
  (kitchen) => {
    const kept = [1, 2, 3, 4].map((cook) => otherKeptCook(kitchen, cook));
    const told = learn(
      FRONT,
      kept.map(({ record }) => record),
    );
    expect(off(powerOf(told).p50, kept[0]?.powerW ?? NaN)).toBeLessThan(0.1);
    expect(Math.abs(told.thermometerOffsetC.p50)).toBeLessThan(0.3);
  },
);
