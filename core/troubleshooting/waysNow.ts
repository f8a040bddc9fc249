import type { BatchCase } from './batchCase.ts';
import type { DiscardReason } from './discard.ts';
import type { Symptom } from './facts.ts';

/** What can be done with a batch now. */
export type WayNow =
  | 'remake'
  | 'reprocess'
  | 'fridge'
  | 'use-as-syrup'
  | 'warm-to-spread'
  | 'keep'
  | 'eat-first'
  | 'pour-off'
  | 'bin';

const WAYS: { readonly [symptom in Symptom]: readonly WayNow[] } = {
  loose: ['remake', 'use-as-syrup'],
  stiff: ['remake', 'warm-to-spread'],
  weeps: ['keep'],
  crystals: ['keep', 'warm-to-spread'],
  floats: ['keep'],
  cloudy: ['keep'],
  scorched: ['pour-off'],
  siphoned: ['eat-first'],
  unsealed: ['reprocess', 'fridge'],
  mould: ['bin'],
  faded: ['eat-first'],
  bubbles: ['eat-first'],
};

/** What can be done now, the best first. Nothing but the bin where it is not safe. */
export function waysNow(
  symptom: Symptom,
  { isEgg, isForPantry }: BatchCase,
  why: DiscardReason | null,
): readonly WayNow[] {
  if (why !== null) return ['bin'];
  return WAYS[symptom].filter(
    (way) =>
      // An egg that was heated twice curdles, and what is not for the pantry is not put back there.
      !(way === 'remake' && isEgg) && !(way === 'reprocess' && !isForPantry),
  );
}
