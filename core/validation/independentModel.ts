import { chanceFrom, normalFrom } from '../forecast/index.ts';
import { massOf, solublesG, type Contents } from '../formula/index.ts';
import type { CookPlan } from '../stove/index.ts';

/**
 * A kettle that is not this program’s simulation: another law of evaporation, a boiling point read
 * off a published table, a burner that switches on and off, a lid ajar, a draught and walls that
 * lose heat. It shares no formula with `boil/`, so that the estimator is tried on a truth it does
 * not know.
 */
export type IndependentKitchen = {
  /** Over what is said of the burner. */
  readonly burnerTimes: number;
  /** The burner is on for this share of its period, at as much more power. */
  readonly duty: number;
  readonly periodS: number;
  /** Steam that a lid lets out; one that is ajar, more. */
  readonly lidLetsOut: number;
  /** Over still air. */
  readonly draughtTimes: number;
  /** Of walls and surface, W per m² and K. */
  readonly wallLoss: number;
  /** Over the table’s solubles. */
  readonly solidsTimes: number;
  /** What the thermometer adds, K. */
  readonly offsetK: number;
};

/**
 * A kitchen drawn by a seed; ranges by judgement.
 * @param seed any whole number
 * @param offsetK by how much its thermometer shows too much, K
 */
export function independentKitchen(seed: number, offsetK: number): IndependentKitchen {
  const chance = chanceFrom(Math.imul(seed + 17, 0x9e3779b9));
  const between = (low: number, high: number) => low + (high - low) * chance();
  return {
    burnerTimes: between(0.75, 1.3),
    duty: between(0.6, 1),
    periodS: between(40, 150),
    lidLetsOut: between(0.1, 0.45),
    draughtTimes: between(0.8, 1.8),
    wallLoss: between(4, 14),
    solidsTimes: between(0.92, 1.08),
    offsetK,
  };
}

/**
 * Boiling-point elevation of sucrose solutions, K by °Brix: after Starzak & Peacock, as GNU units
 * ships it (`sugar_conc_bpe`).
 */
const ELEVATION: readonly (readonly [brix: number, kelvin: number])[] = [
  [0, 0],
  [10, 0.18],
  [20, 0.4],
  [30, 0.703],
  [40, 1.148],
  [50, 1.825],
  [60, 2.94],
  [65, 3.794],
  [70, 4.991],
  [75, 6.742],
  [80, 9.5],
];
/**
 * Simple sugars raise it more, gram for gram: by molar mass they would double it, and in a thick
 * syrup do a little less.
 */
const HEXOSE_TIMES = 1.75;
/** Share of the sucrose that inverts before the stop; half of it is taken to be there all along. */
const INVERTS = 0.2;

/** Of a syrup some of whose solutes are simple sugars, K. */
function elevationK(brix: number, hexoseShare: number): number {
  const above = ELEVATION.findIndex(([at]) => at >= brix);
  if (above <= 0) return 0;
  const [[lowB, lowK], [highB, highK]] = [ELEVATION[above - 1], ELEVATION[above]] as [
    readonly [number, number],
    readonly [number, number],
  ];
  const times = 1 + (HEXOSE_TIMES - 1) * hexoseShare;
  return times * (lowK + ((highK - lowK) * (brix - lowB)) / (highB - lowB));
}

/** Vapour pressure of water, Pa (Magnus form, Alduchov & Eskridge 1996; from memory). */
const vapourPa = (tempC: number): number => 610.94 * Math.exp((17.625 * tempC) / (tempC + 243.04));

/** Heat to boil a gram of water away, and to warm water and dry matter, J. */
const HEAT_OF_STEAM = 2260;
const WATER_HEAT = 4.18;
const DRY_HEAT = 1.5;
/** Mass transfer from a still pan, g per m², s and Pa: some more than `boil/` takes it to be. */
const SURFACE_STEAM = 2.2e-5;
const AIR_PA = 1100;
/** A wide pot is half as high as it is wide: its walls are twice its base. */
const WALLS_OVER_BASE = 2;

/** The other pot at one moment. */
export type IndependentPot = {
  readonly tempC: number;
  readonly waterG: number;
  readonly solublesG: number;
  /** Of these, what counts as simple sugars. */
  readonly hexosesG: number;
  readonly otherG: number;
};

/**
 * What the other pot holds of some contents, with the fruit’s solubles as this kitchen’s are.
 * @param solidsTimes the fruit’s solubles over what is tabled
 */
export const holds = (of: Contents, solidsTimes: number): Omit<IndependentPot, 'tempC'> => {
  const solubles = solublesG(of) * solidsTimes;
  return {
    solublesG: solubles,
    hexosesG: solidsTimes * (of.hexoses + of.otherSolubles) + (INVERTS / 2) * of.sucrose,
    waterG: of.water - (solubles - solublesG(of)),
    otherG: massOf(of) - of.water - solublesG(of),
  };
};

/**
 * Soluble solids of the whole, g per 100 g.
 * @returns g per 100 g
 */
export const solidsOf = ({ waterG, solublesG: solubles, otherG }: IndependentPot): number =>
  (100 * solubles) / (waterG + solubles + otherG);

/** Where it boils, °C. */
export const boilsAtC = (
  { waterG, solublesG: solubles, hexosesG }: IndependentPot,
  waterBoilsC: number,
): number => waterBoilsC + elevationK((100 * solubles) / (solubles + waterG), hexosesG / solubles);

/**
 * One second of it, on a share of its burner.
 * @param second seconds from the first entry
 * @param flame 0 to 1 of its burner
 */
export function oneSecond(
  pot: IndependentPot,
  { setting, waterBoilsC }: CookPlan,
  kitchen: IndependentKitchen,
  second: number,
  flame: number,
  lid: boolean,
): IndependentPot {
  const area = (Math.PI / 4) * (setting.panDiameterCm / 100) ** 2;
  const on = (second % kitchen.periodS) / kitchen.periodS < kitchen.duty;
  const burnerW = on ? (setting.netPowerW * kitchen.burnerTimes * flame) / kitchen.duty : 0;
  const wallsW = kitchen.wallLoss * area * (1 + WALLS_OVER_BASE) * (pot.tempC - setting.startTempC);
  const letsOut = lid ? kitchen.lidLetsOut : 1;
  const activity = pot.waterG / (pot.waterG + 0.055 * pot.solublesG);
  const surfaceG =
    letsOut *
    SURFACE_STEAM *
    kitchen.draughtTimes *
    area *
    Math.max(0, activity * vapourPa(pot.tempC) - AIR_PA);
  const heatPerK = WATER_HEAT * pot.waterG + DRY_HEAT * (pot.solublesG + pot.otherG);
  const gain = burnerW - wallsW - surfaceG * HEAT_OF_STEAM;
  const boilC = boilsAtC(pot, waterBoilsC);
  const tempC = pot.tempC + gain / heatPerK;
  if (tempC < boilC) return { ...pot, tempC, waterG: pot.waterG - surfaceG };
  const boiledG = (letsOut * (tempC - boilC) * heatPerK) / HEAT_OF_STEAM;
  return { ...pot, tempC: boilC, waterG: pot.waterG - surfaceG - boiledG };
}

/**
 * What a probe that lags shows from one second to the next: noise, and an offset.
 * @param startC what it shows at first, °C
 */
export function probeOf(seed: number, { offsetK }: IndependentKitchen, startC: number) {
  const chance = chanceFrom(seed + 5);
  let shown = startC;
  return (tempC: number): number => {
    shown += (tempC - shown) / PROBE_LAG_S;
    return Number((shown + offsetK + PROBE_NOISE_K * normalFrom(chance)).toFixed(2));
  };
}
const PROBE_LAG_S = 8;
const PROBE_NOISE_K = 0.25;
