import { say, type PlainMessageId } from '@idle-kettle/words';
import type { Drops } from '@idle-kettle/core';

/** What may be seen in a test of the set. */
export type Outcome = Drops[keyof Drops];

/** Each outcome as a cook would say it. */
export const OUTCOMES: { readonly [outcome in Outcome]: PlainMessageId } = {
  runs: 'stove.itRuns',
  slow: 'stove.itClosesSlowly',
  wrinkles: 'stove.itWrinkles',
  drops: 'stove.theyDripOneByOne',
  merges: 'stove.twoRunTogetherAndHang',
  weeps: 'stove.aRingOfWaterRuns',
  mounds: 'stove.itStaysInAHeap',
};

/** An outcome of the log in words; as it is where it is none that is known. */
export const outcomeInWords = (text: string | null): string =>
  text !== null && text in OUTCOMES ? say(OUTCOMES[text as Outcome]) : (text ?? '');
