import {
  BARE_KITCHEN,
  entriesByHand,
  jarPlanOf,
  jarProgressOf,
  requestInKitchen,
  stockUseOf,
} from '@idle-kettle/core';
import { ms, timed } from './measure.mjs';

const MOST_MS = 200;
const TIMES = 15;
const MINUTE_MS = 60_000;
const SIZES = 10;
const OF_EACH = 999;

/**
 * A log of ten thousand jars from the pot to the shelf, each of them filled and sealed by an entry
 * of its own.
 */
function log() {
  /** @type {import('@idle-kettle/core').Entry[]} */
  const entries = [];
  /** @type {(minute: number, kind: import('@idle-kettle/core').EntryKind, text?: string | null, value?: number | null) => void} */
  const at = (minute, kind, text = null, value = null) => {
    const seq = entries.length + 1;
    entries.push({ source: 'browser a', seq, at: minute * MINUTE_MS, kind, value, text });
  };
  const jars = Array.from({ length: SIZES * OF_EACH }, (_, i) => [
    1 + Math.floor(i / OF_EACH),
    1 + (i % OF_EACH),
  ]);
  for (const [size, number] of jars) at(0, 'filled', `${size}.${number}`);
  for (const kind of /** @type {const} */ (['bubbled', 'wiped', 'lidded', 'tight'])) at(0, kind);
  for (let load = 1; load <= SIZES; load += 1) {
    at(1, 'loaded', `${load}.1-${OF_EACH}`, load);
    at(1, 'canner-lit', null, load);
    at(20, 'canner-boils', null, load);
    at(50, 'canner-off', null, load);
    at(56, 'lifted-out', null, load);
  }
  for (const [size, number] of jars) at(800, 'sealed', `${size}.${number}`);
  at(801, 'put-away');
  return entries;
}

/** How long it takes to work out where ten thousand jars are. @returns {import('./measure.mjs').Row[]} */
export function jarRows() {
  const jars = Array.from({ length: SIZES }, (_, i) => ({ name: `size ${i}`, volumeMl: 237 }));
  const request = requestInKitchen(
    { lines: ['2 kg plums', '1.4 kg sugar'], settings: {} },
    { ...BARE_KITCHEN, altitudeM: 0, jars },
  );
  const plan = jarPlanOf(request, [], 0);
  if (plan === null) throw new Error('There is no plan for these lines');
  const entries = log();
  const work = () => stockUseOf(plan, jarProgressOf(plan, entriesByHand(entries)));
  if (work()[0]?.inUse !== OF_EACH) throw new Error('The jars are not where they should be');
  const { median, p99 } = timed(work, TIMES);
  return [
    {
      what: `${SIZES * OF_EACH} jars out of a log of ${entries.length} entries`,
      bar: `≤ ${MOST_MS} ms`,
      found: `${ms(median)}, p99 ${ms(p99)}`,
      met: median <= MOST_MS,
    },
  ];
}
