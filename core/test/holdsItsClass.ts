import type { InWords } from '@idle-kettle/words';
import type { Remedy } from '../advice/index.ts';
import { SET_CLASSES } from '../gel/index.ts';
import type { Plan } from '../plan/index.ts';

/**
 * Expects a batch that was mended to set as its remedy promised, or firmer, in four simulated
 * batches of five.
 */
export function holdsItsClass(
  set: InWords<Plan>['set'],
  { forecast, odds }: InWords<Pick<Remedy, 'forecast' | 'odds'>>,
): void {
  const least = SET_CLASSES.indexOf(forecast);
  expect(['soft', 'firm', 'slices']).toContain(forecast);
  expect(SET_CLASSES.indexOf(set?.forecast ?? 'pours')).toBeGreaterThanOrEqual(least);
  const share = SET_CLASSES.slice(least).reduce((sum, each) => sum + (set?.share[each] ?? 0), 0);
  expect(share).toBeGreaterThanOrEqual(0.8);
  expect(Math.abs(share - odds)).toBeLessThan(0.05);
}
