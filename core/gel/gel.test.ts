import fc from 'fast-check';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import {
  acidLoadOf,
  gramsToReach,
  inWater,
  NO_ACID,
  pHOf,
  plusLoad,
  pureAcid,
  type AcidLoad,
} from './acidity.ts';
import { ACID_IDS, ACIDS_BY_ID, meanCharge } from './acids.ts';
import { NOTHING } from '../formula/index.ts';
import { butterRatio, curdRatio } from './body.ts';
import { LOW_METHOXYL_PECTIN, lowMethoxylRatio } from './lowMethoxyl.ts';
import {
  needByPH,
  needBySolubles,
  needCurves,
  pectinNeededPct,
  setClassOf,
  STANDARD_GEL_PECTIN,
} from './pectin.ts';

/** Moles of an acid with `cations` moles of a strong base, in water. */
const solution = (
  id: keyof typeof ACIDS_BY_ID,
  moles: number,
  waterG: number,
  cations = 0,
): AcidLoad => ({
  ...inWater(pureAcid(id, moles * ACIDS_BY_ID[id].molarMass), waterG),
  cations,
});

describe('pH by charge balance', () => {
  // Textbook values for the pKa of the CRC Handbook, without activity corrections.
  test.each([
    ['5 % acetic acid', solution('acetic', 50 / 60.05, 950), 2.41],
    ['0.1 mol/kg citric acid', solution('citric', 0.1, 1000), 2.08],
    ['half-neutralised acetic acid', solution('acetic', 0.1, 1000, 0.05), 4.76],
    ['equal moles of mono- and disodium citrate', solution('citric', 0.1, 1000, 0.15), 4.76],
    ['pure water', inWater(NO_ACID, 1000), 7],
  ])('%s', (_, load, pH) => {
    expect(Math.abs(pHOf(load) - pH)).toBeLessThanOrEqual(0.015);
  });

  test('the mean charge runs from none to every proton', () => {
    for (const id of ACID_IDS) {
      expect(meanCharge(id, 1e3)).toBeCloseTo(0, 3);
      expect(meanCharge(id, 1e-15)).toBeCloseTo(ACIDS_BY_ID[id].pKa.length, 2);
    }
  });

  const readings = fc.record({
    pH: fc.double({ min: 2.2, max: 6, noNaN: true }),
    taPct: fc.double({ min: 0.8, max: 6, noNaN: true }),
    acids: fc.constantFrom(
      [['citric', 1]] as const,
      [
        ['malic', 0.7],
        ['citric', 0.3],
      ] as const,
    ),
  });
  const loads = fc
    .tuple(readings, fc.double({ min: 10, max: 3000, noNaN: true }))
    .map(([reading, massG]) => acidLoadOf(reading, massG, massG * 0.87));

  test('a food alone has the pH it was read at', () => {
    fc.assert(
      fc.property(readings, (reading) => {
        expect(pHOf(acidLoadOf(reading, 1000, 870))).toBeCloseTo(reading.pH, 4);
      }),
    );
  });

  test('stirring together is free of order, and lies between the two', () => {
    fc.assert(
      fc.property(loads, loads, (a, b) => {
        const mixed = pHOf(plusLoad(a, b));
        expect(pHOf(plusLoad(b, a))).toBe(mixed);
        expect(mixed).toBeGreaterThanOrEqual(Math.min(pHOf(a), pHOf(b)) - 1e-5);
        expect(mixed).toBeLessThanOrEqual(Math.max(pHOf(a), pHOf(b)) + 1e-5);
      }),
    );
  });

  test('more acid never raises the pH, and at the pH found the charges balance', () => {
    fc.assert(
      fc.property(loads, fc.double({ min: 0, max: 50, noNaN: true }), (load, citricG) => {
        const sourer = plusLoad(load, pureAcid('citric', citricG));
        const pH = pHOf(sourer);
        expect(pH).toBeLessThanOrEqual(pHOf(load) + 1e-6);
        const hydrogen = 10 ** -pH;
        const negative = ACID_IDS.reduce(
          (sum, id) => sum + sourer.moles[id] * meanCharge(id, hydrogen),
          0,
        );
        const positive = sourer.cations + (hydrogen - 1e-14 / hydrogen) * sourer.waterKg;
        expect(Math.abs(negative - positive)).toBeLessThanOrEqual(1e-6 * Math.max(1e-3, positive));
      }),
    );
  });

  test('the inverse leads to the pH that was asked for', () => {
    fc.assert(
      fc.property(loads, (load) => {
        const target = pHOf(load) - 0.3;
        const grams = gramsToReach(load, pureAcid('citric', 1), target, 500);
        if (grams === null) return;
        expect(pHOf(plusLoad(load, pureAcid('citric', grams)))).toBeCloseTo(target, 2);
      }),
    );
    expect(gramsToReach(inWater(NO_ACID, 1000), pureAcid('citric', 1), 7.5, 10)).toBe(0);
    expect(gramsToReach(inWater(NO_ACID, 1000), pureAcid('citric', 1), 0.5, 10)).toBeNull();
  });

  test('without water there is no pH', () => {
    expect(() => pHOf(NO_ACID)).toThrow('Without water');
  });
});

describe('melon and lemon juice (common practice: it takes ten times a tablespoon)', () => {
  const load = (id: string, massG: number): AcidLoad => {
    const { sour, make } = findIngredient(id) as Ingredient;
    if (!sour) throw new Error(`${id} is not sour`);
    const water = (massG * (100 - make.solublesPct.typical - make.insolublesPct.typical)) / 100;
    return acidLoadOf(
      { pH: sour.pH.typical, taPct: sour.taPct.typical, acids: sour.acids },
      massG,
      water,
    );
  };

  test('2.27 kg of melon with 22 mL of lemon juice stays above pH 5 by the middle of its ranges', () => {
    expect(pHOf(plusLoad(load('melon', 2270), load('lemon-juice', 22.7)))).toBeGreaterThan(5);
  });

  test('and needs several times as much for pH 4.2', () => {
    const grams = gramsToReach(load('melon', 2270), load('lemon-juice', 1), 4.2, 2000);
    expect(grams).not.toBeNull();
    expect((grams ?? NaN) / 22.7).toBeGreaterThan(3);
    expect((grams ?? NaN) / 22.7).toBeLessThan(15);
  });
});

describe('pectin needed', () => {
  test('a standard gel needs 0.43 g per 100 g at 65 % and pH 3.1', () => {
    expect(STANDARD_GEL_PECTIN.value).toBeCloseTo(0.433, 3);
    expect(pectinNeededPct(65, 3.1)).toBeCloseTo(STANDARD_GEL_PECTIN.value, 9);
  });

  test('falls as solids rise, and rises away from the best pH', () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 74, noNaN: true }), (pct) => {
        expect(needBySolubles(pct)).toBeGreaterThan(needBySolubles(pct + 0.5));
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 3.2, max: 6, noNaN: true }), (pH) => {
        expect(needByPH(pH + 0.05)).toBeGreaterThan(needByPH(pH));
      }),
    );
    expect(needByPH(4.4)).toBeGreaterThan(10);
  });

  test.each([
    [0.3, 'pours'],
    [0.6, 'loose'],
    [1, 'soft'],
    [1.5, 'firm'],
    [2.5, 'slices'],
  ])('holding %d of what it needs, it %s', (ratio, set) => {
    expect(setClassOf(ratio)).toBe(set);
  });
});

/**
 * Points of the curves as the trade's judgement has them before anything is fitted; the curve
 * between them is smooth.
 */
describe('the curves of need', () => {
  const prior = needCurves({});

  test.each([
    [50, 4],
    [55, 1.9],
    [60, 1.25],
    [65, 1],
    [68, 0.9],
  ])('at %d %% soluble solids, before the fit: %d', (pct, need) => {
    expect(prior.bySolubles(pct)).toBeCloseTo(need, 9);
  });

  test.each([
    [2.8, 1.05],
    [3, 1],
    [3.2, 1],
    [3.4, 1.35],
    [3.6, 2.5],
  ])('at pH %d, before the fit: %d', (pH, need) => {
    expect(prior.byPH(pH)).toBeCloseTo(need, 2);
  });

  test('the fit leaves them where a standard gel is, and moves no point by more than a factor of two', () => {
    expect(needBySolubles(65)).toBe(1);
    for (const pct of [50, 55, 60, 65, 68]) {
      expect(Math.abs(Math.log2(needBySolubles(pct) / prior.bySolubles(pct)))).toBeLessThan(1);
    }
    for (const pH of [2.8, 3.1, 3.4, 3.6, 4]) {
      expect(Math.abs(Math.log2(needByPH(pH) / prior.byPH(pH)))).toBeLessThan(1);
    }
  });

  test('have no kinks: the slope changes little from step to step', () => {
    const slope = (pct: number) =>
      Math.log(needBySolubles(pct + 0.01) / needBySolubles(pct)) / 0.01;
    for (let pct = 48; pct < 74; pct += 0.1) {
      expect(Math.abs(slope(pct + 0.1) - slope(pct))).toBeLessThan(0.02);
    }
  });
});

/** Makers’ usual doses: 0.5–1.2 % pectin, 15–45 mg calcium a gram, 10–55 % solids, pH 2.8–4.5. */
describe('low-methoxyl pectin', () => {
  const usual = {
    pectinPct: LOW_METHOXYL_PECTIN.value,
    calciumMgPerG: 30,
    solublesPct: 30,
    pH: 3.5,
  };

  test('sugar is free inside the window', () => {
    for (const solublesPct of [10, 30, 55]) {
      expect(lowMethoxylRatio({ ...usual, solublesPct })).toBeCloseTo(1, 9);
    }
  });

  test.each([
    ['too little calcium', { calciumMgPerG: 5 }],
    ['too much calcium', { calciumMgPerG: 120 }],
    ['too much sugar', { solublesPct: 68 }],
    ['too little acid', { pH: 5.5 }],
    ['half the pectin', { pectinPct: 0.32 }],
  ])('%s weakens it', (_, change) => {
    expect(lowMethoxylRatio({ ...usual, ...change })).toBeLessThan(0.75);
  });
});

describe('butters and curds', () => {
  test('a sweet butter near 31 % and a plain one near 27 % both mound (common practice)', () => {
    const sweet = { ...NOTHING, hexoses: 310, insolubles: 12, water: 678 };
    const plain = { ...NOTHING, hexoses: 265, insolubles: 34, water: 701 };
    expect(butterRatio(sweet, 5.5)).toBeCloseTo(1, 1);
    expect(butterRatio(plain, 16)).toBeCloseTo(1, 1);
    const sauce = { ...NOTHING, hexoses: 110, insolubles: 15, water: 875 };
    expect(setClassOf(butterRatio(sauce, 6))).toBe('pours');
  });

  test('four eggs and seven yolks to a cup of juice stand; two eggs do not (common practice)', () => {
    const curd = (egg: number) => ({ ...NOTHING, sucrose: 500, fat: 140, water: 500, egg });
    expect(setClassOf(curdRatio(curd(110)))).toBe('firm');
    expect(setClassOf(curdRatio(curd(23)))).toBe('pours');
  });
});
