import type { Entry } from './entry.ts';
import type { Estimate } from './estimate.ts';
import type { CookPlan } from './cookPlan.ts';

/** Nearer to the stop than this, or past it, the thermometer says that it is done; K. */
const DONE_K = 0.5;
const FAR_K = 1.5;

/** What it usually means when a test and the thermometer disagree; null where they agree, there is no test, or the pot is off the heat. */
export function testConflict(
  cookPlan: CookPlan,
  now: Estimate,
  tests: readonly Entry[],
): string | null {
  const last = tests.findLast(({ kind }) => kind === 'plate-test' || kind === 'sheet-test');
  if (!last || !cookPlan.tempTells || now.toGoK === null) return null;
  const sets = last.text === 'wrinkles' || last.text === 'merges';
  if (!sets && now.toGoK < DONE_K)
    return 'The thermometer says done and the drop still runs. Usually the acid or the pectin is low: lemon juice, a tablespoon to the kilo, and two minutes more; boiling on alone only makes it dark. Or the probe touches the base, and reads high.';
  if (sets && now.toGoK > FAR_K)
    return 'The drop wrinkles and the thermometer is not there yet. The fruit is rich in pectin: it may stop here. Or the probe reads low: check it in boiling water.';
  return null;
}
