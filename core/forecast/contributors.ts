import type { Text } from '@idle-kettle/words/message';
/**
 * Something that was drawn, and how far up its range each draw lies, 0 to 1, all of it as likely.
 */
export type Factor = { readonly what: Text; readonly places: Float64Array };

/** How much of a figure's spread one thing brings, 0 to 1; the shares of all add up to 1. */
export type Contributor = { readonly what: Text; readonly share: number };

/** What brings less than this is left out. */
const WORTH_NAMING = 0.02;

/** Ranks from 0; draws that are equal share the middle of theirs. */
function ranksOf(draws: Float64Array): Float64Array {
  const order = Uint32Array.from(draws, (_, i) => i).sort(
    (a, b) => (draws[a] as number) - (draws[b] as number),
  );
  const ranks = new Float64Array(draws.length);
  for (let from = 0; from < order.length;) {
    let to = from + 1;
    while (to < order.length && draws[order[to] as number] === draws[order[from] as number]) to++;
    for (let i = from; i < to; i++) ranks[order[i] as number] = (from + to - 1) / 2;
    from = to;
  }
  return ranks;
}

/**
 * Spearman’s rank correlation of two lists of draws of the same length, −1 to 1; 0 where one does
 * not vary.
 */
export const rankCorrelation = (a: Float64Array, b: Float64Array): number =>
  correlation(ranksOf(a), ranksOf(b));

function correlation(a: Float64Array, b: Float64Array): number {
  let [sumA, sumB] = [0, 0];
  for (let i = 0; i < a.length; i++) {
    sumA += a[i] as number;
    sumB += b[i] as number;
  }
  const [meanA, meanB] = [sumA / a.length, sumB / b.length];
  let [ab, aa, bb] = [0, 0, 0];
  for (let i = 0; i < a.length; i++) {
    const [x, y] = [(a[i] as number) - meanA, (b[i] as number) - meanB];
    ab += x * y;
    aa += x * x;
    bb += y * y;
  }
  return aa === 0 || bb === 0 ? 0 : ab / Math.sqrt(aa * bb);
}

/**
 * Which of the drawn things a figure's spread comes from, the biggest first: squares of the rank
 * correlations, as shares of their sum. A draw's place in its range already is its rank, but for
 * chance.
 */
export function contributorsTo(result: Float64Array, factors: readonly Factor[]): Contributor[] {
  const ranks = ranksOf(result);
  const squares = factors.map(({ what, places }) => ({
    what,
    square: correlation(places, ranks) ** 2,
  }));
  const total = squares.reduce((sum, { square }) => sum + square, 0);
  if (total === 0) return [];
  return squares
    .map(({ what, square }) => ({ what, share: square / total }))
    .filter(({ share }) => share >= WORTH_NAMING)
    .sort((a, b) => b.share - a.share);
}
