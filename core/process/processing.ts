import { convert, fromMemory } from '../quantity/index.ts';

/** How jars are readied: boiled sterile first, or only clean and hot with at least ten minutes after. */
export type School = 'sterilised' | 'ten-minute';
export type Canner = 'boiling-water' | 'steam';

export const PROCESS_TABLE_SOURCE = fromMemory(
  'USDA Complete Guide to Home Canning and the national extension centre; check the current edition',
);

/** The tables end here; above it there is no published time. */
export const HIGHEST_TABLED_FT = 10_000;
/** The largest jar with a published time for soft spreads. */
export const LARGEST_JAR_ML = 473.2;
export const SOFT_SPREAD_HEADSPACE_MM = 6.4;

type Band = { readonly upToFt: number; readonly minutes: number };

/** Jam, jelly, marmalade and conserve in half-pints or pints. */
const SOFT_SPREAD_MINUTES: { readonly [school in School]: readonly Band[] } = {
  sterilised: [
    { upToFt: 1000, minutes: 5 },
    { upToFt: 6000, minutes: 10 },
    { upToFt: HIGHEST_TABLED_FT, minutes: 15 },
  ],
  'ten-minute': [
    { upToFt: 1000, minutes: 10 },
    { upToFt: 3000, minutes: 15 },
    { upToFt: 6000, minutes: 20 },
    { upToFt: 8000, minutes: 25 },
    { upToFt: HIGHEST_TABLED_FT, minutes: 30 },
  ],
};

/**
 * Minutes at a full rolling boil for jars of soft spread, half-pint or pint; null above 10 000 ft,
 * where no tested time is published. A boiling-water and a steam canner take the same minutes.
 */
export function softSpreadMinutes(altitudeM: number, school: School): number | null {
  const altitudeFt = convert(altitudeM, 'm', 'ft');
  return SOFT_SPREAD_MINUTES[school].find(({ upToFt }) => altitudeFt <= upToFt)?.minutes ?? null;
}

/** Minutes to boil empty jars sterile: 10, and one more for each 1000 ft. */
export const steriliseMinutes = (altitudeM: number): number =>
  10 + Math.max(0, Math.ceil(convert(altitudeM, 'm', 'ft') / 1000));
