import type { AcidId } from '../larder/index.ts';
import { fromMemory } from '../quantity/index.ts';

/** One acid: its dissociation constants (25 °C) and how it is weighed. */
export type Acid = {
  readonly id: AcidId;
  readonly pKa: readonly number[];
  /** g/mol, without water of crystallisation. */
  readonly molarMass: number;
  /** Protons that a titration to pH 8.2 takes. */
  readonly titrated: number;
};

export const ACID_SOURCE = fromMemory('CRC Handbook of Chemistry and Physics, 25 °C');

export const ACIDS_BY_ID: { readonly [id in AcidId]: Acid } = {
  citric: { id: 'citric', pKa: [3.13, 4.76, 6.4], molarMass: 192.12, titrated: 3 },
  malic: { id: 'malic', pKa: [3.4, 5.11], molarMass: 134.09, titrated: 2 },
  tartaric: { id: 'tartaric', pKa: [3.04, 4.37], molarMass: 150.09, titrated: 2 },
  acetic: { id: 'acetic', pKa: [4.76], molarMass: 60.05, titrated: 1 },
  phosphoric: { id: 'phosphoric', pKa: [2.15, 7.2, 12.35], molarMass: 98, titrated: 2 },
};

export const ACID_IDS = Object.keys(ACIDS_BY_ID) as readonly AcidId[];

const DISSOCIATION: { readonly [id in AcidId]: readonly number[] } = {
  citric: constantsOf('citric'),
  malic: constantsOf('malic'),
  tartaric: constantsOf('tartaric'),
  acetic: constantsOf('acetic'),
  phosphoric: constantsOf('phosphoric'),
};

function constantsOf(id: AcidId): readonly number[] {
  return ACIDS_BY_ID[id].pKa.map((pKa) => 10 ** -pKa);
}

/**
 * Mean negative charge of one molecule of an acid, 0 to its number of protons.
 * @param hydrogen [H⁺], mol per kg of water
 */
export function meanCharge(id: AcidId, hydrogen: number): number {
  let term = 1;
  let sum = 1;
  let charge = 0;
  let lost = 0;
  for (const constant of DISSOCIATION[id]) {
    term *= constant / hydrogen;
    lost++;
    sum += term;
    charge += lost * term;
  }
  return charge / sum;
}
