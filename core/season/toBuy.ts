import type { Quantiles } from '../quantity/index.ts';
import { HALF_PINT_ML } from './useRate.ts';

/** From, to. */
type Span = { readonly low: number; readonly high: number };

/** Half-pints of everything that is to be made, and what of jars and lids is not there for them. */
export type ToBuy = {
  readonly halfPints: Span;
  /** Half-pint jars; null where the kitchen does not count its jars. */
  readonly jars: Span | null;
  /** New lids, one for each half-pint; null where it does not count those. */
  readonly lids: Span | null;
};

/** A size of jar as a kitchen has it: empty ones, and new lids for them. */
export type JarsThere = {
  readonly volumeMl: number;
  readonly count?: number | null;
  readonly lids?: number | null;
};

/**
 * Jars and lids to buy. What is eaten of one fruit tells nothing of another, so that all of it
 * together is surer than each.
 * @param halfPints of each fruit that is to be made
 * @param sizes of the kitchen’s jars; larger ones count as so many half-pints
 */
export function toBuy(halfPints: readonly Quantiles[], sizes: readonly JarsThere[]): ToBuy {
  const middle = halfPints.reduce((sum, { p50 }) => sum + p50, 0);
  const spread = (of: (one: Quantiles) => number) =>
    Math.sqrt(halfPints.reduce((sum, one) => sum + of(one) ** 2, 0));
  const all: Span = {
    low: Math.max(0, Math.round(middle - spread(({ p50, p10 }) => p50 - p10))),
    high: Math.round(middle + spread(({ p90, p50 }) => p90 - p50)),
  };
  const short = (there: number): Span => ({
    low: Math.max(0, Math.ceil(all.low - there)),
    high: Math.max(0, Math.ceil(all.high - there)),
  });
  const counted = sizes.filter(({ count }) => count != null);
  const lids = sizes.flatMap((size) => (size.lids == null ? [] : [size.lids]));
  const held = counted.reduce((sum, { count, volumeMl }) => sum + (count ?? 0) * volumeMl, 0);
  return {
    halfPints: all,
    jars: counted.length === 0 ? null : short(held / HALF_PINT_ML),
    lids: lids.length === 0 ? null : short(lids.reduce((sum, one) => sum + one, 0)),
  };
}
