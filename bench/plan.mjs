import { planBatch, USUAL_REQUEST } from '@idle-kettle/core';
import { ms, timed } from './measure.mjs';

const LINES = ['2 kg crushed damsons', '1.4 kg sugar', '30 mL bottled lemon juice'];
const MOST_PLAN_MS = 2;
const MOST_FORECAST_MS = 300;

/** @param {number} draws @param {readonly string[]} lines */
const plan = (draws, lines = LINES) =>
  planBatch({ ...USUAL_REQUEST, altitudeM: 1250, lines, draws });

/**
 * Rows 1 and 2 of the table: a plan of typical figures, and one with its ranges.
 * @returns {import('./measure.mjs').Row[]}
 */
export function planRows() {
  const typical = timed(() => plan(0), 500);
  const forecast = timed(() => plan(10_000), 15);
  const mended = timed(() => plan(2000, ['1 kg rhubarb', '1 kg sugar']), 15);
  return [
    {
      what: 'plan, typical figures',
      bar: `median ≤ ${MOST_PLAN_MS} ms`,
      found: `${ms(typical.median)}, p99 ${ms(typical.p99)}`,
      met: typical.median <= MOST_PLAN_MS,
    },
    {
      what: 'plan with 10,000 draws',
      bar: `≤ ${MOST_FORECAST_MS} ms`,
      found: ms(forecast.median),
      met: forecast.median <= MOST_FORECAST_MS,
    },
    {
      what: 'plan with 2,000 draws and its remedies, each planned again',
      bar: 'none',
      found: ms(mended.median),
      met: true,
    },
  ];
}
