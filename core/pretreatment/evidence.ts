import { pectinStrength, TABLED_PECTIN_PCT, type Fruit } from '../ingredients/index.ts';
import { commonPractice, constant, range, timesRange, type Range } from '../quantity/index.ts';
import type { Pretreatment, Clot } from './pretreatment.ts';

/** How far off a kitchen refractometer reads. */
export const BRIX_ERROR = constant(0.7, '°Brix', commonPractice('hand refractometers'));

/**
 * Pectin of a juice, g of 150-grade per 100 g, by how a spoon of it clots in three of spirit: one
 * firm lump is rich in it, several are middling, flakes are poor. Common practice: a lump is set
 * with its own weight of sugar, several with three quarters, flakes are boiled down or given
 * pectin; the figures are judgement.
 */
export const CLOT_PECTIN: { readonly [clot in Clot]: Range } = {
  lump: range(0.5, 0.75, 1.2),
  several: range(0.3, 0.4, 0.55),
  flakes: range(0.05, 0.2, 0.35),
};

/**
 * What a juice is taken for, with what was measured of it in place of what is usual for its fruit.
 */
export function withEvidence(juice: Fruit, { brix, clot }: Pretreatment): Fruit {
  const sweet = brix === null ? juice : withBrix(juice, brix);
  if (clot === null) return sweet;
  const tabledPct = TABLED_PECTIN_PCT.get(juice.id);
  const found = timesRange(
    CLOT_PECTIN[clot],
    tabledPct === undefined ? 1 : 1 / pectinStrength(tabledPct),
  );
  return { ...sweet, pectinPct: agreed(sweet.pectinPct, found) };
}

function withBrix(juice: Fruit, brix: number): Fruit {
  const { make } = juice;
  const times = make.solublesPct.typical === 0 ? 1 : brix / make.solublesPct.typical;
  return {
    ...juice,
    make: {
      ...make,
      solublesPct: range(Math.max(0, brix - BRIX_ERROR.value), brix, brix + BRIX_ERROR.value),
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
