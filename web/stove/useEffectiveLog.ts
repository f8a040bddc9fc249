import type { CookSession } from '@idle-kettle/contract';
import {
  ambientOf,
  boilingWaterOf,
  canBeAt,
  effectiveEvents,
  entriesByHand,
  type Entry,
} from '@idle-kettle/core';
import { useMemo } from 'react';
import type { KeptEntry } from './keptEntry.ts';

const HOUR_MS = 3_600_000;

/**
 * What of a cook’s log counts, what was done by it, and what boiling water showed; null where that
 * was not looked at.
 */
export type EffectiveLog = {
  readonly entries: readonly KeptEntry[];
  readonly events: readonly Entry[];
  /** What was done, and what was typed of the thermometer. */
  readonly byHand: readonly Entry[];
  readonly waterBoilsC: number | null;
};

/**
 * What of a cook’s log counts now. What is years off, from before such entries were refused, is
 * only shown, to be taken back.
 */
export function useEffectiveLog(
  { kitchen, startedAt }: Pick<CookSession, 'kitchen' | 'startedAt'>,
  log: readonly KeptEntry[],
  nowMs: number,
): EffectiveLog {
  const startMs = Date.parse(startedAt);
  const hour = Math.ceil(nowMs / HOUR_MS);
  const entries = useMemo(
    () => log.filter(({ at }) => canBeAt(at, startMs, hour * HOUR_MS)),
    [log, startMs, hour],
  );
  const events = useMemo(() => effectiveEvents(entries), [entries]);
  const byHand = useMemo(() => entriesByHand(entries), [entries]);
  const waterBoilsC = useMemo(
    () => boilingWaterOf(events, ambientOf(kitchen).waterBoilsC),
    [events, kitchen],
  );
  return { entries, events, byHand, waterBoilsC };
}
