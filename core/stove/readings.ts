import type { Entry } from './entry.ts';
import type { Progress } from './progress.ts';

/**
 * Readings of one stretch of time as one: their median, which a stirring dip or a dropped reading
 * does not move.
 */
export type Bin = {
  /** Minutes since the flame. */
  readonly minute: number;
  readonly value: number;
  readonly count: number;
};

/**
 * A stretch is never shorter than this, and a cook never has more of them than {@link MOST_BINS};
 * minutes.
 */
const FINEST_MIN = 1 / 3;
const MOST_BINS = 120;

/**
 * Temperatures from `fromMs` to `toMs`, in stretches.
 * @param fromMs inclusive, ms
 * @param toMs exclusive, ms
 */
export function binned(entries: readonly Entry[], fromMs: number, toMs: number): readonly Bin[] {
  const width = Math.max(FINEST_MIN, (toMs - fromMs) / 60_000 / MOST_BINS);
  const bins = new Map<number, { minutes: number[]; values: number[] }>();
  for (const { kind, at, value } of entries) {
    if (kind !== 'temperature' || value === null || at < fromMs || at > toMs) continue;
    const minute = (at - fromMs) / 60_000;
    const index = Math.floor(minute / width);
    const bin = bins.get(index) ?? { minutes: [], values: [] };
    bin.minutes.push(minute);
    bin.values.push(value);
    bins.set(index, bin);
  }
  return [...bins.entries()]
    .sort(([a], [b]) => a - b)
    .map(([, { minutes, values }]) => ({
      minute: minutes.reduce((sum, minute) => sum + minute, 0) / minutes.length,
      value: median(values),
      count: values.length,
    }));
}

/**
 * The middle value; of an even number, the mean of the two in the middle. Throws RangeError for
 * none.
 * @throws RangeError for none
 */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('No value has no middle');
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half] as number;
  return sorted.length % 2 === 1 ? upper : (upper + (sorted[half - 1] as number)) / 2;
}

/** A reading older than this tells nothing of now, ms. */
const FRESH_MS = 20_000;
/** Fewer readings than this in a short time were typed by hand, and the last of them counts. */
const BY_HAND = 5;

/**
 * What the probe shows now: the middle of its last readings; null when it shows nothing fresh.
 * @returns °C
 */
export function freshReading(
  entries: readonly Entry[],
  progress: Progress,
  untilMs: number,
): number | null {
  if (!progress.probeIn) return null;
  const last = entries.flatMap(({ kind, at, value }) =>
    kind === 'temperature' && value !== null && at <= untilMs && at > untilMs - FRESH_MS
      ? [value]
      : [],
  );
  if (last.length === 0) return null;
  return last.length < BY_HAND ? (last.at(-1) ?? null) : median(last);
}
