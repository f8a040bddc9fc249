import { pectinStrength, TABLED_PECTIN_PCT, type Fruit } from '../larder/index.ts';
import { commonPractice, range, timesRange, type Range } from '../quantity/index.ts';
import type { Before, Clot } from './before.ts';

/** How far off a kitchen refractometer reads, °Brix. */
const BRIX_OFF = 0.7;

/**
 * Pectin of a juice, g of 150-grade per 100 g, by how a spoon of it clots in three of spirit: one firm lump is rich in it, several are
 * middling, flakes are poor.
 */
export const CLOT_PECTIN: { readonly [clot in Clot]: Range } = {
  lump: range(0.5, 0.75, 1.2),
  several: range(0.3, 0.4, 0.55),
  flakes: range(0.05, 0.2, 0.35),
};
export const CLOT_SOURCE = commonPractice(
  'one lump: set it with its own weight of sugar; several: three quarters; flakes: boil it down or add pectin; figures by judgement',
);

/** What a juice is taken for, with what was measured of it in place of what is usual for its fruit. */
export function withEvidence(juice: Fruit, { brix, clot }: Before): Fruit {
  const sweet = brix === null ? juice : withBrix(juice, brix);
  if (clot === null) return sweet;
  const strength = pectinStrength(TABLED_PECTIN_PCT.get(juice.id) ?? NaN);
  const found = timesRange(CLOT_PECTIN[clot], Number.isNaN(strength) ? 1 : 1 / strength);
  return { ...sweet, pectinPct: agreed(sweet.pectinPct, found) };
}

function withBrix(juice: Fruit, brix: number): Fruit {
  const { make } = juice;
  const times = make.solublesPct.typical === 0 ? 1 : brix / make.solublesPct.typical;
  return {
    ...juice,
    make: {
      ...make,
      solublesPct: range(Math.max(0, brix - BRIX_OFF), brix, brix + BRIX_OFF),
      sugarsPct: timesRange(make.sugarsPct, times),
    },
  };
}

/** What two ranges of one figure have in common; where they have nothing, what was seen counts. */
function agreed(usual: Range, seen: Range): Range {
  const low = Math.max(usual.low, seen.low);
  const high = Math.min(usual.high, seen.high);
  if (low > high) return seen;
  return range(low, Math.min(high, Math.max(low, Math.sqrt(usual.typical * seen.typical))), high);
}

/** How a juice is expected to clot, by its pectin, g of 150-grade per 100 g. */
export function clotOf(pectinPct: number): Clot {
  if (pectinPct >= CLOT_PECTIN.lump.low) return 'lump';
  return pectinPct >= CLOT_PECTIN.several.low ? 'several' : 'flakes';
}
