import { planned, request } from '../test/planned.ts';
import { readLine } from '../parser/index.ts';
import { log } from '../test/stoveLog.ts';
import { cookPlanOf, progressOf } from './index.ts';
import { gellingSugarRatio, packPectinLeft } from '../gel/index.ts';

/**
 * Common practice: a gelling sugar sets so much prepared fruit as its figure says, near 60, 42 and
 * 33 % solids; twice the fruit does not set. Litres as cooks get them.
 */
const FRUIT = [
  'raspberries', 'strawberries', 'apricots', 'plums', 'sour cherries', 'peaches', 'blackberries', 'redcurrants', 'rhubarb', 'pears',
] as const; // prettier-ignore
const KINDS = [
  { sugar: '1 kg 1:1 gelling sugar', fruitKg: 1, litres: [1.35, 1.65], solids: 60 },
  { sugar: '500 g 2:1 gelling sugar', fruitKg: 1, litres: [1.1, 1.3], solids: 42 },
  { sugar: '500 g 3:1 gelling sugar', fruitKg: 1.5, litres: [1.6, 1.8], solids: 33 },
] as const;
const CASES = FRUIT.flatMap((fruit) => KINDS.map((kind) => ({ fruit, ...kind })));

test.each(CASES.map((one) => [`${one.fruit}, ${one.sugar}`, one] as const))(
  '%s: sets as its figure says, fills as many jars, and not with twice the fruit',
  (_, { fruit, sugar, fruitKg, litres, solids }) => {
    const plan = planned({ lines: [`${fruitKg} kg ${fruit}`, sugar] });
    expect(plan.method).toBe('gelling-sugar');
    expect(['soft', 'firm']).toContain(plan.set?.forecast);
    const share = plan.set?.share;
    expect((share?.pours ?? 1) + (share?.loose ?? 1)).toBeLessThan(0.2);
    expect(Math.abs((plan.finish?.solublesPct ?? 0) - solids)).toBeLessThan(6.5);
    const mL = plan.yield?.volumeMl.p50 ?? 0;
    expect(mL / 1000).toBeGreaterThanOrEqual(litres[0]);
    expect(mL / 1000).toBeLessThanOrEqual(litres[1]);
    expect(plan.stop).toMatchObject({ kind: 'timed-boil', boilMin: 4 });
    expect(plan.shelf.verdict).toBe('pantry');
    for (const { reading } of plan.gauges ?? []) expect(reading).toBe('within');
    const doubled = planned({ lines: [`${2 * fruitKg} kg ${fruit}`, sugar] });
    expect(['pours', 'loose']).toContain(doubled.set?.forecast);
    expect(doubled.set?.short).toBe('sugar');
  },
);

describe('a gelling sugar', () => {
  const raspberries = ['1 kg raspberries', '500 g 2:1 gelling sugar'];

  test('fails when it is thinned, and when it is boiled too long', () => {
    const thinned = planned({ lines: [...raspberries, '500 mL water'] });
    expect(['pours', 'loose']).toContain(thinned.set?.forecast);
    const boiled = planned({ lines: raspberries, boilMin: 20 });
    expect(['pours', 'loose']).toContain(boiled.set?.forecast);
    expect(packPectinLeft(4)).toBe(1);
    expect(packPectinLeft(20)).toBeLessThan(0.3);
  });

  test('sets less with more fruit, with less sugar and with less acid', () => {
    const at = { ratio: 2, packPct: 0.5, fruitPct: 0.2, solublesPct: 42, pH: 3.3 };
    const ratio = gellingSugarRatio(at);
    expect(ratio).toBeGreaterThan(1);
    expect(gellingSugarRatio({ ...at, packPct: 0.4 })).toBeLessThan(ratio);
    expect(gellingSugarRatio({ ...at, solublesPct: 34 })).toBeLessThan(0.75 * ratio);
    expect(gellingSugarRatio({ ...at, pH: 4 })).toBeLessThan(0.6 * ratio);
  });

  test('boils for as long as the pack in this kitchen prints', () => {
    const packs = [{ ingredient: 'gelling-sugar-2-1', packG: 500, pectinG: null, boilMin: 3 }];
    expect(planned({ lines: raspberries, packs }).stop.boilMin).toBe(3);
    expect(planned({ lines: raspberries, packs, boilMin: 5 }).stop.boilMin).toBe(5);
    expect(planned({ lines: raspberries, packs }).acts.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['to-rolling', 'clock', 'plate']),
    );
  });

  test('goes into the cold pot, and after a drop that runs boils one minute more', () => {
    const plan = cookPlanOf(request({ lines: raspberries }));
    if (plan === null) throw new Error('It can be cooked');
    expect(plan.acts.map(({ id }) => id)).toEqual([
      'light', 'to-rolling', 'clock', 'plate', 'stand', 'fill',
    ]); // prettier-ignore
    const untilItRuns = [
      [0, 'lit'],
      [7, 'rolling'],
      [11, 'off-heat'],
      [13, 'plate-test', undefined, 'runs'],
    ] as const;
    expect(progressOf(plan, log(...untilItRuns))).toMatchObject({
      state: 'boiling on',
      act: { id: 'clock' },
      more: { minutes: 1 },
    });
    const set = log(...untilItRuns, [14, 'off-heat'], [16, 'plate-test', undefined, 'wrinkles']);
    expect(progressOf(plan, set).act.id).toBe('stand');
  });

  test('of 3:1 mounds, and is no sauce in the canner', () => {
    const three = planned({ lines: ['1.5 kg strawberries', '500 g 3:1 gelling sugar'] });
    expect(three.process.minutes).toBe(planned({ lines: raspberries }).process.minutes);
  });

  test.each([
    ['500 g gelling sugar 2:1', 'gelling-sugar-2-1'],
    ['500 g 2 to 1 gelling sugar', 'gelling-sugar-2-1'],
    ['500 g gelling sugar (3:1)', 'gelling-sugar-3-1'],
    ['500 g three-to-one gelling sugar', 'gelling-sugar-3-1'],
    ['500 g preserving sugar with pectin', 'jam-sugar'],
    ['1 kg jam sugar', 'jam-sugar'],
  ])('“%s” is %s', (line, id) => {
    expect(readLine(line)).toMatchObject({ understood: true, ingredient: { id } });
  });

  test('without a ratio is read as 1:1, and the line says so, except for UK jam sugar', () => {
    const assumed = (line: string, measures: 'us' | 'uk') =>
      JSON.stringify(readLine(line, { measures }));
    expect(assumed('1 kg gelling sugar', 'uk')).toContain('noRatioCountsAsOneToOne');
    expect(assumed('1 kg jam sugar', 'us')).toContain('noRatioCountsAsOneToOne');
    expect(assumed('1 kg jam sugar', 'uk')).not.toContain('noRatioCountsAsOneToOne');
    expect(readLine('500 g extra gelling sugar').understood).toBe(false);
  });
});
