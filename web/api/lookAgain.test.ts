import type { BatchSummary } from '@idle-kettle/contract';
import { lookAgainMs } from './lookAgain.ts';

const NOW = Date.parse('2026-11-29T12:00:00Z');
const batch = (change: Partial<BatchSummary>): BatchSummary => ({
  id: 'a', name: 'Damson', version: 1, plan: null, planFaults: null, state: 'planned',
  since: new Date(NOW).toISOString(), sessionId: null,
  jarPlaces: null,
  createdAt: new Date(NOW).toISOString(), updatedAt: new Date(NOW).toISOString(), ...change,
}); // prettier-ignore
const PLAN = {} as NonNullable<BatchSummary['plan']>;
const FAULTS = [{ field: 'lines[0]', message: 'No.' }];
const ago = (ms: number) => ({ updatedAt: new Date(NOW - ms).toISOString() });

test('a list is fetched again until every batch has a plan or a reason for having none', () => {
  expect(lookAgainMs([], NOW)).toBeNull();
  expect(lookAgainMs([batch({ plan: PLAN })], NOW)).toBeNull();
  expect(lookAgainMs([batch({ planFaults: FAULTS })], NOW)).toBeNull();
  expect(lookAgainMs([batch({ plan: PLAN }), batch({})], NOW)).toBe(700);
});

test('the longer a batch has waited, the less often it is looked at, but never less than every five seconds', () => {
  expect(lookAgainMs([batch(ago(30_000))], NOW)).toBe(3000);
  expect(lookAgainMs([batch(ago(86_400_000))], NOW)).toBe(5000);
  expect(lookAgainMs([batch(ago(86_400_000)), batch(ago(0))], NOW)).toBe(700);
  // The browser's clock is a day slow.
  expect(lookAgainMs([batch(ago(-86_400_000))], NOW)).toBe(700);
});
