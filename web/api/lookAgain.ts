import type { BatchSummary } from '@idle-kettle/contract';

/** Between two looks at a batch that was saved a moment ago, ms. */
const SOONEST_MS = 700;
/** Between two looks at one that has waited for long, ms. */
const LATEST_MS = 5_000;
/** A batch is looked at again after this share of the time that it has waited. */
const SHARE = 0.1;

/**
 * When a list of batches is fetched again because a plan in it is still being worked out. It goes
 * on until every batch has a plan or a reason for having none, however long that takes.
 * @param nowMs ms since 1970 by this browser's clock; one that is wrong changes how often the list
 * is fetched, not whether it is
 * @returns ms from now; null when nothing is being worked out
 */
export function lookAgainMs(batches: readonly BatchSummary[], nowMs: number): number | null {
  const waiting = batches.filter(({ plan, planFaults }) => plan === null && planFaults === null);
  if (waiting.length === 0) return null;
  const newest = Math.max(...waiting.map(({ updatedAt }) => Date.parse(updatedAt)));
  return Math.min(Math.max((nowMs - newest) * SHARE, SOONEST_MS), LATEST_MS);
}
