import type { Product } from '../method/index.ts';
import { convert, fromMemory } from '../quantity/index.ts';

/** How jars are readied: boiled sterile first, or only clean and hot with at least ten minutes after. */
export type School = 'sterilised' | 'ten-minute';
export type Canner = 'boiling-water' | 'steam';

export const PROCESS_TABLE_SOURCE = fromMemory(
  'USDA Complete Guide to Home Canning and the national extension centre; check the current edition',
);

/** The tables end here; above it there is no published time. */
export const HIGHEST_TABLED_FT = 10_000;
/** A steam canner holds its steam this long and no longer. */
export const MOST_STEAM_MIN = 45;

const HALF_PINT_ML = 236.6;
const PINT_ML = 473.2;
const QUART_ML = 946.4;
/** Jars are sold rounded up to the millilitre. */
const ROUNDING_ML = 1;

type Band = { readonly upToFt: number; readonly minutes: number };

const bands = (low: number, middle: number, high: number): readonly Band[] => [
  { upToFt: 1000, minutes: low },
  { upToFt: 6000, minutes: middle },
  { upToFt: HIGHEST_TABLED_FT, minutes: high },
];

/** One row of the table: which jars it covers, and its minutes with jars boiled sterile first or not. */
type Row = {
  readonly upToMl: number;
  /** Minutes as tabled; for rows under ten minutes, only into sterilised jars. */
  readonly tabled: readonly Band[];
};

const SOFT_SPREAD: Row = { upToMl: PINT_ML, tabled: bands(5, 10, 15) };
const BUTTER_QUART: Row = { upToMl: QUART_ML, tabled: bands(10, 15, 20) };
const SAUCE: Row = { upToMl: PINT_ML, tabled: bands(15, 20, 25) };
const CURD: Row = { upToMl: HALF_PINT_ML, tabled: bands(15, 20, 25) };

const ROWS: { readonly [product in Product]: readonly Row[] } = {
  jam: [SOFT_SPREAD],
  jelly: [SOFT_SPREAD],
  marmalade: [SOFT_SPREAD],
  conserve: [SOFT_SPREAD],
  'pepper-jelly': [SOFT_SPREAD],
  'infusion-jelly': [SOFT_SPREAD],
  butter: [SOFT_SPREAD, BUTTER_QUART],
  sauce: [SAUCE],
  curd: [CURD],
};

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

export type ProcessTime = {
  readonly minutes: number;
  /** Whether the empty jars are to be boiled sterile first. */
  readonly presterilise: boolean;
};

/** Largest jar with a tabled time for a product, mL. */
export const largestJarMl = (product: Product): number =>
  (ROWS[product].at(-1) as Row).upToMl + ROUNDING_ML;

/** The size of that jar in words. */
export const largestJarName = (product: Product): string =>
  ({ [HALF_PINT_ML]: 'half-pint', [PINT_ML]: 'pint', [QUART_ML]: 'quart' })[
    (ROWS[product].at(-1) as Row).upToMl
  ] ?? 'jar';

/**
 * Minutes at a full rolling boil for jars of a spread; null above 10 000 ft, for jars larger than any
 * tabled, or where a steam canner cannot hold so long.
 * @param jarMl volume of the largest jar in the load
 */
export function processTime(
  product: Product,
  altitudeM: number,
  jarMl: number,
  school: School,
  canner: Canner,
): ProcessTime | null {
  const altitudeFt = convert(altitudeM, 'm', 'ft');
  const at = (band: readonly Band[]) => band.find(({ upToFt }) => altitudeFt <= upToFt)?.minutes;
  const row = ROWS[product].find(({ upToMl }) => jarMl <= upToMl + ROUNDING_ML);
  const tabled = row && at(row.tabled);
  const clean = at(CLEAN_JARS);
  if (tabled === undefined || clean === undefined) return null;
  const seaLevel = row?.tabled[0]?.minutes ?? 0;
  const sterile = school === 'sterilised' && seaLevel < STERILE_BELOW_MIN;
  const minutes = sterile || seaLevel >= STERILE_BELOW_MIN ? tabled : Math.max(tabled, clean);
  if (canner === 'steam' && minutes > MOST_STEAM_MIN) return null;
  return { minutes, presterilise: sterile };
}

/** Minutes to boil empty jars sterile: 10, and one more for each 1000 ft. */
export const steriliseMinutes = (altitudeM: number): number =>
  10 + Math.max(0, Math.ceil(convert(altitudeM, 'm', 'ft') / 1000));

/** Room to leave under the lid, mm: ¼ in for spreads, ½ in for curds. */
export const headspaceMm = (product: Product): number => (product === 'curd' ? 12.7 : 6.4);
