import { celsiusToFahrenheit, fahrenheitToCelsius, type TemperatureScale } from '@idle-kettle/core';

/** A temperature as a number on the household’s scale. */
export const inScale = (tempC: number, scale: TemperatureScale): number =>
  scale === 'C' ? tempC : celsiusToFahrenheit(tempC);

/** What somebody read off that scale, in °C. */
export const fromScale = (value: number, scale: TemperatureScale): number =>
  scale === 'C' ? value : fahrenheitToCelsius(value);
