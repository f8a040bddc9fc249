import { KELVIN_AT_0_C } from '../quantity/index.ts';

/**
 * Saturation line of water: IAPWS Industrial Formulation 1997, region 4.
 * Constants n1…n10 of the release (IAPWS R7-97, table 34), from memory; the release's own check
 * values and Debian's `python3-iapws` hold them in the tests.
 */
const N1 = 0.11670521452767e4;
const N2 = -0.72421316703206e6;
const N3 = -0.17073846940092e2;
const N4 = 0.1202082470247e5;
const N5 = -0.32325550322333e7;
const N6 = 0.1491510861353e2;
const N7 = -0.48232657361591e4;
const N8 = 0.40511340542057e6;
const N9 = -0.23855557567849;
const N10 = 0.65017534844798e3;

/** Limits of region 4: the triple point's pressure and the critical point. */
const LEAST_PRESSURE_PA = 611.213;
const MOST_PRESSURE_PA = 22.064e6;
const LEAST_TEMPERATURE_C = 0;
const MOST_TEMPERATURE_C = 373.946;

/**
 * Temperature at which pure water boils, in °C.
 * @param pressurePa absolute pressure, 611.213 Pa to 22.064 MPa
 * @throws RangeError outside that range
 */
export function saturationTemperatureC(pressurePa: number): number {
  if (!(pressurePa >= LEAST_PRESSURE_PA && pressurePa <= MOST_PRESSURE_PA)) {
    throw new RangeError(
      `Water has no boiling point at ${pressurePa} Pa; use 611.213 Pa to 22.064 MPa`,
    );
  }
  const beta = (pressurePa / 1e6) ** 0.25;
  const e = beta * beta + N3 * beta + N6;
  const f = N1 * beta * beta + N4 * beta + N7;
  const g = N2 * beta * beta + N5 * beta + N8;
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const tempK = (N10 + d - Math.sqrt((N10 + d) ** 2 - 4 * (N9 + N10 * d))) / 2;
  return tempK - KELVIN_AT_0_C;
}

/**
 * Vapour pressure of pure water, in Pa.
 * @param tempC 0 to 373.946 °C
 * @throws RangeError outside that range
 */
export function saturationPressurePa(tempC: number): number {
  if (!(tempC >= LEAST_TEMPERATURE_C && tempC <= MOST_TEMPERATURE_C)) {
    throw new RangeError(`Water has no vapour pressure at ${tempC} °C; use 0 to 373.946 °C`);
  }
  const tempK = tempC + KELVIN_AT_0_C;
  const theta = tempK + N9 / (tempK - N10);
  const a = theta * theta + N1 * theta + N2;
  const b = N3 * theta * theta + N4 * theta + N5;
  const c = N6 * theta * theta + N7 * theta + N8;
  return 1e6 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}
