import { formatQuantity } from 'format-quantity';
import { convert, type UnitId } from './units.ts';
import { celsiusToFahrenheit, fahrenheitDegrees } from './temperature.ts';

/** How a household likes to read its quantities. */
export type UnitSystem = 'metric' | 'us';
/** The scale that a kitchen reads its thermometers in. */
export type TemperatureScale = 'C' | 'F';

let grouping: Intl.NumberFormat | undefined;
/**
 * With commas between thousands. Made once, and by whoever needs it first: making one costs more
 * than a plan’s worth of sums.
 */
const grouped = (value: number): string =>
  (grouping ??= new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 })).format(value);

const CM_PER_INCH = 2.54;

const trimmed = (value: number, decimals: number): string =>
  String(Number(value.toFixed(decimals)));

let listing: Intl.ListFormat | undefined;

/** Names as they are said: `peach`, `peach and cherry`, `peach, cherry and plum`. */
export const listed = (names: readonly string[]): string =>
  (listing ??= new Intl.ListFormat('en-GB')).format(names);

/** A number with its fraction as it is, where there is a sign for it: `5⅓`, `2½`. */
export const exactFraction = (value: number): string =>
  value === 0 ? '0' : (formatQuantity(value, { vulgarFractions: true }) ?? trimmed(value, 2));

/** To the nearest eighth, as cups and spoons are marked: `1½`, `¾`, `8⅛`. */
export const kitchenFraction = (value: number): string => exactFraction(Math.round(value * 8) / 8);

/** Grams as a scale shows them: whole grams, and a tenth below 10 g. */
export function formatGrams(massG: number): string {
  return massG < 10 ? `${trimmed(massG, 1)} g` : `${grouped(massG)} g`;
}

/** A tenth of an ounce, g. */
const LEAST_OZ_G = 2.8;

/** A mass for reading: `1.4 kg`, `850 g`, `3 lb 1.4 oz`, `7.5 oz`; of a little, `0.7 g`. */
export function formatMass(massG: number, system: UnitSystem): string {
  if (system === 'metric') {
    return massG >= 1000 ? `${trimmed(massG / 1000, 2)} kg` : formatGrams(massG);
  }
  // A scale in ounces shows nothing of a spice.
  if (massG < LEAST_OZ_G) return formatGrams(massG);
  const tenthsOfOz = Math.round(convert(massG, 'g', 'oz') * 10);
  const lb = Math.floor(tenthsOfOz / 160);
  const oz = trimmed((tenthsOfOz - lb * 160) / 10, 1);
  if (lb === 0) return `${oz} oz`;
  return oz === '0' ? `${lb} lb` : `${lb} lb ${oz} oz`;
}

/** A volume for reading: `1.84 L`, `350 mL`, `7¾ cups`, `1½ tbsp`. */
export function formatVolume(volumeMl: number, system: UnitSystem): string {
  if (system === 'metric') {
    return volumeMl >= 1000 ? `${trimmed(volumeMl / 1000, 2)} L` : `${Math.round(volumeMl)} mL`;
  }
  const steps: readonly [UnitId, number][] = [
    ['cup', 0.25],
    ['tbsp', 1],
    ['tsp', 0],
  ];
  for (const [unit, least] of steps) {
    const value = convert(volumeMl, 'mL', unit);
    if (value >= least) {
      const text = kitchenFraction(value);
      return `${text} ${unit === 'cup' && value >= 1.0625 ? 'cups' : unit}`;
    }
  }
  return '0 tsp';
}

/** What a pot holds to its brim: `6.0 L`, `6.3 qt`. */
export const formatCapacity = (volumeMl: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${(volumeMl / 1000).toFixed(1)} L`
    : `${convert(volumeMl, 'mL', 'quart').toFixed(1)} qt`;

/** The size of a jar as jars are sold: `237 mL`, `8 fl oz`. */
export const formatJarSize = (volumeMl: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${Math.round(volumeMl)} mL`
    : `${Math.round(convert(volumeMl, 'mL', 'fl oz'))} fl oz`;

/** A temperature to a tenth of a degree: `104.4 °C`, `220.0 °F`. */
export function formatTemperature(tempC: number, scale: TemperatureScale): string {
  const value = scale === 'C' ? tempC : celsiusToFahrenheit(tempC);
  return `${value.toFixed(1)} °${scale}`;
}

/** A temperature where its scale is known, as beside a drawing: `104.4°`. */
export const formatOnScale = (tempC: number, scale: TemperatureScale): string =>
  formatTemperature(tempC, scale).replace(` °${scale}`, '°');

/**
 * A temperature difference to a tenth of a degree: `4.4 °C`, `8.0 °F`.
 * @param deltaK a difference, K
 */
export function formatDegrees(deltaK: number, scale: TemperatureScale): string {
  const value = scale === 'C' ? deltaK : fahrenheitDegrees(deltaK);
  return `${value.toFixed(1)} °${scale}`;
}

/**
 * Degrees still to climb, where the scale is known: `4.4°`; past the end with a plus.
 * @param deltaK a difference, K
 */
export function formatClimb(deltaK: number, scale: TemperatureScale): string {
  const tenths = Math.round(10 * (scale === 'C' ? deltaK : fahrenheitDegrees(deltaK)));
  return `${tenths < 0 ? '+' : ''}${(Math.abs(tenths) / 10).toFixed(1)}°`;
}

/**
 * A length of the kitchen: `36 cm`, `14⅛ in`.
 * @param lengthCm cm
 */
export const formatLength = (lengthCm: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${trimmed(lengthCm, 1)} cm`
    : `${kitchenFraction(lengthCm / CM_PER_INCH)} in`;

/** An altitude: `1,524 m`, `5,000 ft`. */
export function formatAltitude(altitudeM: number, unit: 'm' | 'ft'): string {
  return `${grouped(convert(altitudeM, 'm', unit))} ${unit}`;
}
