import { request } from './planned.ts';
import { type Entry, type CookPlan } from '../stove/index.ts';
import { USUAL_PROBE, type Practice } from '../practice/index.ts';

export const DAMSON = request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'], altitudeM: 1524 });

/** A minute, ms. */
export const MIN = 60_000;

/** A practice without a fault and with the usual thermometer, but for what is changed. */
export const practice = (change: Partial<Practice> = {}): Practice => ({
  seed: 3,
  fault: 'none',
  probe: USUAL_PROBE,
  scale: false,
  ...change,
});

/** A plan that is there. */
export const sure = (cookPlan: CookPlan | null): CookPlan => {
  if (cookPlan === null) throw new Error('There is no plan');
  return cookPlan;
};

/** When the first entry of a kind was made, ms; NaN where there is none. */
export const at = (events: readonly Entry[], kind: Entry['kind']): number =>
  events.find((event) => event.kind === kind)?.at ?? NaN;
