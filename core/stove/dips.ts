import { commonPractice, constant } from '../quantity/index.ts';
import type { Bin } from './readings.ts';

/** A burner that switches on and off has a period of up to twice this; common practice. */
const HALF_PERIOD_MIN = constant(
  1.5,
  'min',
  commonPractice('electric rings switch every 1 to 3 min'),
);
/** A pot that climbs more quickly than this is not at the boil yet, K a minute. */
const CLIMBS_K_PER_MIN = 0.8;
/** A stretch that lies lower than the high ones beside it by this much is a dip, K. */
const DIP_K = 0.25;
/** The high ones: this share of the stretches beside it lie lower. */
const HIGH = 0.75;
const FEWEST = 4;

/**
 * Stretches of readings without those in which a boiling pot had dropped below its boil because its
 * burner was off for a moment. They say how the burner switches, and not where the pot boils, which
 * is what tells its solids. Stretches of a pot that warms up all stay.
 */
export const withoutDips = (bins: readonly Bin[]): readonly Bin[] =>
  bins.filter((bin) => {
    const near = bins.filter(
      ({ minute }) => Math.abs(minute - bin.minute) <= HALF_PERIOD_MIN.value,
    );
    if (near.length < FEWEST) return true;
    const slope = slopeOf(near);
    if (Math.abs(slope) > CLIMBS_K_PER_MIN) return true;
    const level = ({ minute, value }: Bin) => value - slope * (minute - bin.minute);
    const levels = near.map(level).sort((a, b) => a - b);
    const high = levels[Math.floor(HIGH * (levels.length - 1))] ?? -Infinity;
    return bin.value >= high - DIP_K;
  });

/** The straight line through some stretches, K a minute. */
function slopeOf(bins: readonly Bin[]): number {
  const mean = (of: (bin: Bin) => number) =>
    bins.reduce((sum, bin) => sum + of(bin), 0) / bins.length;
  const [x, y] = [mean(({ minute }) => minute), mean(({ value }) => value)];
  const [up, across] = bins.reduce(
    ([a, b], { minute, value }) => [a + (minute - x) * (value - y), b + (minute - x) ** 2],
    [0, 0] as readonly [number, number],
  );
  return across === 0 ? 0 : up / across;
}
