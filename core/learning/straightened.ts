import {
  asPlanned,
  minutesAfter,
  plannedAddition,
  TYPICAL_POT,
  type CookPlan,
  type Entry,
} from '../stove/index.ts';
import type { LoggedEntry } from './cookRecord.ts';

/** Who is taken to have written what a log leaves out. */
const SUPPLIED = 'supplied';
const MINUTE_MS = 60_000;
/** Shorter or longer than this nothing is cooked, minutes. */
const LEAST_MIN = 3;
const MOST_MIN = 24 * 60;
/** Once it has cooled by so much from its hottest it is off the heat, K. */
const COOLED_K = 5;

/** A log that can be held against a simulation, and when the cook ended; ms on the log’s clock. */
export type StraightLog = { readonly entries: readonly Entry[]; readonly endMs: number };

/**
 * A log with what it leaves out: a flame where none was lit, what went in and does not say what it
 * is or was never noted, and the end. Null for one that is too short or too long to be a cook.
 */
export function straightened(cookPlan: CookPlan, log: readonly LoggedEntry[]): StraightLog | null {
  const sorted = log
    .filter(({ at, value }) => Number.isFinite(at) && (value === null || Number.isFinite(value)))
    .toSorted((a, b) => a.at - b.at);
  const litMs = sorted.find(({ kind }) => kind === 'lit')?.at ?? sorted[0]?.at;
  const endMs = endOf(sorted);
  if (litMs === undefined || endMs === null) return null;
  const minutes = (endMs - litMs) / MINUTE_MS;
  if (!(minutes >= LEAST_MIN && minutes <= MOST_MIN)) return null;
  const said = named(cookPlan, sorted);
  const supplied = [
    ...(said.some(({ kind }) => kind === 'lit') ? [] : [bare('lit', litMs)]),
    ...missingAdditions(cookPlan, said, litMs, endMs),
    ...(said.some(({ kind }) => kind === 'off-heat') ? [] : [bare('off-heat', endMs)]),
  ];
  // What was supplied comes first where both are of one moment.
  const entries = [
    ...supplied.map((entry, index) => ({ ...entry, source: SUPPLIED, seq: index + 1 })),
    ...said.map((entry, index) => ({ ...entry, source: 'log', seq: index + 1 })),
  ].toSorted((a, b) => a.at - b.at);
  return { entries, endMs };
}

const bare = (kind: LoggedEntry['kind'], at: number): LoggedEntry => ({
  at,
  kind,
  value: null,
  text: null,
});

/** When it came off the heat for good: as it says, else before it cooled, else its last line. */
function endOf(log: readonly LoggedEntry[]): number | null {
  const off = log.findLast(({ kind }) => kind === 'off-heat');
  if (off !== undefined) return off.at;
  const temps = log.filter(({ kind, value }) => kind === 'temperature' && value !== null);
  const hottest = Math.max(...temps.map(({ value }) => value ?? 0));
  const hot = temps.findLast(({ value }) => (value ?? 0) > hottest - COOLED_K);
  return hot?.at ?? log.at(-1)?.at ?? null;
}

/** Additions that say no more than grams are the chain’s, in its order. */
function named({ acts }: CookPlan, log: readonly LoggedEntry[]): readonly LoggedEntry[] {
  const left = acts.flatMap(({ adds }) => (adds === null ? [] : [adds.id]));
  return log.map((entry) => {
    if (entry.kind !== 'added') return entry;
    const planned = plannedAddition(entry);
    if (planned !== null) {
      const place = planned === 'first' ? 0 : left.findIndex((id) => id === planned);
      if (place >= 0) left.splice(place, 1);
      return entry;
    }
    if (entry.text !== null && entry.text.trim() !== '') return entry;
    const next = left.shift();
    return next === undefined ? entry : { ...entry, text: asPlanned(next) };
  });
}

/**
 * What the chain puts in before its stop and the log does not tell of, when it would have gone in
 * if everything had taken its share of the time.
 */
function missingAdditions(
  cookPlan: CookPlan,
  log: readonly LoggedEntry[],
  litMs: number,
  endMs: number,
): readonly LoggedEntry[] {
  const has = new Set(log.map((entry) => plannedAddition(entry)));
  const stop = cookPlan.acts.findIndex(({ endsCook }) => endsCook);
  const missing = cookPlan.acts.flatMap((act, index) =>
    act.adds !== null && index < stop && !has.has(act.adds.id) && !has.has('first')
      ? [{ adds: act.adds, index }]
      : [],
  );
  if (missing.length === 0) return [];
  const minuteAfter = minutesAfter(cookPlan, TYPICAL_POT);
  const whole = minuteAfter(stop);
  return missing.map(({ adds, index }) => ({
    at: litMs + (whole > 0 ? minuteAfter(index - 1) / whole : 0) * (endMs - litMs),
    kind: 'added',
    value: adds.massG,
    text: asPlanned(adds.id),
  }));
}
