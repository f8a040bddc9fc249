/** A stretch of time, ms. */
export type Stretch = { readonly from: number; readonly to: number };

/** Where time stands on a sheet, px: long stretches in which nobody is needed are folded. */
export type FoldedTime = {
  readonly width: number;
  /** Where a moment stands. */
  readonly at: (ms: number) => number;
  /** Which moment stands somewhere. */
  readonly momentAt: (x: number) => number;
  readonly folds: readonly (Stretch & { readonly x: number })[];
};

const MIN_MS = 60_000;
/** A stretch in which nobody is needed is folded where it is longer than this. */
const FOLDED_FROM_MS = 80 * MIN_MS;
/** So much before and after somebody is needed stays unfolded. */
const MARGIN_MS = 12 * MIN_MS;
const FOLD_PX = 56;
/** An hour is no narrower than this. */
const LEAST_HOUR_PX = 92;

type Piece = Stretch & { readonly x: number; readonly width: number; readonly isFold: boolean };

/**
 * Lays a day out on a sheet.
 * @param work when somebody is needed
 * @param room px that there are
 */
export function foldedTime(
  { from, to }: Stretch,
  work: readonly Stretch[],
  room: number,
): FoldedTime {
  const folds = gapsOf({ from, to }, work);
  const foldedMs = folds.reduce((sum, fold) => sum + fold.to - fold.from, 0);
  const openMs = Math.max(MIN_MS, to - from - foldedMs);
  const perMs = Math.max(LEAST_HOUR_PX / (60 * MIN_MS), (room - FOLD_PX * folds.length) / openMs);
  const pieces: Piece[] = [];
  let [at, x] = [from, 0];
  const put = (end: number, isFold: boolean) => {
    if (end <= at) return;
    const width = isFold ? FOLD_PX : (end - at) * perMs;
    pieces.push({ from: at, to: end, x, width, isFold });
    at = end;
    x += width;
  };
  for (const fold of folds) {
    put(fold.from, false);
    put(fold.to, true);
  }
  put(Math.max(to, at + MIN_MS), false);
  const first = pieces[0] as Piece;
  const last = pieces.at(-1) as Piece;
  return {
    width: x,
    at: (ms) => {
      const piece = pieces.find((one) => ms < one.to) ?? last;
      const share = (ms - piece.from) / (piece.to - piece.from);
      return piece.x + Math.max(0, Math.min(1, share)) * piece.width;
    },
    momentAt: (px) => {
      const piece = pieces.find((one) => px < one.x + one.width) ?? last;
      // Before and behind the sheet time goes on as it does on it.
      const open = piece.isFold ? (piece.to - piece.from) / piece.width : 1 / perMs;
      return (px < 0 ? first.from : piece.from) + (px - (px < 0 ? 0 : piece.x)) * open;
    },
    folds: pieces.filter(({ isFold }) => isFold),
  };
}

/** Stretches in which nobody is needed for long. */
function gapsOf({ from, to }: Stretch, work: readonly Stretch[]): readonly Stretch[] {
  const gaps: Stretch[] = [];
  let free = from;
  for (const one of [...work].sort((a, b) => a.from - b.from)) {
    if (one.from - free > FOLDED_FROM_MS)
      gaps.push({ from: free === from ? from : free + MARGIN_MS, to: one.from - MARGIN_MS });
    free = Math.max(free, one.to);
  }
  if (to - free > FOLDED_FROM_MS) gaps.push({ from: free + MARGIN_MS, to });
  return gaps;
}
