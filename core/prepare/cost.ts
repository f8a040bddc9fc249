import { findIngredient } from '../ingredients/index.ts';
import { linesBrought, simmeredWhole, type Plan } from '../plan/index.ts';

/** What ingredients cost in this kitchen: minor units of its money a kilogram, by ingredient id. */
export type Prices = { readonly [ingredient: string]: number };

/** What a batch costs, as far as prices are known. */
export type Cost = {
  /** Minor units: cents, pence. */
  readonly totalMinor: number;
  /** For each full jar of the middling outcome; null where there is none. */
  readonly perJarMinor: number | null;
  /** What has no price yet, and is left out. */
  readonly unpriced: readonly string[];
};

/**
 * What a batch costs, as bought: waste is paid for. Water is free. Null where nothing in it has a
 * price.
 */
export function costOf(plan: Plan, prices: Prices): Cost | null {
  const simmered = simmeredWhole(plan);
  let total = 0;
  let priced = false;
  const unpriced: string[] = [];
  for (const { ingredient: id, name, massG } of linesBrought(plan)) {
    const row = id === undefined ? null : findIngredient(id);
    if (!row || massG === undefined || row.kind === 'water') continue;
    const price = prices[row.id];
    if (price === undefined) {
      unpriced.push(name ?? row.name);
      continue;
    }
    priced = true;
    total += (price * massG) / (simmered.has(row.id) ? 1 : row.edibleShare) / 1000;
  }
  if (!priced) return null;
  const jars = plan.yield?.fullJars.p50 ?? 0;
  return {
    totalMinor: Math.round(total),
    perJarMinor: jars === 0 ? null : Math.round(total / jars),
    unpriced: [...new Set(unpriced)],
  };
}
