import { simulateCook, type Stage } from '../boil/index.ts';
import { alcoholLeftG, atTheEnd, minutesOfActs, stagesOf, toTheStop } from '../chain/index.ts';
import { massOf, plus } from '../formula/index.ts';
import { METHODS, PRODUCT_IDS, PRODUCTS } from '../method/index.ts';
import { planned, request } from '../test/planned.ts';
import { readLines, evaluate, type PlanRequest } from '../evaluate/index.ts';
import { cookPlanOf } from './cookPlan.ts';

/** One formula that every product and method can be made of, as far as its pot goes. */
const FORMULA = ['1 kg plums', '1 kg sugar', '2 eggs', '1 cup water', '60 mL lemon juice'];
const CASES = PRODUCT_IDS.flatMap((product) =>
  PRODUCTS[product].methods.map((method) => [product, method] as const),
);
const worked = (change: Partial<PlanRequest>) => {
  const asked = request({ draws: 0, ...change });
  return evaluate(asked, readLines(asked));
};

describe('one chain, told four times', () => {
  test.each(CASES)(
    '%s by %s: its minutes are the cook’s, the plan’s and the stove’s',
    (product, method) => {
      const change = { product, method, lines: FORMULA };
      const { boil } = worked(change);
      const cookPlan = cookPlanOf(request(change));
      if (boil === null || cookPlan === null) throw new Error('It can be cooked');
      const plan = planned({ ...change, draws: 0 });

      // The simulation is the chain's stages, and nothing else.
      const stages: Stage[] = stagesOf(toTheStop(boil.chain.acts)).map(({ stage }) => stage);
      const cook = simulateCook(cookPlan.first, { ...cookPlan.setting, stages });
      expect(cook.outcome).toBe('reached');
      const totalMin = cook.stages.at(-1)?.endMin ?? NaN;
      expect(plan.minutes?.p50).toBeCloseTo(totalMin, 1);

      // The stove goes by the same acts: the same objects' worth, in the same order.
      expect(cookPlan.acts.slice(0, -1)).toEqual(boil.chain.acts);

      // The run sheet's minutes at the stove, to the stop, add up to the plan's.
      const told = plan.acts.filter(({ phase }) => phase === 'stove');
      expect(told.map(({ id }) => id)).toEqual(boil.chain.acts.map(({ id }) => id));
      const toStop = told.slice(0, toTheStop(boil.chain.acts).length);
      const sum = toStop.reduce((minutes, act) => minutes + (act.minutes?.p50 ?? 0), 0);
      expect(Math.abs(sum - totalMin)).toBeLessThan(0.05 * toStop.length);
      const byAct = minutesOfActs(toTheStop(boil.chain.acts), cook.stages);
      for (const [index, act] of toStop.entries()) {
        if (act.minutes !== null) expect(act.minutes.p50).toBeCloseTo(byAct[index] ?? NaN, 0);
      }
      // A clock in the chain is the clock everywhere.
      if (METHODS[method].boilMin !== null)
        expect(told.find(({ id }) => id === 'clock')?.minutes?.p50).toBe(METHODS[method].boilMin);
    },
  );

  test('with draws, the acts together span the plan’s range', () => {
    const { acts, minutes } = planned({ lines: ['2 kg damsons', '1.4 kg sugar'], draws: 400 });
    for (const end of ['p10', 'p50', 'p90'] as const) {
      const sum = acts
        .filter(({ phase, id }) => phase === 'stove' && id !== 'plate' && id !== 'stand')
        .reduce((total, act) => total + (act.minutes?.[end] ?? 0), 0);
      expect(Math.abs(sum - (minutes?.[end] ?? NaN))).toBeLessThan(0.4);
    }
  });

  test('goes from the fruit to the shelf, or to the fridge', () => {
    const ids = (change: object) => planned({ draws: 0, ...change }).acts.map(({ id }) => id);
    expect(ids({ lines: ['2 kg damsons', '1.4 kg sugar'] })).toEqual([
      'weigh', 'light', 'to-boil', 'soften', 'add', 'dissolve', 'boil-down', 'plate', 'stand', 'fill',
      'load', 'heat-canner', 'process', 'rest', 'out', 'cool', 'press-lids', 'label', 'shelf',
    ]); // prettier-ignore
    expect(ids({ product: 'butter', lines: ['2 kg pumpkin', '300 g sugar'] }).slice(-3)).toEqual([
      'fill',
      'chill',
      'label',
    ]);
    expect(ids({ lines: [] })).toEqual([]);
  });

  test('every link has an end, a clock or a hand, and burners are held only while it is heated', () => {
    for (const [product, method] of CASES) {
      for (const act of planned({ product, method, lines: FORMULA, draws: 0 }).acts) {
        expect(act.phase === 'stove' ? act.ends.length : 1).toBeGreaterThan(0);
        expect(act.mayWaitMin).toBeGreaterThanOrEqual(0);
        if (act.phase === 'stove') expect(act.holds !== null).toBe(act.flame > 0);
      }
    }
  });
});

describe('what goes in later', () => {
  const JAM = ['2 kg damsons', '1.4 kg sugar'];

  test('each addition is in the chain once, and together with the cold pot it is everything', () => {
    for (const [product, method] of CASES) {
      const { boil } = worked({
        product,
        method,
        lines: [
          ...FORMULA,
          '40 mL brandy',
          '1 tsp cinnamon',
          '5 g butter',
          '1 tsp vanilla extract',
        ],
      });
      if (boil === null) throw new Error('It can be cooked');
      const additions = boil.chain.acts.flatMap(({ adds }) => (adds === null ? [] : [adds]));
      expect(new Set(additions.map(({ id }) => id)).size).toBe(additions.length);
      const all = additions.reduce((sum, { contents }) => plus(sum, contents), boil.chain.first);
      expect(massOf(all)).toBeCloseTo(massOf(boil.all), 6);
    }
  });

  test('spirits go in off the heat: their water is not boiled away, and the stop is the same', () => {
    const without = planned({ lines: JAM, draws: 0 });
    const with_ = planned({ lines: [...JAM, '100 mL brandy'], draws: 0 });
    expect(with_.stop.tempC).toBeCloseTo(without.stop.tempC ?? NaN, 1);
    expect(with_.minutes?.p50).toBeCloseTo(without.minutes?.p50 ?? NaN, 0);
    // A cup of brandy weighs 222 g: 94 g, all of it in the jars.
    const more = (with_.finish?.massG.p50 ?? NaN) - (without.finish?.massG.p50 ?? NaN);
    expect(more).toBeGreaterThan(90);
    expect(more).toBeLessThan(98);
    expect(with_.finish?.solublesPct).toBeLessThan(without.finish?.solublesPct ?? NaN);
    expect(with_.finish?.steamG).toBeCloseTo(without.finish?.steamG ?? NaN, -1);
    expect(with_.cautions.map(({ code }) => code)).toContain('alcohol-stays');
  });

  test('with draws as without', () => {
    const more = [0, 300].map((draws) => {
      const [a, b] = [JAM, [...JAM, '100 mL brandy']].map((lines) => planned({ lines, draws }));
      return (b?.yield?.volumeMl.p50 ?? NaN) - (a?.yield?.volumeMl.p50 ?? NaN);
    });
    expect(Math.abs((more[1] ?? NaN) - (more[0] ?? NaN))).toBeLessThan(15);
  });

  test('wine that a jelly is made of is cooked with it, and so is a drink that is much of a batch', () => {
    const wine = worked({
      product: 'infusion-jelly',
      lines: ['3 cups wine', '800 g sugar', '½ cup lemon juice', '2 pouches liquid pectin'],
    });
    expect(atTheEnd('infusion-jelly', 'liquid-pectin', wine.understood)).toEqual([]);
    const much = worked({ lines: ['500 g plums', '500 g sugar', '300 mL port'] });
    expect(atTheEnd('jam', 'long-boil', much.understood)).toEqual([]);
  });

  test('a conserve’s raisins and nuts go in last; a jam of dried fruit is made of it', () => {
    const late = (product: 'conserve' | 'jam', lines: string[]) =>
      atTheEnd(product, 'long-boil', worked({ product, lines }).understood).map(
        ({ ingredient }) => ingredient.id,
      );
    expect(
      late('conserve', ['2 kg plums', '200 g raisins', '100 g walnuts', '1.4 kg sugar']),
    ).toHaveLength(2);
    expect(late('jam', ['500 g dried apricots', '700 g water', '500 g sugar'])).toEqual([]);
    expect(late('conserve', ['500 g dried apricots', '700 g water', '500 g sugar'])).toEqual([]);
  });

  test('alcohol that stays: a third of a spirit’s weight (40 % by volume; common practice)', () => {
    const { understood } = worked({ lines: [...JAM, '100 g rum', '100 g wine'] });
    expect(alcoholLeftG(atTheEnd('jam', 'long-boil', understood))).toBeCloseTo(33, 0);
  });
});
