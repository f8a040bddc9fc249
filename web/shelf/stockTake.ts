import type { ShelfGroup } from '@idle-kettle/contract/season';

/** A shelf that is being counted: which, which jars were seen, and how many of a group. */
export type StockTake = {
  readonly place: string;
  /** Short numbers that were scanned. */
  readonly codes: readonly string[];
  /** How many of a group were counted by hand, by its first short number. */
  readonly counts: { readonly [first: string]: number };
};

/** A shelf of which nothing was counted yet. */
export const beginTake = (place: string): StockTake => ({ place, codes: [], counts: {} });

/** What was kept of one; null for what is none. */
export function readTake(text: string | null): StockTake | null {
  try {
    const { place, codes, counts } = JSON.parse(text ?? 'null') as StockTake;
    return typeof place === 'string' && Array.isArray(codes) && typeof counts === 'object'
      ? { place, codes, counts }
      : null;
  } catch {
    return null;
  }
}

/** A jar was scanned on it. */
export const scanned = (take: StockTake, code: string): StockTake =>
  take.codes.includes(code) ? take : { ...take, codes: [...take.codes, code] };

const scannedOf = ({ codes }: StockTake, of: readonly string[]): readonly string[] =>
  of.filter((code) => codes.includes(code));

/** So many of a group are there; never fewer than were scanned. */
export const seen = (take: StockTake, codes: readonly string[], count: number): StockTake => ({
  ...take,
  counts: {
    ...take.counts,
    [codes[0] ?? '']: Math.max(scannedOf(take, codes).length, Math.min(codes.length, count)),
  },
});

/** How many of a group are there as far as was counted; null where nobody looked. */
export function countOf(take: StockTake, codes: readonly string[]): number | null {
  const byHand = take.counts[codes[0] ?? ''];
  const byScan = scannedOf(take, codes).length;
  return byHand === undefined && byScan === 0 ? null : Math.max(byHand ?? 0, byScan);
}

/** What a count comes to. */
export type TakeResult = {
  /** Should stand here, and does not: those that were not scanned, the last first. */
  readonly missing: readonly string[];
  /** Were scanned here, and are told of elsewhere, or as gone. */
  readonly found: readonly string[];
  /** Groups that nobody looked at yet. */
  readonly unseen: number;
};

/** What a count comes to against what should stand there. */
export function resultOf(take: StockTake, groups: readonly ShelfGroup[]): TakeResult {
  const here = groups.filter(({ place }) => place === take.place);
  const belongs = new Set(here.flatMap(({ codes }) => codes));
  const counted = here.map(({ codes }) => ({ codes, count: countOf(take, codes) }));
  return {
    missing: counted.flatMap(({ codes, count }) => {
      if (count === null) return [];
      const unscanned = codes.filter((code) => !take.codes.includes(code));
      const gone = codes.length - count;
      return gone === 0 ? [] : unscanned.slice(-gone);
    }),
    found: take.codes.filter((code) => !belongs.has(code)),
    unseen: counted.filter(({ count }) => count === null).length,
  };
}
