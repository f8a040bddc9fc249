import { HEAT_SOURCES } from '../boil/index.ts';
import { evaluate, readLines } from '../evaluate/index.ts';
import type { SetClass } from '../gel/index.ts';
import { BARE_KITCHEN, requestInKitchen, type KitchenKnowledge } from '../kitchen/index.ts';
import { planBatch, type Plan } from '../plan/index.ts';
import { keptCook } from '../test/keptCooks.ts';
import { beforeOf, request } from '../test/planned.ts';
import { evidenceOf, knowledgeOf, learn, type CookRecord, type CookTold } from './index.ts';

const TOLD_W = HEAT_SOURCES['medium-burner'].powerW;
const FRONT = [{ id: 'front', powerW: TOLD_W }];
const KITCHEN = { powerW: TOLD_W, offsetK: 0, loss: 0.025 };
const NOTHING = { finalMassG: null, volumeMl: null, set: null };
const kept = (change: Partial<CookRecord>): CookRecord => ({
  request: request({ draws: 0 }),
  burner: 'front',
  pot: 'wide',
  log: [],
  outcome: NOTHING,
  ...change,
});
const known = (records: readonly CookRecord[]): KitchenKnowledge =>
  knowledgeOf(
    FRONT,
    records.map((record, index): CookTold => ({
      cook: `${index}`,
      at: index,
      burner: record.burner,
      pot: record.pot,
      evidence: evidenceOf(record),
    })),
  );

describe('how it set', () => {
  const formula = request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'], draws: 0 });
  const seen = (set: SetClass, count: number) =>
    Array.from({ length: count }, () => kept({ request: formula, outcome: { ...NOTHING, set } }));
  const ratio = evaluate(formula, readLines(formula)).boil?.setRatio ?? NaN;

  test('softer than foretold, again and again, makes the next forecast softer', () => {
    // By definition of the classes: between 0.75 and 1.15 is soft.
    const [bias] = learn(FRONT, seen('soft', 6)).setBias;
    expect(bias).toMatchObject({ id: 'long-boil', batches: 6 });
    const told = ratio * (bias?.p50 ?? NaN);
    expect(Math.abs(told - 0.93)).toBeLessThan(0.5 * Math.abs(ratio - 0.93));
    const one = learn(FRONT, seen('soft', 1)).setBias[0]?.p50 ?? NaN;
    expect(Math.abs(Math.log(one))).toBeLessThan(Math.abs(Math.log(bias?.p50 ?? NaN)));
  });

  test('of one method says nothing of another, and an egg tells nothing', () => {
    const knowledge = known(seen('loose', 4));
    const planned = (method: 'long-boil' | 'powdered-pectin') =>
      evaluate(
        {
          ...formula,
          method,
          learned: {
            ...requestInKitchen({ lines: [], settings: {} }, { ...BARE_KITCHEN, knowledge })
              .learned,
            netPowerKw: null,
          },
        },
        readLines(formula),
      ).boil?.setRatio ?? NaN;
    expect(planned('long-boil')).toBeLessThan(0.9 * ratio);
    const bare = evaluate({ ...formula, method: 'powdered-pectin' }, readLines(formula));
    expect(planned('powdered-pectin')).toBeCloseTo(bare.boil?.setRatio ?? NaN, 9);
    const curd = request({
      product: 'curd',
      lines: ['4 lemons, juiced', '200 g sugar', '4 eggs', '100 g butter'],
      draws: 0,
    });
    expect(
      learn(FRONT, [kept({ request: curd, outcome: { ...NOTHING, set: 'loose' } })]).setBias,
    ).toEqual([]);
  });
});

describe('what a cup of fruit weighs', () => {
  const lines = ['8 cups crushed blackberries', '1.4 kg sugar'];
  const formula = request({ lines, draws: 0 });
  const foretoldG = readLines(formula).reduce(
    (sum, line) => sum + (line.understood ? line.massG.typical : NaN),
    0,
  );
  const fruitG = foretoldG - 1400;
  const weighed = (times: number): CookRecord =>
    kept({
      request: formula,
      log: [
        { at: 0, kind: 'weight', value: times * fruitG, text: null },
        { at: 60_000, kind: 'lit', value: null, text: null },
        { at: 45 * 60_000, kind: 'off-heat', value: null, text: null },
      ],
    });

  test('is told by pots that are weighed before they boil, and later plans hold so much', () => {
    const cups = learn(FRONT, [1.13, 1.1, 1.12].map(weighed)).cupTimes;
    expect(cups.batches).toBe(3);
    expect(cups.p10).toBeLessThan(1.12);
    expect(cups.p90).toBeGreaterThan(1.12);
    expect(cups.p50).toBeGreaterThan(1.06);
    const knowledge = known([1.13, 1.1, 1.12].map(weighed));
    const plan = (of: KitchenKnowledge | null) => planned(lines, of);
    const [bare, taught] = [plan(null), plan(knowledge)];
    expect((taught.yield?.volumeMl.p50 ?? NaN) / (bare.yield?.volumeMl.p50 ?? NaN)).toBeGreaterThan(
      1.01,
    );
    expect(taught.learned?.some(({ what }) => what === 'cup')).toBe(true);
    expect(taught.shelf).toEqual(bare.shelf);
    expect(planned(['2 kg crushed blackberries', '1.4 kg sugar'], knowledge).learned ?? []).toEqual(
      expect.not.arrayContaining([expect.objectContaining({ what: 'cup' })]),
    );
  });

  test('is not told by weighed fruit, by a pot that boils, or by a slip of the scale', () => {
    const late = weighed(1.1).log.map((entry) =>
      entry.kind === 'weight' ? { ...entry, at: 30 * 60_000 } : entry,
    );
    for (const record of [
      { ...weighed(1.1), request: request({ draws: 0 }) },
      { ...weighed(1.1), log: late },
      weighed(4),
    ])
      expect(evidenceOf(record).cup).toBeNull();
  });
});

const planned = (lines: readonly string[], knowledge: KitchenKnowledge | null): Plan => {
  const outcome = planBatch({
    ...requestInKitchen({ lines, settings: {} }, { ...BARE_KITCHEN, knowledge }),
    draws: 400,
  });
  if (!outcome.ok) throw new RangeError('Lines that can be planned');
  return outcome.plan;
};

describe('how sweet a fruit is', () => {
  const lines = ['2 kg crushed damsons', '1.4 kg sugar'];
  /** Its juice as the table has it, read with a refractometer so many times sweeter. */
  const read = (times: number): CookRecord => {
    const bare = request({
      product: 'jelly',
      lines: ['800 g sugar'],
      before: beforeOf('extract', ['2 kg damsons'], { waterG: 500 }),
      draws: 0,
    });
    const juice = evaluate(bare, readLines(bare)).understood.find(
      ({ ingredient }) => ingredient.kind === 'fruit',
    );
    const brix = times * (juice?.ingredient.make.solublesPct.typical ?? NaN);
    return kept({
      request: {
        ...bare,
        before: beforeOf('extract', ['2 kg damsons'], { waterG: 500, brix }),
      },
    });
  };

  test('is told by a refractometer in its juice or in the whole, for that fruit alone', () => {
    const { fruitSolids } = learn(FRONT, [1.25, 1.2, 1.22].map(read));
    expect(fruitSolids).toHaveLength(1);
    expect(fruitSolids[0]).toMatchObject({ batches: 3 });
    expect(fruitSolids[0]?.p50).toBeGreaterThan(1.1);
    expect(fruitSolids[0]?.p50).toBeLessThan(1.22);
    const whole = request({ lines, draws: 0 });
    const usual = evaluate(whole, readLines(whole)).boil?.all;
    expect(usual).toBeDefined();
    const told = evidenceOf(
      kept({ request: { ...whole, measured: { startBrix: 51, startPH: null } } }),
    ).solids;
    expect(told?.id).toBe('damson');
    expect(told?.mean).toBeGreaterThan(0);
  });

  test('moves later plans of it, none of another, and never the shelf', () => {
    const knowledge: KitchenKnowledge = {
      ...known([]),
      solidsTimes: [{ id: 'damson', times: { p10: 1.15, p50: 1.2, p90: 1.25, batches: 5 } }],
    };
    const [bare, taught] = [planned(lines, null), planned(lines, knowledge)];
    // More solids and the same stop: more is left.
    expect(taught.yield?.volumeMl.p50).toBeGreaterThan(bare.yield?.volumeMl.p50 ?? NaN);
    expect(taught.learned?.map(({ what }) => what)).toEqual(['solids']);
    expect(taught.shelf).toEqual(bare.shelf);
    expect(taught.process).toEqual(bare.process);
    const other = ['2 kg crushed blackberries', '1.4 kg sugar'];
    expect(planned(other, knowledge)).toEqual(planned(other, null));
  });
});

test('two pots on one burner are told apart, and one that is new is taken to be like them', () => {
  const cooks = (pot: string, powerW: number, first: number) =>
    [0, 1, 2, 3].map((n) => ({ ...keptCook({ ...KITCHEN, powerW }, first + n), pot }));
  const all = [...cooks('wide', 1.3 * TOLD_W, 1), ...cooks('tall', TOLD_W, 11)];
  const { pots, burners } = learn(FRONT, all);
  const of = (pot: string) => pots.find(({ id }) => id === pot)?.netPowerW.p50 ?? NaN;
  expect(Math.abs(of('wide') / (1.3 * TOLD_W) - 1)).toBeLessThan(0.1);
  expect(Math.abs(of('tall') / TOLD_W - 1)).toBeLessThan(0.1);
  expect(learn(FRONT, all.slice(0, 4)).pots).toEqual([]);
  const knowledge = known(all);
  const kitchen = {
    ...BARE_KITCHEN,
    burners: [{ id: 'front', name: 'Front', heat: 'medium-burner' as const }],
    pots: ['wide', 'tall', 'new'].map((id) => ({ id, name: id, diameterCm: 28, heightCm: 14 })),
    knowledge,
  };
  const kwIn = (pot: string) => {
    const { learned } = requestInKitchen({ lines: [], settings: { pot } }, kitchen);
    return { kw: learned.netPowerKw?.p50, ofPot: learned.ofPot };
  };
  expect(kwIn('wide')).toEqual({ kw: of('wide') / 1000, ofPot: true });
  expect(kwIn('new')).toEqual({ kw: (burners[0]?.netPowerW.p50 ?? NaN) / 1000, ofPot: false });
});
