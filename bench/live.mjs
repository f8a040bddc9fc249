import {
  independentModelTrial,
  ownKettleTrial,
  summaryOf,
  trialsOf,
} from '@idle-kettle/core/validation';
import { ms, timed } from './measure.mjs';

const COOKS = 200;
const MOST_ERROR = 0.02;
const MOST_ERROR_ELSEWHERE = 0.12;
/** What p10 to p90 should hold of the cooks. */
const HOLDS = [0.75, 0.92];

const pct = (/** @type {number | null} */ share) =>
  share === null ? '–' : `${(100 * share).toFixed(1)} %`;

/** How well minutes left are known at half time. @returns {import('./measure.mjs').Row[]} */
export function liveRows() {
  const own = trialsOf(ownKettleTrial, COOKS);
  const [ours, others] = [summaryOf(own), summaryOf(trialsOf(independentModelTrial, COOKS))];
  const one = timed(() => own[0]?.again(), 15);
  const found = (/** @type {import('@idle-kettle/core/validation').TrialSummary} */ of) =>
    `median ${pct(of.medianError)}, p90 ${pct(of.p90Error)}, most ${pct(of.mostError)}`;
  return [
    {
      what: `minutes left at half time, ${COOKS} noisy cooks with a probe 1.5 °C off`,
      bar: `median ≤ ${100 * MOST_ERROR} %`,
      found: found(ours),
      met: ours.medianError <= MOST_ERROR,
    },
    {
      what: 'its p10–p90, and the flame it learned',
      bar: `holds ${100 * (HOLDS[0] ?? 0)}–${100 * (HOLDS[1] ?? 0)} %`,
      found: `holds ${pct(ours.within)}; flame off by ${pct(ours.medianFlameError)}`,
      met: ours.within >= (HOLDS[0] ?? 0) && ours.within <= (HOLDS[1] ?? 1),
    },
    {
      what: `the same at ${COOKS} kettles that are not our simulation: other steam, a lid ajar, a burner that cycles, a draught`,
      bar: `median ≤ ${100 * MOST_ERROR_ELSEWHERE} %`,
      found: `${found(others)}; p10–p90 holds ${pct(others.within)}`,
      met: others.medianError <= MOST_ERROR_ELSEWHERE,
    },
    {
      what: 'one estimate',
      bar: 'none',
      found: `${ms(one.median)}, p99 ${ms(one.p99)}`,
      met: true,
    },
  ];
}
