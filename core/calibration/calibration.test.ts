import {
  calibrated,
  findIngredient,
  CALIBRATION_OFFSETS,
  pectinOffset,
  PRIOR_IDS,
  PRIORS,
  TABLED_PECTIN_PCT,
  logDeviation,
} from '../ingredients/index.ts';
import { needBySolubles, setClassOf } from '../gel/index.ts';
import { planned } from '../test/planned.ts';
import { cutSugarCases, cutSugarFormulas, SOFTER_BY } from './cutSugar.ts';
import { featuresOf, ratioWith, requestOf } from './features.ts';
import { fitOffsets, leaveOneOut, outside } from './fit.ts';
import { formulasWithSets, fitCases } from './fitCases.ts';
import { calibrationReport } from './report.ts';
import { TESTED_FORMULAS } from './testedFormulas.ts';
import { coverageOf, yieldCases } from './yields.ts';

type Formula = (typeof TESTED_FORMULAS)[number];

const plans = new Map<Formula, ReturnType<typeof planned>>();

/** The plan of a tested formula, worked out once. */
function planOf(formula: Formula) {
  const plan = plans.get(formula) ?? planned({ ...requestOf(formula), draws: 1000 });
  plans.set(formula, plan);
  return plan;
}

/**
 * USDA Complete Guide, extension centre (from memory) and common practice: see each formula's
 * `source`.
 */
describe('tested formulas', () => {
  test.each(formulasWithSets(false).map((formula) => [formula.name, formula] as const))(
    '%s sets as it is known to',
    (_, formula) => {
      expect(formula.sets).toContain(planOf(formula).set?.forecast);
    },
  );

  test.each(formulasWithSets(true).map((formula) => [formula.name, formula] as const))(
    '%s, which the fit has not seen, too',
    (_, formula) => {
      expect(formula.sets).toContain(planOf(formula).set?.forecast);
    },
  );

  test('stand inside the windows of their own product and method on all four sticks', () => {
    for (const formula of TESTED_FORMULAS) {
      if (formula.sets?.includes('pours') === true) continue;
      const off = planOf(formula).gauges?.filter(({ reading }) => reading !== 'within') ?? [];
      expect([formula.name, off.map(({ id }) => id)]).toEqual([formula.name, []]);
    }
  });

  test('whose cooks are content are never told that they fail', () => {
    for (const formula of formulasWithSets(false)) {
      if (!formula.sets.includes('soft')) continue;
      const { set } = planOf(formula);
      if (set?.forecast === 'loose') expect(set.text).toMatch(/^It sets loosely, for spooning/);
      else expect(set).toMatchObject({ short: 'none', remedies: [] });
    }
  });
});

describe('the fit', () => {
  const held = fitCases(false);
  const cut = cutSugarCases(false);
  const moves = fitOffsets([...held, ...cut], CALIBRATION_OFFSETS);
  const out = leaveOneOut(held, cut);

  test('done again gives the moves that the ingredient table has', () => {
    for (const [name, z] of Object.entries(moves)) {
      expect(Math.abs(z - (CALIBRATION_OFFSETS[name] ?? 0))).toBeLessThan(0.05);
    }
    expect(Object.keys(moves)).toEqual(expect.arrayContaining(Object.keys(CALIBRATION_OFFSETS)));
  });

  test('counts as the plan does', () => {
    for (const { features } of held) {
      const formula = formulasWithSets(false).find(({ name }) => name === features.name);
      const { set } = planned({ ...formula?.request, draws: 0 });
      expect(ratioWith(features, CALIBRATION_OFFSETS)).toBeCloseTo(set?.ratio.p50 ?? NaN, 1);
    }
  });

  test('moves nothing by much more than two deviations, and no fruit out of its published range', () => {
    for (const z of Object.values(moves)) expect(Math.abs(z)).toBeLessThan(2.2);
    for (const [id, tabled] of TABLED_PECTIN_PCT) {
      const row = findIngredient(id);
      if (!row) throw new Error(id);
      const { low, typical, high } = row.pectinPct;
      const asked =
        tabled *
        Math.exp((CALIBRATION_OFFSETS[pectinOffset(id)] ?? 0) * logDeviation(row.pectinPct));
      // What the fit asks for lies inside, so that the end of a range cut nothing off.
      expect(asked).toBeGreaterThanOrEqual(low);
      expect(asked).toBeLessThanOrEqual(high);
      expect(typical).toBeCloseTo(asked, 9);
    }
    for (const id of PRIOR_IDS) expect(calibrated(id, {})).toBe(PRIORS[id].value);
  });

  test('leaving any one formula out, at least nine in ten of those left out come out right', () => {
    expect(out).toHaveLength(held.length);
    expect(out.filter(({ right }) => right).length / out.length).toBeGreaterThanOrEqual(0.9);
  });

  test('touches pectin alone: what it holds, what frees and wears it, and what a gel asks for', () => {
    for (const name of Object.keys(moves))
      expect(name).toMatch(
        /^(solubles that a gram of added pectin|pectin|strength of the pectin|wear of pectin|acid of)\b/,
      );
  });

  test('is reported with every formula, every move and the coverage', () => {
    const report = calibrationReport(held, cut, out);
    for (const { name } of TESTED_FORMULAS) expect(report).toContain(name);
    for (const name of Object.keys(CALIBRATION_OFFSETS)) expect(report).toContain(name);
    expect(report).toMatch(/\d+ printed yields: \d+ % within their range/);
    expect(report).not.toMatch(/NaN|undefined/);
  });

  test('measures how far a ratio lies outside what a formula may be, as a logarithm', () => {
    expect(outside(1, ['soft'])).toBe(0);
    expect(outside(0.375, ['soft', 'firm'])).toBeCloseTo(Math.log(0.5), 9);
    expect(outside(4, ['firm'])).toBeCloseTo(Math.log(2), 9);
    expect(outside(100, ['firm', 'slices'])).toBe(0);
    expect(setClassOf(0.375)).toBe('pours');
  });
});

/** Common practice: with a box or a pouch nobody halves the sugar and gets a set. */
describe('with part of the printed sugar', () => {
  const cut = [...cutSugarFormulas(false), ...cutSugarFormulas(true)];
  const ratios = cut.map(({ share, full, ...formula }) => ({
    share,
    name: formula.name,
    ratio: ratioWith(featuresOf(formula), CALIBRATION_OFFSETS),
    whole: ratioWith(featuresOf(full), CALIBRATION_OFFSETS),
  }));
  const at = (wanted: number) => ratios.filter(({ share }) => share === wanted);
  const fails = ({ ratio }: (typeof ratios)[number]) =>
    ['pours', 'loose'].includes(setClassOf(ratio));

  test('half of it fails, whatever the fruit, and most sixties do', () => {
    expect(ratios.length).toBeGreaterThanOrEqual(60);
    expect(at(0.5).filter((found) => !fails(found))).toEqual([]);
    expect(at(0.6).filter(fails).length).toBeGreaterThan(0.6 * at(0.6).length);
  });

  test('three quarters are at least 7 % softer than the whole', () => {
    for (const { ratio, whole } of at(0.75)) expect(ratio / whole).toBeLessThanOrEqual(SOFTER_BY);
  });

  test('the need stays where it is published: 4, 2.6 and 1.9 at 50, 52.5 and 55 %, and no set below', () => {
    for (const [solublesPct, need] of [
      [50, 4],
      [52.5, 2.6],
      [55, 1.9],
    ] as const)
      // prettier-ignore
      expect(Math.abs(needBySolubles(solublesPct) / need - 1)).toBeLessThan(0.08);
    expect(needBySolubles(47)).toBeGreaterThan(8);
  });

  test('the plan says that it fails, and offers low-sugar pectin', () => {
    const half = cut.find(({ name }) => /^strawberry jam with powder, 5½ : 8, 50 %/.test(name));
    const { set } = planned({ ...half?.request, draws: 1000 });
    expect(['pours', 'loose']).toContain(set?.forecast);
    expect(set?.remedies[0]?.change.method).toBe('low-methoxyl');
  });
});

describe('printed yields', () => {
  const yields = yieldCases();

  test('are held by their ranges four times in five, and the ranges are no wider than that takes', () => {
    expect(yields.length).toBeGreaterThanOrEqual(30);
    const { coverage, width } = coverageOf(yields);
    expect(coverage).toBeGreaterThanOrEqual(0.75);
    expect(coverage).toBeLessThanOrEqual(0.95);
    expect(width).toBeLessThanOrEqual(0.3);
  });

  test('of butters come out within 12 %', () => {
    const butters = yields.filter(({ name }) => name.includes('butter'));
    expect(butters.length).toBeGreaterThanOrEqual(4);
    for (const { from, to, p50 } of butters) {
      expect(Math.abs(p50 / ((from + to) / 2) - 1)).toBeLessThanOrEqual(0.12);
    }
  });
});

/** Common practice: see the formulas; hours within a quarter. */
describe('hours of butters', () => {
  test.each([
    [
      '5½ lb in a slow cooker on low: ten hours lid on, two off',
      ['5½ lb apples, cored, skins on', '1 cup brown sugar', '¾ cup white sugar'],
      12,
    ],
    [
      'three pounds peeled, with cider, on low: eight hours',
      ['3 lb peeled apples', '2 cups sugar', '¾ cup cider'],
      8,
    ],
  ])('%s', (_, lines, hours) => {
    const { minutes, lid } = planned({ product: 'butter', heat: 'slow-cooker-low', lines });
    expect(Math.abs((minutes?.p50 ?? NaN) / 60 / hours - 1)).toBeLessThanOrEqual(0.25);
    expect(lid?.onMin).toBe(8 * 60);
    expect((lid?.onMin ?? NaN) + (lid?.offMin ?? NaN)).toBeCloseTo(minutes?.p50 ?? NaN, -2);
  });
});
