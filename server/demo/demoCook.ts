import { type Batch, type Kitchen } from '@idle-kettle/contract';
import {
  obedientCook,
  trueSheet,
  USUAL_PROBE,
  type Entry,
  type Practice,
  requestInKitchen,
} from '@idle-kettle/core';

/** The pot that stands half-way on the demo’s stove: simulated, so that it goes on by itself. */
export const DEMO_PRACTICE: Practice = {
  seed: 12,
  fault: 'none',
  probe: USUAL_PROBE,
  scale: false,
};
export const DEMO_COOK_OF = 'Damson, low hedge';

const BEFORE_THE_FLAME_MS = 240_000;
const HALF_WAY = 0.6;

/** What was done at that pot until now, and when it all began. */
export function demoCook(
  { lines, settings }: Batch,
  kitchen: Kitchen,
  nowMs: number,
): { readonly startMs: number; readonly entries: readonly Entry[] } {
  const cookPlan = trueSheet(requestInKitchen({ lines, settings }, kitchen), DEMO_PRACTICE);
  if (cookPlan === null) throw new Error('The demo’s batch cannot be cooked');
  const lengthMs = obedientCook(cookPlan, DEMO_PRACTICE, 0).find(
    ({ kind }) => kind === 'off-heat',
  )?.at;
  const litMs = Math.round(nowMs - HALF_WAY * (lengthMs ?? 0));
  const startMs = litMs - BEFORE_THE_FLAME_MS;
  const water = (['in-water', 'water-boils'] as const).map((kind, index): Entry => ({
    source: 'water check',
    seq: index + 1,
    at: startMs + index * 90_000,
    kind,
    value: kind === 'water-boils' ? Number(cookPlan.waterBoilsC.toFixed(2)) : null,
    text: null,
  }));
  const done = obedientCook(cookPlan, DEMO_PRACTICE, litMs).filter(({ at }) => at <= nowMs);
  return { startMs, entries: [...water, ...done] };
}
