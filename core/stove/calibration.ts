import type { Entry } from './entry.ts';
import { median } from './readings.ts';

/** How long boiling water is watched, and how still its reading must stand. */
const WATCHED_MS = 60_000;
const LEAST_MS = 40_000;
const LEAST_READINGS = 15;
const STILL_K = 0.2;

/** What a thermometer shows in boiling water, and whether it stands still. */
export type WaterReading = {
  /** What the thermometer shows, °C: the middle of the last minute. */
  readonly shownC: number;
  readonly steady: boolean;
};

/**
 * What a probe shows in boiling water, put there at `sinceMs`; null before it shows anything.
 * @param sinceMs when it was put in the water, ms
 * @param nowMs ms
 * @returns °C
 */
export function waterReading(
  entries: readonly Entry[],
  sinceMs: number,
  nowMs: number,
): WaterReading | null {
  const from = Math.max(sinceMs, nowMs - WATCHED_MS);
  const last = entries.filter(
    ({ kind, at, value }) => kind === 'temperature' && value !== null && at >= from && at <= nowMs,
  );
  if (last.length === 0) return null;
  const values = last.map(({ value }) => value ?? 0);
  const half = values.length >> 1;
  const long = nowMs - sinceMs >= LEAST_MS && values.length >= LEAST_READINGS;
  const steady =
    long && Math.abs(median(values.slice(0, half)) - median(values.slice(half))) < STILL_K;
  return { shownC: median(values), steady };
}
