import type { Product } from '../method/index.ts';
import { convert, fromMemory } from '../quantity/index.ts';
import type { Verdict } from './keeping.ts';

/**
 * How jars are readied: boiled sterile first, or only clean and hot with at least ten minutes
 * after.
 */
export type JarPreparation = 'sterilised' | 'ten-minute';
/**
 * What a kitchen processes filled jars in; a pressure canner used open and a deep pan with a rack
 * count as boiling water. `none` is an answer too: then nothing is for the pantry.
 */
export const CANNERS = ['boiling-water', 'steam', 'none'] as const;
/** One of {@link CANNERS}. */
export type Canner = (typeof CANNERS)[number];

export const PROCESS_TABLE_SOURCE = fromMemory(
  'USDA Complete Guide to Home Canning and the national extension centre; check the current edition',
);

/** The tables end here; above it there is no published time. */
export const HIGHEST_TABLED_FT = 10_000;
/** A steam canner holds its steam this long and no longer. */
export const MOST_STEAM_MIN = 45;

/** Jars sold as half-pints and pints by the litre count as such: 250 and 500 mL. */
const HALF_PINT_ML = 250;
const PINT_ML = 500;
const QUART_ML = 947;

type Band = { readonly upToFt: number; readonly minutes: number };

const bands = (low: number, middle: number, high: number): readonly Band[] => [
  { upToFt: 1000, minutes: low },
  { upToFt: 6000, minutes: middle },
  { upToFt: HIGHEST_TABLED_FT, minutes: high },
];

const fourBands = (
  first: number,
  second: number,
  third: number,
  fourth: number,
): readonly Band[] => [
  { upToFt: 1000, minutes: first },
  { upToFt: 3000, minutes: second },
  { upToFt: 6000, minutes: third },
  { upToFt: HIGHEST_TABLED_FT, minutes: fourth },
];

/** One row of the table: which jars it covers, and its minutes. */
type Row = {
  readonly upToMl: number;
  readonly tabled: readonly Band[];
};

const SOFT_SPREAD: Row = { upToMl: PINT_ML, tabled: bands(5, 10, 15) };
const PEPPER_JELLY: Row = { upToMl: HALF_PINT_ML, tabled: bands(5, 10, 15) };
const BUTTER_QUART: Row = { upToMl: QUART_ML, tabled: bands(10, 15, 20) };
/** What does not mound: as applesauce and fruit sauces are tabled. */
const SAUCE: Row = { upToMl: PINT_ML, tabled: fourBands(15, 20, 20, 25) };
const SAUCE_QUART: Row = { upToMl: QUART_ML, tabled: fourBands(20, 25, 30, 35) };
const CURD: Row = { upToMl: HALF_PINT_ML, tabled: bands(15, 20, 25) };

/** The rows for a product; quarts for apple butter alone. */
function rowsFor(product: Product, ofApples: boolean, isSauce: boolean): readonly Row[] {
  const quarts = product === 'butter' && ofApples;
  if (product === 'curd') return [CURD];
  if (isSauce || product === 'sauce') return quarts ? [SAUCE, SAUCE_QUART] : [SAUCE];
  if (product === 'pepper-jelly') return [PEPPER_JELLY];
  return quarts ? [SOFT_SPREAD, BUTTER_QUART] : [SOFT_SPREAD];
}

/** Clean hot jars: ten minutes at sea level, and more by its own, finer bands. */
const CLEAN_JARS: readonly Band[] = [
  { upToFt: 1000, minutes: 10 },
  { upToFt: 3000, minutes: 15 },
  { upToFt: 6000, minutes: 20 },
  { upToFt: 8000, minutes: 25 },
  { upToFt: HIGHEST_TABLED_FT, minutes: 30 },
];

/** At ten tabled minutes or more, the jars need not be sterile. */
const STERILE_BELOW_MIN = 10;

/** Minutes in the canner, and how the jars are readied for them. */
export type ProcessTime = {
  readonly minutes: number;
  /** Whether the empty jars are to be boiled sterile first. */
  readonly presterilise: boolean;
};

/** Largest jar with a tabled time for a product, mL. */
export const largestJarMl = (product: Product, ofApples = false): number =>
  (rowsFor(product, ofApples, false).at(-1) as Row).upToMl;

/** The size of that jar in words. */
export const largestJarName = (product: Product, ofApples = false): string =>
  ({ [HALF_PINT_ML]: 'half-pint', [PINT_ML]: 'pint', [QUART_ML]: 'quart' })[
    largestJarMl(product, ofApples)
  ] ?? 'jar';

/** What a time in the canner goes by. */
export type ProcessCase = {
  readonly product: Product;
  readonly altitudeM: number;
  /** Volume of the largest jar in the load, mL. */
  readonly jarMl: number;
  readonly school: JarPreparation;
  readonly canner: Canner;
  /** Its only fruit is apple: apple butter alone has a time for quarts. */
  readonly ofApples?: boolean;
  /** It does not mound: it takes a sauce’s minutes. */
  readonly isSauce?: boolean;
};

/**
 * Minutes at a full rolling boil for jars of a spread; null without a canner, above 10 000 ft, for
 * jars larger than any tabled, or where a steam canner cannot hold so long. A larger jar never gets
 * fewer.
 */
export function processTime(asked: ProcessCase): ProcessTime | null {
  const { product, altitudeM, jarMl, school, canner, ofApples = false, isSauce = false } = asked;
  if (canner === 'none') return null;
  const rows = rowsFor(product, ofApples, isSauce);
  const row = rows.findIndex(({ upToMl }) => jarMl <= upToMl);
  const times = rows.slice(0, row + 1).map(({ tabled }) => timeByRow(tabled, altitudeM, school));
  const time = times.at(-1);
  if (time === undefined || time === null) return null;
  const minutes = Math.max(...times.map((each) => each?.minutes ?? 0));
  return canner === 'steam' && minutes > MOST_STEAM_MIN ? null : { ...time, minutes };
}

function timeByRow(
  tabled: readonly Band[],
  altitudeM: number,
  school: JarPreparation,
): ProcessTime | null {
  const altitudeFt = convert(altitudeM, 'm', 'ft');
  const at = (band: readonly Band[]) => band.find(({ upToFt }) => altitudeFt <= upToFt)?.minutes;
  const [minutes, clean] = [at(tabled), at(CLEAN_JARS)];
  if (minutes === undefined || clean === undefined) return null;
  const seaLevel = tabled[0]?.minutes ?? 0;
  if (seaLevel >= STERILE_BELOW_MIN) return { minutes, presterilise: false };
  return school === 'sterilised'
    ? { minutes, presterilise: true }
    : { minutes: Math.max(minutes, clean), presterilise: false };
}

/**
 * Minutes to boil empty jars sterile: 10, and one more for each 1000 ft.
 * @returns 10 at sea level
 */
export const steriliseMinutes = (altitudeM: number): number =>
  10 + Math.max(0, Math.ceil(convert(altitudeM, 'm', 'ft') / 1000));

/**
 * Room to leave under the lid, mm: ¼ in for spreads, ½ in for curds, and ½ in for whatever is
 * frozen, since it swells; common practice.
 */
export const headspaceMm = (product: Product, place: Verdict = 'pantry'): number =>
  product === 'curd' || place === 'freezer' ? 12.7 : 6.4;

/** Soluble solids below which a spread does not mound and is processed as a sauce, g per 100 g. */
const SAUCE_BELOW_PCT = { butter: 25, spread: 40 } as const;

/**
 * Whether a spread is too thin to be processed as one: a butter below 25 % solids, another spread
 * below 40 % that does not gel with calcium. Curds have their own table.
 */
export const isSauceLike = (
  product: Product,
  solublesPct: number | null,
  gelsWithCalcium: boolean,
): boolean =>
  solublesPct !== null &&
  product !== 'curd' &&
  (product === 'butter'
    ? solublesPct < SAUCE_BELOW_PCT.butter
    : !gelsWithCalcium && solublesPct < SAUCE_BELOW_PCT.spread);
