import { message } from '@idle-kettle/words/message';
import { canBeAt, type Entry, type Fault } from '@idle-kettle/core';

/** An entry, and the time that was said of it where its clock was wrong; null where it was right. */
export type DatedEntry = Entry & { readonly saidAt: number | null };

/** What the times of a delivery are measured against, ms on the kitchen’s clock. */
export type Measured = {
  readonly startMs: number;
  readonly nowMs: number;
  /** What the sender’s clock showed as it sent; null where it did not say. */
  readonly sentMs: number | null;
  /** What clocks that agree may still differ by. */
  readonly agreeMs: number;
  /** What each source’s clock was found to be off by before, to be added to what it says. */
  readonly offMs: ReadonlyMap<string, number>;
};

/** A clock is off by weeks where nobody ever set it; what is years off is no time at all. */
const MOST_OFF_MS = 400 * 24 * 3_600_000;

/**
 * A delivery with its times put right, and what cannot be put right. A sender who tells what its
 * clock shows is measured by that. Of any other, what cannot be of this cook is measured by what was
 * known of its source, or by the delivery itself: the last of it happened now.
 */
export function putRight(
  given: readonly Entry[],
  measured: Measured,
): { readonly entries: readonly DatedEntry[]; readonly faults: readonly Fault[] } {
  const { startMs, nowMs } = measured;
  const offOf = offsets(given, measured);
  const entries = given.map((entry) => {
    const off = offOf(entry);
    return off === 0
      ? { ...entry, saidAt: null }
      : { ...entry, at: entry.at + off, saidAt: entry.at };
  });
  const faults = entries.flatMap(({ at, saidAt }, index) =>
    canBeAt(at, startMs, nowMs) && Math.abs(at - (saidAt ?? at)) <= MOST_OFF_MS
      ? []
      : [{ field: `entries[${index}].at`, message: message('problems.withinADay') }],
  );
  return { entries, faults };
}

/** How far the time of an entry is moved, ms; 0 for one that is right. */
function offsets(
  given: readonly Entry[],
  { startMs, nowMs, sentMs, agreeMs, offMs }: Measured,
): (entry: Entry) => number {
  if (sentMs !== null) {
    const off = nowMs - sentMs;
    return () => (Math.abs(off) <= agreeMs ? 0 : off);
  }
  const isWrong = ({ at }: Entry) => !canBeAt(at, startMs, nowMs);
  const bySource = new Map<string, number>();
  for (const source of new Set(given.filter(isWrong).map((entry) => entry.source))) {
    const wrong = given.filter((entry) => entry.source === source && isWrong(entry));
    const last = Math.max(...wrong.map(({ at }) => at));
    const known = offMs.get(source);
    const fits =
      known !== undefined &&
      wrong.every(({ at }) => canBeAt(at + known, startMs, nowMs)) &&
      last + known <= nowMs + agreeMs;
    bySource.set(source, fits ? known : nowMs - last);
  }
  return (entry) => (isWrong(entry) ? (bySource.get(entry.source) ?? 0) : 0);
}
