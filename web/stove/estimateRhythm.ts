import { isOfADevice, type Entry } from '@idle-kettle/core';

/** What an estimate goes by, as far as it tells when another is worth its while. */
export type Basis = {
  /** Names what was done, and what boiling water showed. */
  readonly done: string;
  readonly readings: number;
  readonly isLit: boolean;
  /** On the kitchen’s clock. */
  readonly nowMs: number;
};

/** After a new reading, after nothing but time on the heat, and before it is lit, kitchen’s ms. */
const AFTER_A_READING_MS = 5000;
const ON_THE_HEAT_MS = 10_000;
const UNLIT_MS = 60_000;

/** The basis of an estimate of a log at a moment. */
export function basisOf(
  entries: readonly Entry[],
  waterBoilsC: number | null,
  nowMs: number,
): Basis {
  const done = entries.filter((entry) => !isOfADevice(entry));
  const last = done.at(-1);
  return {
    done: `${done.length} ${last?.source} ${last?.seq} ${waterBoilsC}`,
    readings: entries.length - done.length,
    isLit: done.some(({ kind }) => kind === 'lit'),
    nowMs,
  };
}

/**
 * Whether the pot is to be estimated anew: something was done, a thermometer was read, or enough time
 * has passed for it to have changed. A phone beside the hob lasts longer than the cook.
 * @param last what the last estimate went by; null for none
 */
export function wantsEstimate(last: Basis | null, now: Basis): boolean {
  if (last === null || last.done !== now.done) return true;
  const passedMs = now.nowMs - last.nowMs;
  if (passedMs < 0) return true;
  if (now.readings !== last.readings && passedMs >= AFTER_A_READING_MS) return true;
  return passedMs >= (now.isLit ? ON_THE_HEAT_MS : UNLIT_MS);
}
