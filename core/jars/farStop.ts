import { METHODS } from '../method/index.ts';
import { evaluatedPlan } from '../plan/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import type { SetClass } from '../gel/index.ts';
import type { Quantiles } from '../quantity/index.ts';

/** A pot that left the heat far from where it was meant to. */
export type FarStop = {
  /** What it most likely holds, and what it was meant to, soluble solids, g per 100 g. */
  readonly solublesPct: number;
  readonly targetPct: number;
  /** What it is like as it is; null where that cannot be told. */
  readonly set: SetClass | null;
};

/** Further from its aim than this a pot is another spread, % soluble solids; judgement. */
const FAR_PCT = 8;
/**
 * High-methoxyl pectin gels from this much soluble solids on, g per 100 g; published (handbooks of
 * food hydrocolloids), from memory.
 */
const GELS_FROM_PCT = 55;
/** The thinnest and the thickest that can be planned, % soluble solids. */
const [THINNEST_PCT, THICKEST_PCT] = [20, 78];

/**
 * Whether a pot was taken off far from its stop, and what it is then; null where it was not, where
 * a clock or an egg decides, and where it was not followed.
 * @param solubles soluble solids as the stove knew them at the end, g per 100 g
 */
export function farStopOf(request: PlanRequest, solubles: Quantiles | null): FarStop | null {
  if (solubles === null) return null;
  const outcome = evaluatedPlan({ ...request, draws: 0 });
  if (!outcome.ok || outcome.worked.boil === null) return null;
  const { boil, choice } = outcome.worked;
  const { stopKind, setModel } = METHODS[choice.method];
  const { p10, p50, p90 } = solubles;
  const { targetPct } = boil;
  const isFar = Math.abs(p50 - targetPct) > FAR_PCT && (targetPct < p10 || targetPct > p90);
  if (!isFar || (stopKind !== 'temperature' && stopKind !== 'body')) return null;
  const asItIs = evaluatedPlan({ ...stoppedAt(request, p50), draws: 0 });
  return {
    solublesPct: p50,
    targetPct,
    set:
      setModel === 'high-methoxyl' && p50 < GELS_FROM_PCT
        ? 'pours'
        : (asItIs.ok && asItIs.plan.set?.forecast) || null,
  };
}

/** A request that stops where a pot did. */
export const stoppedAt = (request: PlanRequest, solublesPct: number): PlanRequest => ({
  ...request,
  targetSolublesPct: Math.min(THICKEST_PCT, Math.max(THINNEST_PCT, Math.round(solublesPct))),
});
