import fc from 'fast-check';
import { ambientOf, pressureAtAltitudePa, saturationTemperatureC } from '../ambient/index.ts';
import { massOf, NOTHING, solublesPctOf, syrupBrixOf, type Contents } from '../formula/index.ts';
import { celsiusToFahrenheit, convert } from '../quantity/index.ts';
import { gnuUnits } from '../test/gnuUnits.ts';
import { boiledDownTo, boilingPointC, solublesPctBoilingAt } from './boilingPoint.ts';
import { inverted, USUAL_INVERT_SHARE } from './inversion.ts';
import { ruleStopC } from './stop.ts';
import { waterActivity } from './waterActivity.ts';

const SEA_LEVEL = pressureAtAltitudePa(0);

const sucroseSyrup = (brix: number): Contents => ({ ...NOTHING, sucrose: brix, water: 100 - brix });

const elevationK = (batch: Contents): number =>
  boilingPointC(batch, SEA_LEVEL) - saturationTemperatureC(SEA_LEVEL);

describe('boiling point of sucrose syrups', () => {
  // GNU units `sugar_conc_bpe`: the elevation table after Starzak & Peacock, Zuckerindustrie 122.
  test.each([30, 40, 50, 60, 65, 70])(
    '%d °Brix is within 0.1 K of the table in Debian’s units',
    (brix) => {
      const tabled = gnuUnits(`sugar_conc_bpe(${brix})`, 'K');
      expect(Math.abs(elevationK(sucroseSyrup(brix)) - tabled)).toBeLessThanOrEqual(0.1);
    },
  );

  test('75 °Brix is within 0.2 K of the same table', () => {
    const tabled = gnuUnits('sugar_conc_bpe(75)', 'K');
    expect(Math.abs(elevationK(sucroseSyrup(75)) - tabled)).toBeLessThanOrEqual(0.2);
  });
});

describe('the trade’s rule', () => {
  const pctAtRule = (invertShare: number) => {
    const syrup = inverted(sucroseSyrup(60), invertShare);
    const rule = ruleStopC(ambientOf({ altitudeM: 0, waterBoilsC: null }));
    return solublesPctBoilingAt(syrup, rule, SEA_LEVEL);
  };

  test('boiling water + 8 °F means about 65 % soluble solids at a fifth inverted', () => {
    expect(Math.abs(pctAtRule(USUAL_INVERT_SHARE.value) - 65)).toBeLessThanOrEqual(1);
  });

  // Common practice: the rule is trusted from hardly to half inverted.
  test.each([0, 0.1, 0.3, 0.5])('at %d inverted it stays within 61 to 68 %%', (share) => {
    expect(pctAtRule(share)).toBeGreaterThanOrEqual(61);
    expect(pctAtRule(share)).toBeLessThanOrEqual(68);
  });

  // Extension table of gelling points by altitude, quoted from memory, ± 0.7 °F.
  test.each([
    [0, 220],
    [1000, 218],
    [2000, 216],
    [3000, 214],
    [4000, 212],
    [5000, 211],
    [6000, 209],
    [7000, 207],
    [8000, 205],
  ])('at %d ft it gives %d °F', (altitudeFt, tempF) => {
    const ambient = ambientOf({ altitudeM: convert(altitudeFt, 'ft', 'm'), waterBoilsC: null });
    expect(Math.abs(celsiusToFahrenheit(ruleStopC(ambient)) - tempF)).toBeLessThanOrEqual(0.7);
  });
});

describe('properties', () => {
  const grams = (max: number) => fc.double({ min: 0, max, noNaN: true });
  const batches = fc.record({
    water: fc.double({ min: 100, max: 2000, noNaN: true }),
    sucrose: fc.double({ min: 10, max: 2000, noNaN: true }),
    hexoses: grams(500),
    otherSolubles: grams(100),
    insolubles: grams(100),
    fat: grams(20),
    egg: grams(20),
  });

  test('water activity lies between 0 and 1, and falls as water leaves', () => {
    fc.assert(
      fc.property(batches, (batch) => {
        const here = waterActivity(batch);
        expect(here).toBeGreaterThan(0);
        expect(here).toBeLessThan(1);
        expect(waterActivity({ ...batch, water: batch.water * 0.9 })).toBeLessThan(here);
      }),
    );
  });

  test('pieces never change the boiling point', () => {
    fc.assert(
      fc.property(batches, (batch) => {
        expect(boilingPointC({ ...batch, insolubles: 0, fat: 0, egg: 0 }, SEA_LEVEL)).toBe(
          boilingPointC(batch, SEA_LEVEL),
        );
      }),
    );
  });

  test('a boiling point leads back to the solids it came from', () => {
    fc.assert(
      fc.property(batches, (batch) => {
        fc.pre(syrupBrixOf(batch) < 94);
        const tempC = boilingPointC(batch, SEA_LEVEL);
        expect(solublesPctBoilingAt(batch, tempC, SEA_LEVEL)).toBeCloseTo(solublesPctOf(batch), 4);
      }),
    );
  });

  test('inversion keeps the mass and makes sugar heavier by the water it takes up', () => {
    fc.assert(
      fc.property(batches, fc.double({ min: 0, max: 1, noNaN: true }), (batch, share) => {
        const after = inverted(batch, share);
        expect(massOf(after)).toBeCloseTo(massOf(batch), 8);
        // 342.30 g of sucrose become 360.31 g of hexoses: molar masses, CRC Handbook, from memory.
        expect(after.hexoses - batch.hexoses).toBeCloseTo(
          batch.sucrose * share * (360.315 / 342.3),
          6,
        );
      }),
    );
  });

  test('boiling down changes nothing but the water', () => {
    const batch = {
      ...NOTHING,
      water: 800,
      sucrose: 500,
      hexoses: 100,
      otherSolubles: 30,
      insolubles: 40,
    };
    const done = boiledDownTo(batch, 65);
    expect(solublesPctOf(done)).toBeCloseTo(65, 10);
    expect({ ...done, water: 0 }).toEqual({ ...batch, water: 0 });
    expect(syrupBrixOf(done)).toBeGreaterThan(65);
  });
});

describe('refusals', () => {
  test('a batch without water has no boiling point', () => {
    expect(() => boilingPointC({ ...NOTHING, sucrose: 100 }, SEA_LEVEL)).toThrow('without water');
  });

  test('a temperature below boiling water has no soluble solids', () => {
    expect(() => solublesPctBoilingAt(sucroseSyrup(50), 99, SEA_LEVEL)).toThrow(
      'not above boiling water',
    );
  });

  test('a temperature far beyond jam is refused', () => {
    expect(() => solublesPctBoilingAt(sucroseSyrup(50), 170, SEA_LEVEL)).toThrow('95 °Brix');
  });
});
