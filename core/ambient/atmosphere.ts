import { constant, fromMemory } from '../quantity/index.ts';

const ISA = fromMemory('International Standard Atmosphere (ISO 2533), troposphere');

export const SEA_LEVEL_PRESSURE = constant(101325, 'Pa', ISA);
export const PRESSURE_LAPSE = constant(2.25577e-5, '1/m', ISA);
export const PRESSURE_EXPONENT = constant(5.25588, '1', ISA);

/** Lowest shore and highest settlement that the set-up accepts, in metres. */
export const LEAST_ALTITUDE_M = -450;
export const MOST_ALTITUDE_M = 5500;

/**
 * Standard air pressure at an altitude, in Pa.
 * @param altitudeM −450 to 5500 m above sea level
 * @throws RangeError outside that range
 */
export function pressureAtAltitudePa(altitudeM: number): number {
  if (!(altitudeM >= LEAST_ALTITUDE_M && altitudeM <= MOST_ALTITUDE_M)) {
    throw new RangeError(
      `Altitude ${altitudeM} m is outside ${LEAST_ALTITUDE_M} to ${MOST_ALTITUDE_M} m`,
    );
  }
  return (
    SEA_LEVEL_PRESSURE.value * (1 - PRESSURE_LAPSE.value * altitudeM) ** PRESSURE_EXPONENT.value
  );
}

/**
 * Altitude at which the standard atmosphere has this pressure, in metres: the inverse of the above.
 */
export function altitudeAtPressureM(pressurePa: number): number {
  const ratio = pressurePa / SEA_LEVEL_PRESSURE.value;
  return (1 - ratio ** (1 / PRESSURE_EXPONENT.value)) / PRESSURE_LAPSE.value;
}
