import { commonPractice, constant } from '../quantity/index.ts';

const JUDGEMENT = commonPractice(
  'makers’ usual doses: 0.5–1.2 % pectin, 15–45 mg calcium a gram, 10–55 % solids, pH 2.8–4.5; judgement',
);

/** Low-methoxyl pectin for a set between soft and firm where everything else is as it should be. */
export const LOW_METHOXYL_PECTIN = constant(0.65, 'g per 100 g', JUDGEMENT);

/** Where a low-methoxyl gel asks for nothing more. */
export const LOW_METHOXYL_WINDOW = {
  calciumMgPerG: { low: 15, high: 45 },
  solublesPct: { low: 10, high: 55 },
  pH: { low: 2.8, high: 4.5 },
  provenance: JUDGEMENT,
} as const;

/** A gel of calcium at its stop: pectin, calcium, solids and pH. */
export type LowMethoxylCase = {
  /** g per 100 g of the finished spread. */
  readonly pectinPct: number;
  /** mg per g of that pectin. */
  readonly calciumMgPerG: number;
  /** g per 100 g. */
  readonly solublesPct: number;
  readonly pH: number;
};

/**
 * Falls off on both sides of a window: to the left in proportion, to the right by `halving` a half.
 */
function within(
  value: number,
  { low, high }: { low: number; high: number },
  halving: number,
): number {
  if (value < low) return Math.max(0, value) / low;
  return value <= high ? 1 : 0.5 ** ((value - high) / halving);
}

/**
 * Pectin held over pectin needed in a gel that sets on calcium. Sugar plays no part inside the
 * window; too little calcium leaves pectin unlinked, too much makes it clot and weep.
 */
export function lowMethoxylRatio(found: LowMethoxylCase): number {
  const { calciumMgPerG, solublesPct, pH } = LOW_METHOXYL_WINDOW;
  return (
    (found.pectinPct / LOW_METHOXYL_PECTIN.value) *
    within(found.calciumMgPerG, calciumMgPerG, 45) *
    within(found.solublesPct, solublesPct, 10) *
    within(found.pH, pH, 0.5)
  );
}
