import { commonPractice, fromMemory, type Quantiles } from '../quantity/index.ts';
import type { Canner } from '../process/index.ts';

/**
 * Widths of the least circle round 1 to 19 equal circles, over the width of one: the best known
 * packings, proved to be the best up to 13.
 */
export const CIRCLES_SOURCE = fromMemory(
  'Graham, Lubachevsky, Nurmela and Östergård, “Dense packings of congruent circles in a circle”, 1998',
);
const ROUND: readonly number[] = [
  1, 2, 2.155, 2.414, 2.701, 3, 3, 3.305, 3.613, 3.813, 3.924, 4.029, 4.236, 4.328, 4.521, 4.615,
  4.792, 4.864, 4.864,
];
/** Beyond the table circles fill this share of the round one. */
const DENSITY = 0.8;

/** How wide a ring holds `count` circles, in widths of one. */
const ringFor = (count: number): number => ROUND[count - 1] ?? Math.sqrt(count / DENSITY);

/** How many circles a ring holds, in widths of one. */
function countIn(ring: number): number {
  const tabled = ROUND.findLastIndex((width) => width <= ring + 1e-9) + 1;
  return tabled < ROUND.length ? tabled : Math.max(tabled, Math.floor(DENSITY * ring * ring));
}

/** Jars stand apart in a canner, so that water moves between them, cm; common practice. */
const GAP_CM = 0.6;
/**
 * Jars of usual build: content, and how wide and high they are outside, cm; from memory of common
 * preserving jars.
 */
export const JARS_SOURCE = commonPractice('straight-sided preserving jars as they are sold');
const USUAL_JARS_CM = [
  { volumeMl: 60, wide: 5.6, high: 5.6 },
  { volumeMl: 118, wide: 6.4, high: 6.4 },
  { volumeMl: 237, wide: 7.4, high: 9.5 },
  { volumeMl: 473, wide: 8.3, high: 12.8 },
  { volumeMl: 946, wide: 9.8, high: 17.2 },
  { volumeMl: 1893, wide: 12.5, high: 23 },
] as const;
const HALF_PINT_ML = 237;

/** How wide and high a jar of such content usually is, cm. */
export function jarSizeCm(volumeMl: number): { readonly wide: number; readonly high: number } {
  const above = USUAL_JARS_CM.findIndex((jar) => volumeMl <= jar.volumeMl);
  const to = USUAL_JARS_CM[above < 0 ? USUAL_JARS_CM.length - 1 : Math.max(1, above)];
  const from = USUAL_JARS_CM[(above < 0 ? USUAL_JARS_CM.length - 1 : Math.max(1, above)) - 1];
  if (to === undefined || from === undefined) return USUAL_JARS_CM[2];
  // Sizes grow with powers of the content, so they are drawn between on a logarithmic scale, and
  // beyond the ends.
  const share = Math.log(volumeMl / from.volumeMl) / Math.log(to.volumeMl / from.volumeMl);
  const between = (a: number, b: number) => a * (b / a) ** share;
  return { wide: between(from.wide, to.wide), high: between(from.high, to.high) };
}

/** The width of a canner that holds so many half-pints in one layer, cm inside. */
const widthCm = (halfPints: number): number =>
  ringFor(halfPints) * (jarSizeCm(HALF_PINT_ML).wide + GAP_CM);

/**
 * How many jars of a size a canner takes in one layer, not touching. Jars of mixed sizes are
 * counted as the largest.
 * @param halfPints how many half-pints it takes
 */
export function capacityOf(halfPints: number, jarMl: number): number {
  if (jarMl <= HALF_PINT_ML * 1.1 && jarMl >= HALF_PINT_ML * 0.9) return halfPints;
  const count = countIn(widthCm(halfPints) / (jarSizeCm(jarMl).wide + GAP_CM));
  // A larger jar never finds more room than a smaller one.
  return jarMl > HALF_PINT_ML ? Math.min(halfPints, count) : Math.max(halfPints, count);
}

/** Half-pints that a canner takes where nobody has said; common practice. */
export const USUAL_HALF_PINTS = 7;

/** What a load is, as far as heating it goes by it. */
export type HeatingCase = {
  readonly kind: Canner;
  readonly halfPints: number;
  readonly jarsMl: readonly number[];
  /** Heat that the burner puts in, W. */
  readonly powerW: number;
  readonly waterBoilsC: number;
  /** Its water when the jars go in, °C. */
  readonly waterC: number;
  /** How this canner was against these sums before; 1 where it was never watched. */
  readonly factor: number;
  /** How many loads of it were watched. */
  readonly watched: number;
};

/** Water when jars of hot spread or of curd go in: 82 °C, 180 °F; common practice. */
export const WATER_WHEN_LOADED_C = 82;
/** Jars are covered by 1 to 2 in, and stand on a rack of about an inch, cm; common practice. */
const OVER_LIDS_CM = 3.8;
const RACK_CM = 2.5;
/** A steam canner takes two to three quarts, mL; common practice. */
const STEAM_WATER_ML = 2600;
/** A filled jar is about this warm when it goes in, °C; judgement. */
const JAR_C = 75;
/** kJ per kg and K: water, glass, soft spread. From memory of tables. */
const SPECIFIC = { water: 4.19, glass: 0.84, spread: 2.7 } as const;
/** Glass of a jar over its content, g per mL; a jar’s outside over its content. Judgement. */
const GLASS_G_PER_ML = 0.75;
const SPREAD_G_PER_ML = 1.3;
const OUTSIDE = 1.35;
/**
 * What is not known of a canner that was never watched, and of one that was: middle four fifths.
 * Judgement.
 */
const UNSURE = { never: [0.7, 1.6], watched: [0.88, 1.15] } as const;
/**
 * What the wall and lid of a canner lose, W per m² and K, in a kitchen of 20 °C. Judgement: still
 * air and radiation.
 */
const LOSS_W_PER_M2_K = 12;
const ROOM_C = 20;
/** A flame that could not bring it to the boil at all is counted as this share of itself. */
const LEAST_NET = 0.2;

/**
 * Minutes from the loading to the full boil, or to the steam gauge’s mark, by the heat that water,
 * glass and spread take up.
 */
export function minutesToBoil(load: HeatingCase): Quantiles {
  const { kind, halfPints, jarsMl, powerW, waterBoilsC, waterC, factor, watched } = load;
  const content = jarsMl.reduce((sum, mL) => sum + mL, 0);
  const high = Math.max(...jarsMl.map((mL) => jarSizeCm(mL).high), 0);
  const [wide, deep] = [widthCm(halfPints), high + OVER_LIDS_CM + RACK_CM];
  const full = (Math.PI / 4) * wide ** 2 * deep;
  const waterMl = kind === 'steam' ? STEAM_WATER_ML : Math.max(0, full - OUTSIDE * content);
  const rise = (from: number) => Math.max(0, waterBoilsC - from);
  const heatKj =
    (waterMl * SPECIFIC.water * rise(waterC) +
      content * GLASS_G_PER_ML * SPECIFIC.glass * rise(JAR_C) +
      content * SPREAD_G_PER_ML * SPECIFIC.spread * rise(JAR_C)) /
    1000;
  const wallM2 = (Math.PI * wide * (deep + wide / 4)) / 10_000;
  const lostW = LOSS_W_PER_M2_K * wallM2 * Math.max(0, (waterC + waterBoilsC) / 2 - ROOM_C);
  const netW = Math.max(LEAST_NET * powerW, powerW - lostW);
  const p50 = (factor * heatKj) / (netW / 1000) / 60;
  const [low, most] = watched > 0 ? UNSURE.watched : UNSURE.never;
  return { p10: low * p50, p50, p90: most * p50 };
}

/** Water from the tap, °C; common practice. */
const TAP_C = 15;

/**
 * Minutes that a canner takes from cold water until jars may go in. It is begun before the pot, so
 * that it waits for the jars and they do not wait for it.
 */
export const minutesToReady = (load: Omit<HeatingCase, 'waterC'>): Quantiles =>
  minutesToBoil({ ...load, waterBoilsC: WATER_WHEN_LOADED_C, waterC: TAP_C });

/**
 * How a canner was against the sums, with one load more watched: a running mean, held within what
 * canners do.
 * @param tookMin minutes that the load took
 * @param expectedMin minutes that were expected of it, more than 0
 * @returns real over expected minutes, from here on
 */
export function factorLearned(
  before: { readonly factor: number; readonly watched: number },
  tookMin: number,
  expectedMin: number,
): { readonly factor: number; readonly watched: number } {
  if (!(tookMin > 0) || !(expectedMin > 0)) return before;
  const now = Math.min(4, Math.max(0.25, (before.factor * tookMin) / expectedMin));
  const counted = Math.min(before.watched, 9);
  return { factor: (before.factor * counted + now) / (counted + 1), watched: counted + 1 };
}
