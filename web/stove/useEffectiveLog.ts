import type { CookSession } from '@idle-kettle/contract';
import {
  ambientOf,
  boilingWaterOf,
  canBeAt,
  CLOCKS_AGREE_MS,
  effectiveEvents,
  entriesByHand,
  isByHand,
  type Entry,
} from '@idle-kettle/core';
import { useMemo } from 'react';
import { useDeepCompareMemoize } from 'use-deep-compare-effect';
import type { KeptEntry } from './keptEntry.ts';

/**
 * What of a cook’s log counts, what was done by it, and what boiling water showed; null where that
 * was not looked at.
 */
export type EffectiveLog = {
  readonly entries: readonly KeptEntry[];
  /** All but what a probe sends each second, whether it counts or not; and what of that can count. */
  readonly typed: readonly KeptEntry[];
  readonly counted: readonly KeptEntry[];
  readonly events: readonly Entry[];
  /** What was done, and what was typed of the thermometer. */
  readonly byHand: readonly Entry[];
  readonly waterBoilsC: number | null;
};

/**
 * What of a cook’s log counts now. What is dated ahead counts when its time has come; what is years
 * off, from before such entries were refused, is only shown, to be taken back.
 */
export function useEffectiveLog(
  { kitchen, startedAt }: Pick<CookSession, 'kitchen' | 'startedAt'>,
  log: readonly KeptEntry[],
  nowMs: number,
): EffectiveLog {
  const startMs = Date.parse(startedAt);
  const possible = useMemo(
    () => log.filter(({ at }) => canBeAt(at, startMs, Infinity)),
    [log, startMs],
  );
  // In the order of the clock: those that have happened come first.
  const ahead = possible.findLastIndex(({ at }) => at <= nowMs + CLOCKS_AGREE_MS) + 1;
  const entries = useMemo(() => possible.slice(0, ahead), [possible, ahead]);
  // A reading that a probe sends changes nothing of what was done: what follows from that stays.
  const typed = useDeepCompareMemoize(useMemo(() => log.filter(isTyped), [log]));
  const counted = useDeepCompareMemoize(useMemo(() => entries.filter(isTyped), [entries]));
  const events = useMemo(() => effectiveEvents(counted), [counted]);
  const byHand = useMemo(() => entriesByHand(counted), [counted]);
  const waterBoilsC = useMemo(
    () => boilingWaterOf(events, ambientOf(kitchen).waterBoilsC),
    [events, kitchen],
  );
  return { entries, typed, counted, events, byHand, waterBoilsC };
}

const isTyped = ({ kind, source }: Entry): boolean =>
  kind !== 'temperature' || isByHand({ source });
