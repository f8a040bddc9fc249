import { textOf } from '@idle-kettle/words';
import { planBatch } from '../plan/index.ts';
import { JarLog } from '../test/jarLog.ts';
import { request } from '../test/planned.ts';
import { REFUSED } from '../test/refused.ts';
import { fillingOf } from './filling.ts';
import { loadTime } from './jarPlan.ts';
import { nextLoad } from './nextLoad.ts';
import { HOUR, JARS, jarPlanFor, JAM, statesOf, after } from '../test/jarPlans.ts';

describe('what is refused for the shelf', () => {
  test.each(REFUSED)(
    '$name never goes into the canner, whatever is pressed',
    ({ name: _, ...change }) => {
      const jarPlan = jarPlanFor(change);
      expect(jarPlan.shelf.verdict).not.toBe('pantry');
      const log = new JarLog().closed(0, '1.1-3').processed(1, 1, '1.1-3', 15, 60);
      log.at(14 * HOUR, 'sealed', '1.1-3').at(15 * HOUR, 'put-away');
      const now = after(log, jarPlan);
      expect(now.loads).toEqual([]);
      expect(textOf(now.warnings[0]?.text ?? '')).toMatch(/^It isn’t for the pantry: ./);
      expect(Object.values(statesOf(now))).toEqual(['closed', 'closed', 'closed']);
      log.at(16 * HOUR, 'to-fridge', '1.1-2').at(16 * HOUR, 'to-freezer', '1.3');
      expect(Object.values(statesOf(after(log, jarPlan)))).toEqual(['fridge', 'fridge', 'freezer']);
    },
  );

  test('what went in at the stove counts: cream stirred in takes the pantry away, a spoon of sugar does not', () => {
    const added = (text: string, grams: number) => new JarLog().at(0, 'added', text, grams).entries;
    expect(jarPlanFor({}, added('white-sugar', 50)).shelf.verdict).toBe('pantry');
    expect(jarPlanFor({}, added('cream', 200)).shelf.verdict).toBe('fridge');
    expect(jarPlanFor({}, added('something unheard of', 200)).shelf.verdict).toBe('fridge');
    expect(jarPlanFor({}, added('as planned: sugar', 1400)).shelf.verdict).toBe('pantry');
  });

  test('the cook’s own statement is kept with the jars', () => {
    const assurance = {
      testedFormula: 'County bulletin 12',
      source: 'the county',
      minutes: 25,
      jarMl: null,
      meterPH: null,
    };
    const jarPlan = jarPlanFor({
      lines: ['2 kg figs', '1 kg sugar', '120 mL bottled lemon juice'],
      assurance,
    });
    expect(jarPlan.stated).toEqual(assurance);
    const { minutes } = loadTime(jarPlan, [237]);
    expect(minutes).toBe(jarPlan.shelf.verdict === 'pantry' ? 25 : null);
    expect(JAM.stated).toBeNull();
  });

  test('jars that are larger than a source prints do not go into the canner', () => {
    const jarPlan = jarPlanFor({
      lines: ['1 kg plums', '800 g sugar', '40 g fresh mint'],
      assurance: {
        testedFormula: 'County bulletin 12',
        source: 'the county',
        minutes: 10,
        jarMl: 237,
        meterPH: null,
      },
    });
    expect(jarPlan.shelf.verdict).toBe('by-source');
    expect(loadTime(jarPlan, [118, 237])).toEqual({ minutes: 10, refused: null });
    const larger = loadTime(jarPlan, [237, 473]);
    expect(larger.minutes).toBeNull();
    expect(textOf(larger.refused ?? '')).toContain('smaller jars');
  });
});

describe('filling', () => {
  test('goes by the forecast, the pot’s mass, and what is measured, each surer than the one before', () => {
    const log = new JarLog();
    const width = ({ p10, p90 }: { readonly p10: number; readonly p90: number }) => p90 - p10;
    const forecast = fillingOf(JAM, after(log), null);
    const plan = planBatch(request({ jars: JARS }));
    expect(forecast.totalMl.p50).toBeCloseTo(
      plan.ok ? (plan.plan.yield?.volumeMl.p50 ?? 0) : 0,
      -1,
    );
    const weighed = fillingOf(JAM, after(log), { p10: 2300, p50: 2300, p90: 2300 });
    expect(weighed.totalMl.p50).toBeCloseTo(2300 * JAM.mlPerG, 5);
    expect(width(weighed.totalMl)).toBeLessThan(width(forecast.totalMl));
    log.at(0, 'measured', null, 1800);
    expect(fillingOf(JAM, after(log), null)).toMatchObject({
      by: 'measured',
      totalMl: { p50: 1800 },
    });
  });

  test('is packed again as jars are filled, within what there is', () => {
    const log = new JarLog().at(0, 'measured', null, 12 * 237 + 100);
    const first = fillingOf(JAM, after(log), null);
    expect(first.rest.jars.reduce((sum, { count }) => sum + count, 0)).toBeGreaterThan(5);
    log.at(1, 'filled', '1.1-12');
    const { rest, leftMl, part } = fillingOf(JAM, after(log), null);
    expect(leftMl.p50).toBeCloseTo(100, 5);
    expect(rest).toEqual({ jars: [], partMl: 100 });
    expect(part).toEqual({ size: 2, mL: 100 });
  });

  test('measured when some jars were filled already, it counts those besides', () => {
    const log = new JarLog().at(0, 'filled', '1.1-4').at(1, 'measured', null, 500);
    expect(fillingOf(JAM, after(log), null)).toMatchObject({
      totalMl: { p50: 4 * 237 + 500 },
      leftMl: { p50: 500 },
    });
  });

  test('names no part jar where none is left that holds it', () => {
    const jarPlan = jarPlanFor({ jars: [{ name: 'half-pint', volumeMl: 237, count: 1 }] });
    const log = new JarLog().at(0, 'measured', null, 400);
    const { rest, part } = fillingOf(jarPlan, after(log, jarPlan), null);
    expect(rest.jars).toEqual([{ name: 'half-pint', count: 1 }]);
    expect(part).toBeNull();
  });

  test('gift jars come first', () => {
    const jarPlan = jarPlanFor({
      jars: JARS.slice(0, 2).map((jar, index) => ({ ...jar, gift: 3 * index })),
    });
    const log = new JarLog().at(0, 'measured', null, 1000);
    const gifts = ({ jars }: { jars: readonly { name: string; count: number }[] }) =>
      jars.find(({ name }) => name === 'quarter-pint')?.count ?? 0;
    expect(gifts(fillingOf(jarPlan, after(log, jarPlan), null).rest)).toBeGreaterThanOrEqual(3);
    log.at(1, 'filled', '2.1-3');
    expect(gifts(fillingOf(jarPlan, after(log, jarPlan), null).rest)).toBeLessThan(3);
  });

  /**
   * Common practice: of two jars that end nearly full both are kept; else one is filled and the
   * other eaten first.
   */
  test('asks where it arises whether the last two are filled a little short', () => {
    const jarPlan = jarPlanFor({ jars: [{ name: 'half-pint', volumeMl: 237, count: 12 }] });
    const ends = (mL: number) =>
      fillingOf(jarPlan, after(new JarLog().at(0, 'measured', null, mL), jarPlan), null);
    expect(ends(2 * 237 - 30).twoShort).toEqual({ size: 1, mL: 237 - 15 });
    expect(ends(2 * 237 - 100)).toMatchObject({ twoShort: null, part: { size: 1, mL: 137 } });
    expect(ends(2 * 237 + 5)).toMatchObject({ twoShort: null, part: null });
    const log = new JarLog().at(0, 'measured', null, 444).at(1, 'filled', '1.1-2', 222);
    expect(after(log, jarPlan).jars.map(({ part }) => part)).toEqual([false, false]);
  });
});

describe('the next load', () => {
  test('takes what the canner holds in the order of filling, and the rest waits hot', () => {
    const log = new JarLog().closed(0, '1.1-10').at(0, 'filled', '1.11');
    const { jars, waiting } = nextLoad(JAM, after(log), 7, 0);
    expect(jars.map(({ id }) => id)).toEqual(['1.1', '1.2', '1.3', '1.4', '1.5', '1.6', '1.7']);
    expect(waiting.map(({ id }) => id)).toEqual(['1.8', '1.9', '1.10']);
    log.at(1, 'loaded', '1.1-7', 1);
    expect(nextLoad(JAM, after(log), 7, 0).jars.map(({ id }) => id)).toEqual([
      '1.8',
      '1.9',
      '1.10',
    ]);
  });

  test('gives each jar the room of the largest', () => {
    const log = new JarLog().closed(0, '3.1-4').closed(1, '1.1-4');
    const { jars } = nextLoad(JAM, after(log), 7, 0);
    expect(jars.length).toBeLessThan(7);
    expect(jars.length).toBeGreaterThanOrEqual(4);
    expect(nextLoad(JAM, after(new JarLog()), 7, 0)).toEqual({
      jars: [],
      waiting: [],
      refused: [],
    });
  });

  test('leaves out jars that are too large for any table', () => {
    const jarPlan = jarPlanFor({
      jars: [...JARS, { name: 'quart', volumeMl: 946, count: 4 }],
    });
    const log = new JarLog().closed(0, '1.1-3 4.1');
    const { jars, refused } = nextLoad(jarPlan, after(log, jarPlan), 7, 0);
    expect(jars.map(({ id }) => id)).toEqual(['1.1', '1.2', '1.3']);
    expect(refused.map(({ id }) => id)).toEqual(['4.1']);
  });
});

test('a meter above 4.2 keeps any batch out of the canner', () => {
  const jarPlan = jarPlanFor({ measured: { startBrix: null, startPH: 4.4 } });
  expect(textOf(loadTime(jarPlan, [237]).refused ?? '')).toMatch(/^It isn’t for the pantry/);
});
