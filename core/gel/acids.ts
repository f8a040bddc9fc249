import type { AcidId } from '../ingredients/index.ts';
import { fromMemory, type Provenance } from '../quantity/index.ts';

/** One acid: its dissociation constants (25 °C) and how it is weighed. */
export type Acid = {
  readonly id: AcidId;
  readonly pKa: readonly number[];
  /** g/mol, without water of crystallisation. */
  readonly molarMass: number;
  /** Protons that a titration to pH 8.2 takes. */
  readonly titrated: number;
  readonly provenance: Provenance;
};

const CRC = fromMemory('CRC Handbook of Chemistry and Physics, 25 °C');

const acid = (id: AcidId, pKa: readonly number[], molarMass: number, titrated: number): Acid => ({
  id,
  pKa,
  molarMass,
  titrated,
  provenance: CRC,
});

export const ACIDS_BY_ID: { readonly [id in AcidId]: Acid } = {
  citric: acid('citric', [3.13, 4.76, 6.4], 192.12, 3),
  malic: acid('malic', [3.4, 5.11], 134.09, 2),
  tartaric: acid('tartaric', [3.04, 4.37], 150.09, 2),
  acetic: acid('acetic', [4.76], 60.05, 1),
  phosphoric: acid('phosphoric', [2.15, 7.2, 12.35], 98, 2),
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
 * @returns 0 to its number of protons
 */
export const meanCharge = (id: AcidId, hydrogen: number): number => chargeOf(id, hydrogen).mean;

/**
 * Mean and variance of the negative charge of one molecule. The variance is by how much the mean
 * falls for each unit that ln [H⁺] rises.
 * @param hydrogen [H⁺], mol per kg of water
 */
export function chargeOf(id: AcidId, hydrogen: number): { mean: number; variance: number } {
  let term = 1;
  let sum = 1;
  let charge = 0;
  let squares = 0;
  let lost = 0;
  for (const constant of DISSOCIATION[id]) {
    term *= constant / hydrogen;
    lost++;
    sum += term;
    charge += lost * term;
    squares += lost * lost * term;
  }
  const mean = charge / sum;
  return { mean, variance: squares / sum - mean * mean };
}
