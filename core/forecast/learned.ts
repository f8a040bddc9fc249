import { range, type Quantiles, type Range } from '../quantity/index.ts';

/** A figure that the cooks of a kitchen told, and how many of them it rests on. */
export type LearnedFigure = Quantiles & { readonly batches: number };

/** How far things are from what the sums say of them, each by its id. */
export type LearnedOfEach = readonly { readonly id: string; readonly times: LearnedFigure }[];

/** What a plan starts from that the cooks of its kitchen told; null where they have told nothing. */
export type Learned = {
  /** Heat that its burner puts into the pot at the boil, kW. */
  readonly netPowerKw: LearnedFigure | null;
  /** Whether that is what its pot takes up, told by the cooks in it. */
  readonly ofPot: boolean;
  /** What the thermometer adds to the truth, K. */
  readonly thermometerOffsetK: LearnedFigure | null;
  /** What reaches the jars over what the sums say. */
  readonly yieldTimes: LearnedFigure | null;
  /** How long a cook takes over what the sums say of it on that burner. */
  readonly minutesTimes: LearnedFigure | null;
  /** How firmly a method sets over what the sums say, by the method. */
  readonly setTimes: LearnedOfEach;
  /** What a cup of fruit weighs as this kitchen fills it, over the table. */
  readonly cupTimes: LearnedFigure | null;
  /** Soluble solids of a fruit over the table, by the fruit. */
  readonly solidsTimes: LearnedOfEach;
};

/** A kitchen that nothing is learned of. */
export const NOTHING_LEARNED: Learned = {
  netPowerKw: null,
  ofPot: false,
  thermometerOffsetK: null,
  yieldTimes: null,
  minutesTimes: null,
  setTimes: [],
  cupTimes: null,
  solidsTimes: [],
};

/** What was learned of one of several, times what the sums say; 1 for nothing. */
export const timesFor = (learned: LearnedOfEach, of: string): number =>
  learned.find(({ id }) => id === of)?.times.p50 ?? 1;

/** Standard deviations from the middle of a normal to its p90. */
export const Z_P90 = 1.2815515655446004;
/** Half the width of a range that thins out in a straight line, over its standard deviation. */
const HALF_WIDTH = Math.sqrt(6);

/** Standard deviation of a learned figure that is as far off on either side. */
export const sdOf = ({ p10, p90 }: Quantiles): number => (p90 - p10) / (2 * Z_P90);

/**
 * How far a figure may be from what was learned of it, over it: what is not known of it and what
 * differs from cook to cook, and never more than where nothing was learned.
 * @param usual its range from cook to cook where it is known well
 * @param unknown its range where nothing is known
 */
export function learnedScatter(figure: LearnedFigure, usual: Range, unknown: Range): Range {
  const off = HALF_WIDTH * (sdOf(figure) / figure.p50);
  const half = Math.min(unknown.high - 1, Math.hypot(usual.high - 1, off));
  return range(1 - half, 1, 1 + half);
}
