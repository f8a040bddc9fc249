/** Temperatures as points and as differences. Celsius inside, Fahrenheit at the edges. */

export const KELVIN_AT_0_C = 273.15;

/** A temperature of °C in °F. */
export const celsiusToFahrenheit = (tempC: number): number => tempC * 1.8 + 32;
/** A temperature of °F in °C. */
export const fahrenheitToCelsius = (tempF: number): number => (tempF - 32) / 1.8;

/**
 * A *difference* of temperatures: 8 °F above boiling water is 4.4 °C above it.
 * @param deltaK a difference, K
 * @returns a difference, °F
 */
export const fahrenheitDegrees = (deltaK: number): number => deltaK * 1.8;
/** A difference of degrees Fahrenheit in K. */
export const celsiusDegrees = (deltaF: number): number => deltaF / 1.8;
