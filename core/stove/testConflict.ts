import { message, type Text } from '@idle-kettle/words/message';
import type { Entry } from './entry.ts';
import type { Estimate } from './estimate.ts';
import type { CookPlan } from './cookPlan.ts';

/** Nearer to the stop than this, or past it, the thermometer says that it is done; K. */
const DONE_K = 0.5;
const FAR_K = 1.5;

/**
 * What it usually means when a test and the thermometer disagree; null where they agree, there is
 * no test, or the pot is off the heat.
 */
export function testConflict(
  cookPlan: CookPlan,
  now: Estimate,
  tests: readonly Entry[],
): Text | null {
  const last = tests.findLast(({ kind }) => kind === 'plate-test' || kind === 'sheet-test');
  if (!last || !cookPlan.tempTells || now.toGoK === null) return null;
  const sets = last.text === 'wrinkles' || last.text === 'merges';
  if (!sets && now.toGoK < DONE_K) return message('stove.theThermometerSaysDoneBut');
  if (sets && now.toGoK > FAR_K) return message('stove.theDropWrinklesBeforeThe');
  return null;
}
