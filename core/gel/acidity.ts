import type { AcidId, Sourness } from '../ingredients/index.ts';
import { constant, fromMemory } from '../quantity/index.ts';
import { ACID_IDS, ACIDS_BY_ID, chargeOf, meanCharge } from './acids.ts';

/**
 * What makes a batch sour or not: moles of each acid, the net strong cations that hold part of them
 * back (mostly potassium), and the water they are dissolved in. Loads add; pH does not.
 */
export type AcidLoad = {
  readonly moles: { readonly [id in AcidId]: number };
  /** Strong cations less strong anions, mol of charge. */
  readonly cations: number;
  readonly waterKg: number;
};

/** Titrations of food end here. */
const TITRATION_END_PH = 8.2;
/** Ion product of water at 25 °C. */
const WATER_IONS = 1e-14;

const NO_MOLES = { citric: 0, malic: 0, tartaric: 0, acetic: 0, phosphoric: 0 };
export const NO_ACID: AcidLoad = { moles: NO_MOLES, cations: 0, waterKg: 0 };

/** One reading of something sour. */
export type SourReading = {
  readonly pH: number;
  readonly taPct: number;
  readonly acids: Sourness['acids'];
};

/**
 * Acid load of `massG` grams of something, from its pH and titratable acidity. A titratable acidity
 * too small for the pH to be so low is taken as just enough for it.
 * @param waterG how much of it is water, g
 */
export function acidLoadOf(
  { pH, taPct, acids }: SourReading,
  massG: number,
  waterG: number,
): AcidLoad {
  const main = ACIDS_BY_ID[acids[0]?.[0] ?? 'citric'];
  const equivalents = ((taPct / 100) * massG * main.titrated) / main.molarMass;
  const hydrogen = 10 ** -pH;
  const waterKg = waterG / 1000;
  const end = 10 ** -TITRATION_END_PH;
  const perMole = acids.reduce(
    (sum, [id, share]) => sum + share * (meanCharge(id, end) - meanCharge(id, hydrogen)),
    0,
  );
  const total = Math.max(0, (equivalents - hydrogen * waterKg) / perMole);
  const held = acids.reduce((sum, [id, share]) => sum + share * meanCharge(id, hydrogen), 0);
  const moles = acids.reduce(
    (sum, [id, share]) => ({ ...sum, [id]: sum[id] + share * total }),
    NO_MOLES,
  );
  return { moles, cations: total * held + (WATER_IONS / hydrogen - hydrogen) * waterKg, waterKg };
}

/** A pure acid, such as citric acid powder, dry. */
export const pureAcid = (id: AcidId, massG: number): AcidLoad => ({
  moles: { ...NO_MOLES, [id]: massG / ACIDS_BY_ID[id].molarMass },
  cations: 0,
  waterKg: 0,
});

/** Two loads stirred together. */
export function plusLoad(a: AcidLoad, b: AcidLoad): AcidLoad {
  return {
    moles: {
      citric: a.moles.citric + b.moles.citric,
      malic: a.moles.malic + b.moles.malic,
      tartaric: a.moles.tartaric + b.moles.tartaric,
      acetic: a.moles.acetic + b.moles.acetic,
      phosphoric: a.moles.phosphoric + b.moles.phosphoric,
    },
    cations: a.cations + b.cations,
    waterKg: a.waterKg + b.waterKg,
  };
}

/** The same load in more or less water: diluted, or boiled down. */
export const inWater = (load: AcidLoad, waterG: number): AcidLoad => ({
  ...load,
  waterKg: waterG / 1000,
});

/**
 * How readily acetic acid leaves with the steam, over water: a thin solution that boils to half its
 * water keeps about two thirds of it. Fruit acids stay.
 */
const ACETIC_VOLATILITY = constant(
  0.65,
  '1',
  fromMemory('relative volatility of acetic acid in dilute boiling water, 0.6 to 0.75'),
);

/**
 * The load after boiling down to so much water, from the water it holds: acetic acid leaves with
 * the steam.
 */
export function boiledTo(load: AcidLoad, waterG: number): AcidLoad {
  const left = waterG / 1000 / load.waterKg;
  const boiled = inWater(load, waterG);
  if (!(left < 1) || load.moles.acetic === 0) return boiled;
  const acetic = load.moles.acetic * left ** ACETIC_VOLATILITY.value;
  return { ...boiled, moles: { ...load.moles, acetic } };
}

/**
 * Surplus of negative charge at this [H⁺], mol, and how it grows with each unit of pH. It rises
 * with pH, and is zero at the batch's.
 */
function surplus(load: AcidLoad, hydrogen: number): { charge: number; perPH: number } {
  const hydroxide = WATER_IONS / hydrogen;
  let charge = (hydroxide - hydrogen) * load.waterKg - load.cations;
  let slope = (hydroxide + hydrogen) * load.waterKg;
  for (const id of ACID_IDS) {
    const moles = load.moles[id];
    if (moles === 0) continue;
    const { mean, variance } = chargeOf(id, hydrogen);
    charge += moles * mean;
    slope += moles * variance;
  }
  return { charge, perPH: slope * Math.LN10 };
}

/**
 * Titratable acidity, g of citric acid per 100 g: what is told by the tongue.
 * @param massG of the batch, g
 */
export function titratablePct(load: AcidLoad, massG: number): number {
  const end = 10 ** -TITRATION_END_PH;
  const charges = ACID_IDS.reduce((sum, id) => sum + load.moles[id] * meanCharge(id, end), 0);
  const { titrated, molarMass } = ACIDS_BY_ID.citric;
  return ((100 * Math.max(0, charges - load.cations)) / massG / titrated) * molarMass;
}

const LEAST_PH = 0;
const MOST_PH = 14;
const TOLERANCE_PH = 1e-7;
/** Where fruit lies, to start from. */
const LIKELY_PH = 3.3;

/**
 * pH at which the charges balance, 0 to 14: Newton's method, halving the bracket where a step
 * leaves it. Throws RangeError for a load without water.
 * @returns 0 to 14
 */
export function pHOf(load: AcidLoad): number {
  if (!(load.waterKg > 0)) throw new RangeError('Without water there is no pH');
  let [low, high] = [LEAST_PH, MOST_PH];
  let pH = LIKELY_PH;
  while (high - low > TOLERANCE_PH) {
    const { charge, perPH } = surplus(load, 10 ** -pH);
    if (charge === 0) return pH;
    if (charge < 0) low = pH;
    else high = pH;
    const step = -charge / perPH;
    const next = pH + step;
    if (next > low && next < high) {
      if (Math.abs(step) < TOLERANCE_PH) return next;
      pH = next;
    } else {
      pH = (low + high) / 2;
    }
  }
  return (low + high) / 2;
}

/**
 * How much of something sour brings a batch to a pH, in grams: the least x for which the batch with
 * `perGram` added x times has it. Null when no amount up to `mostG` does.
 * @param mostG the largest amount looked at, g
 * @returns g, 0 where it is there already; null where even the most is too little
 */
export function gramsToReach(
  batch: AcidLoad,
  perGram: AcidLoad,
  targetPH: number,
  mostG: number,
): number | null {
  const pHWith = (grams: number) =>
    pHOf(
      plusLoad(batch, {
        moles: Object.fromEntries(
          ACID_IDS.map((id) => [id, perGram.moles[id] * grams]),
        ) as AcidLoad['moles'],
        cations: perGram.cations * grams,
        waterKg: perGram.waterKg * grams,
      }),
    );
  if (pHWith(0) <= targetPH) return 0;
  if (pHWith(mostG) > targetPH) return null;
  let [little, enough] = [0, mostG];
  while (enough - little > 1e-9 * mostG) {
    const middle = (little + enough) / 2;
    if (pHWith(middle) > targetPH) little = middle;
    else enough = middle;
  }
  return enough;
}
