import { say } from '@idle-kettle/words';
import {
  convert,
  filledMl,
  readAmount,
  readLine,
  type JarMeasure,
  type UnitSystem,
} from '@idle-kettle/core';

/** How a kitchen types the sizes of its things; what is kept is metric. */
type Shown = {
  readonly length: 'in' | 'cm';
  readonly capacity: 'qt' | 'L';
  /** The weight that prices are for. */
  readonly price: 'lb' | 'kg';
};

export const SHOWN: { readonly [system in UnitSystem]: Shown } = {
  us: { length: 'in', capacity: 'qt', price: 'lb' },
  metric: { length: 'cm', capacity: 'L', price: 'kg' },
};

const CM: { readonly [unit in Shown['length']]: number } = { in: 2.54, cm: 1 };
const ML: { readonly [unit in Shown['capacity']]: number } = {
  qt: convert(1, 'quart', 'mL'),
  L: 1000,
};
const G: { readonly [unit in Shown['price']]: number } = { lb: convert(1, 'lb', 'g'), kg: 1000 };

const typed = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

/** NaN, which the contract refuses, for what is no number. */
const number = (text: string): number => readAmount(text) ?? NaN;

/** A length as it is typed: `14.17`, `36`. */
export const lengthTyped = (cm: number, system: UnitSystem): string =>
  typed(cm / CM[SHOWN[system].length], 2);

/** cm, to a millimetre, so that what is not touched stays as it was. */
export const lengthCm = (text: string, system: UnitSystem): number =>
  Number((number(text) * CM[SHOWN[system].length]).toFixed(1));

const areaCm2 = (widthCm: number): number => Math.PI * (widthCm / 2) ** 2;

/**
 * What a pot holds to its brim.
 * @returns mL
 */
export const potMl = (diameterCm: number, heightCm: number): number =>
  areaCm2(diameterCm) * heightCm;

/** What a pot holds to its brim, as it is typed; blank where its size is no size yet. */
export function capacityTyped(width: string, height: string, system: UnitSystem): string {
  const ml = potMl(lengthCm(width, system), lengthCm(height, system));
  return ml > 0 ? typed(ml / ML[SHOWN[system].capacity], 1) : '';
}

/** The size of a pot as it is typed. */
export function potTyped(diameterCm: number, heightCm: number, system: UnitSystem) {
  const [width, height] = [lengthTyped(diameterCm, system), lengthTyped(heightCm, system)];
  return { width, height, holds: capacityTyped(width, height, system) };
}

/** How high a pot of this width is that holds so much; null where either is no number. */
export function heightFor(width: string, holds: string, system: UnitSystem): string | null {
  const cm = (number(holds) * ML[SHOWN[system].capacity]) / areaCm2(lengthCm(width, system));
  return Number.isFinite(cm) && cm > 0 ? lengthTyped(cm, system) : null;
}

const FL_OZ_ML = convert(1, 'fl oz', 'mL');
const OZ_G = convert(1, 'oz', 'g');

/** How much goes in a jar, as it is typed: `8` fluid ounces, `237` mL. */
export const jarSizeTyped = (volumeMl: number, system: UnitSystem): string =>
  typed(system === 'us' ? volumeMl / FL_OZ_ML : volumeMl, 2);

/**
 * How much goes in a jar, mL, from its size as it is sold: ounces of a US kitchen, mL and grams.
 */
export function jarMl(text: string, measure: JarMeasure, system: UnitSystem): number {
  const [volume, weight] = system === 'us' ? [FL_OZ_ML, OZ_G] : [1, 1];
  return Math.round(filledMl(number(text) * (measure === 'net' ? weight : volume), measure));
}

/** The price of the weight that this kitchen buys by, in the smallest coin. */
export const minorPerUnit = (minorPerKg: number, system: UnitSystem): number =>
  (minorPerKg * G[SHOWN[system].price]) / 1000;

/** The same, as it is typed. */
export const priceTyped = (minorPerKg: number, system: UnitSystem): string =>
  (minorPerUnit(minorPerKg, system) / 100).toFixed(2);

/** The price of a kilogram from what is typed, in the smallest coin. */
export const minorPerKg = (text: string, system: UnitSystem): number =>
  Math.round((number(text) * 100_000) / G[SHOWN[system].price]);

/**
 * How much of something there is, g, as a cook writes it: `5 lb`, `2 boxes`; a bare number is
 * grams.
 */
export function gramsTyped(text: string, ingredient: string): number {
  const bare = readAmount(text);
  if (bare !== null) return bare;
  const reading = readLine(`${text} ${ingredient}`);
  return reading.understood ? Math.round(reading.massG.typical) : NaN;
}

/** `5 lb or 2 kg`: what may be typed for an amount. */
export const amountHint = (system: UnitSystem): string =>
  system === 'us' ? say('kitchen.amountLikeUs') : say('kitchen.amountLikeMetric');
