import type { Contents } from '../formula/index.ts';
import { constant, fromMemory } from '../quantity/index.ts';

const NORRISH = fromMemory(
  'Norrish form, refitted at the boil to the sucrose elevation table in GNU units (Starzak & Peacock)',
);

/** Norrish constants at the boil. The 25 °C values, 6.47 and 2.25, are too high there. */
export const NORRISH_SUCROSE = constant(5.1, '1', NORRISH);
export const NORRISH_HEXOSE = constant(1.77, '1', NORRISH);

export const MOLAR_MASS_WATER = constant(18.015, 'g/mol', fromMemory('CRC Handbook'));
export const MOLAR_MASS_SUCROSE = constant(342.3, 'g/mol', fromMemory('CRC Handbook'));
export const MOLAR_MASS_HEXOSE = constant(180.16, 'g/mol', fromMemory('CRC Handbook'));

const ROOT_K_SUCROSE = Math.sqrt(NORRISH_SUCROSE.value);
const ROOT_K_HEXOSE = Math.sqrt(NORRISH_HEXOSE.value);

/**
 * Water activity of the syrup, 0 to 1: a_w = x_w · exp(−(Σ √Kᵢ·xᵢ)²), mole fractions over water and
 * solutes. Hexoses and all other solubles count as hexose; pieces do nothing.
 * @returns 0 to 1
 */
export function waterActivity({ water, sucrose, hexoses, otherSolubles }: Contents): number {
  const nWater = water / MOLAR_MASS_WATER.value;
  const nSucrose = sucrose / MOLAR_MASS_SUCROSE.value;
  const nHexose = (hexoses + otherSolubles) / MOLAR_MASS_HEXOSE.value;
  const n = nWater + nSucrose + nHexose;
  const pull = (ROOT_K_SUCROSE * nSucrose + ROOT_K_HEXOSE * nHexose) / n;
  return (nWater / n) * Math.exp(-pull * pull);
}
