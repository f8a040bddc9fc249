import type { Batch, Kitchen } from '@idle-kettle/contract';
import {
  HEAT_SOURCES,
  obedientCook,
  readingsOf,
  requestInKitchen,
  trueSheet,
  USUAL_PROBE,
  type Entry,
  type Practice,
} from '@idle-kettle/core';

/** What nobody in the demo’s kitchen knows: how strong its burners are, and how its probe reads. */
const POWER_TIMES = 1.25;
const PROBE_OFFSET_K = -0.7;
/** A reading in so many seconds is kept. */
const READ_EVERY_S = 30;
const BEFORE_THE_FLAME_MS = 180_000;
const USUAL_COOK_MS = 50 * 60_000;

/**
 * How a batch of the season was cooked, by one who does what the sheet asks for: simulated, so that
 * its figures agree with one another.
 * @param startMs when the cook was begun
 */
export function demoSeasonCook(
  { lines, settings }: Pick<Batch, 'lines' | 'settings'>,
  kitchen: Kitchen,
  seed: number,
  startMs: number,
): { readonly entries: readonly Entry[]; readonly offMs: number } {
  const request = requestInKitchen({ lines, settings }, kitchen);
  const practice: Practice = {
    seed,
    fault: 'none',
    probe: { ...USUAL_PROBE, offsetK: PROBE_OFFSET_K },
    scale: false,
  };
  const powerKw = (POWER_TIMES * HEAT_SOURCES[request.heat].powerW) / 1000;
  const cookPlan = trueSheet({ ...request, netPowerKw: powerKw }, practice);
  if (cookPlan === null) return { entries: [], offMs: startMs + USUAL_COOK_MS };
  const litMs = startMs + BEFORE_THE_FLAME_MS;
  const events = obedientCook(cookPlan, practice, litMs).filter(({ kind }) => kind !== 'ready');
  const offMs = events.find(({ kind }) => kind === 'off-heat')?.at ?? litMs + USUAL_COOK_MS;
  const lasted = Math.floor((offMs - litMs) / 1000);
  const readings = readingsOf(cookPlan, practice, events, litMs, 0, lasted).filter(
    ({ kind }, index) => kind === 'temperature' && index % READ_EVERY_S === 0,
  );
  return { entries: [...events.filter(({ at }) => at <= offMs), ...readings], offMs };
}
