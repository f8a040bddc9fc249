import { execFileSync } from 'node:child_process';
import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { celsiusToFahrenheit, convert, KELVIN_AT_0_C } from '../quantity/index.ts';
import { ambientOf } from './ambient.ts';
import { altitudeAtPressureM, pressureAtAltitudePa } from './atmosphere.ts';
import { saturationPressurePa, saturationTemperatureC } from './saturation.ts';

/** Saturation temperatures (K) at pressures (MPa), asked of Debian's python3-iapws. */
function iapwsSaturationK(pressuresMPa: readonly number[]): number[] {
  const script = `
import json
from iapws.iapws97 import _TSat_P
print(json.dumps([_TSat_P(p) for p in ${JSON.stringify(pressuresMPa)}]))`;
  return JSON.parse(
    execFileSync('/usr/bin/python3', ['-c', script], { encoding: 'utf8' }),
  ) as number[];
}

describe('saturation line of water', () => {
  // IAPWS R7-97 (2012), table 36: computer-program verification values.
  test.each([
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ])('at %d MPa water boils at %d K, as the release verifies', (pressureMPa, tempK) => {
    expect(saturationTemperatureC(pressureMPa * 1e6) + KELVIN_AT_0_C).toBeCloseTo(tempK, 5);
  });

  // IAPWS R7-97 (2012), table 35.
  test.each([
    [300, 0.353658941e-2],
    [500, 0.263889776e1],
    [600, 0.123443146e2],
  ])('at %d K its vapour pressure is %d MPa, as the release verifies', (tempK, pressureMPa) => {
    expect(saturationPressurePa(tempK - KELVIN_AT_0_C) / 1e6 / pressureMPa).toBeCloseTo(1, 8);
  });

  test('agrees with python3-iapws at kitchen pressures', () => {
    const pressures = [0.05, 0.06, 0.07, 0.08, 0.09, 0.101325, 0.105];
    const theirs = iapwsSaturationK(pressures);
    pressures.forEach((pressure, i) => {
      expect(saturationTemperatureC(pressure * 1e6) + KELVIN_AT_0_C).toBeCloseTo(
        theirs[i] as number,
        6,
      );
    });
  });

  test('agrees with psychrolib within 0.1 % of pressure from 80 to 105 °C', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let tempC = 80; tempC <= 105; tempC += 2.5) {
      expect(saturationPressurePa(tempC) / psychrolib.GetSatVapPres(tempC)).toBeCloseTo(1, 3);
    }
  });

  test('the two directions undo each other', () => {
    fc.assert(
      fc.property(fc.double({ min: 1000, max: 1e6, noNaN: true }), (pressurePa) => {
        expect(saturationPressurePa(saturationTemperatureC(pressurePa)) / pressurePa).toBeCloseTo(
          1,
          6,
        );
      }),
    );
  });

  test.each([0, -5, NaN, 3e7])('refuses a pressure of %d Pa', (pressurePa) => {
    expect(() => saturationTemperatureC(pressurePa)).toThrow(RangeError);
  });

  test.each([-1, 400, NaN])('refuses a temperature of %d °C', (tempC) => {
    expect(() => saturationPressurePa(tempC)).toThrow(RangeError);
  });
});

describe('standard atmosphere', () => {
  test('agrees with psychrolib at every altitude of a kitchen', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let altitudeM = -400; altitudeM <= 5500; altitudeM += 100) {
      expect(
        pressureAtAltitudePa(altitudeM) / psychrolib.GetStandardAtmPressure(altitudeM),
      ).toBeCloseTo(1, 4);
    }
  });

  test('altitude and pressure undo each other', () => {
    fc.assert(
      fc.property(fc.double({ min: -450, max: 5500, noNaN: true }), (altitudeM) => {
        expect(altitudeAtPressureM(pressureAtAltitudePa(altitudeM))).toBeCloseTo(altitudeM, 4);
      }),
    );
  });

  test.each([-451, 5501, NaN])('refuses an altitude of %d m', (altitudeM) => {
    expect(() => pressureAtAltitudePa(altitudeM)).toThrow(RangeError);
  });
});

describe('boiling water of a kitchen', () => {
  // Extension table, quoted from memory: boiling water by altitude, ± 0.6 °F.
  test.each([
    [0, 212],
    [2000, 208],
    [5000, 203],
    [6000, 201],
    [8000, 197],
  ])('at %d ft water boils near %d °F', (altitudeFt, tempF) => {
    const { waterBoilsC } = ambientOf({
      altitudeM: convert(altitudeFt, 'ft', 'm'),
      waterBoilsC: null,
    });
    expect(Math.abs(celsiusToFahrenheit(waterBoilsC) - tempF)).toBeLessThanOrEqual(0.6);
  });

  test('a measured reading overrides the altitude for the stop point', () => {
    const ambient = ambientOf({ altitudeM: 0, waterBoilsC: 98 });
    expect(ambient.waterBoilsC).toBe(98);
    expect(ambient.pressurePa).toBeCloseTo(saturationPressurePa(98), 6);
  });

  test('processing goes by the higher of the altitude and what the reading stands for', () => {
    expect(ambientOf({ altitudeM: 0, waterBoilsC: 95 }).processingAltitudeM).toBeGreaterThan(1400);
    expect(ambientOf({ altitudeM: 2000, waterBoilsC: 99.9 }).processingAltitudeM).toBe(2000);
  });

  test('without either, sea level is assumed and said', () => {
    expect(ambientOf({ altitudeM: null, waterBoilsC: null })).toMatchObject({
      pressurePa: 101325,
      basis: 'assumed sea level',
    });
  });
});
