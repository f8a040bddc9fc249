import { entriesByHand, type Entry } from '../stove/index.ts';
import { jarProgressOf } from '../jars/jarProgress.ts';
import { jarPlanOf, type JarPlan } from '../jars/jarPlan.ts';
import { type JarProgress } from '../jars/jarState.ts';
import { type JarLog } from './jarLog.ts';
import { request } from './planned.ts';

/** An hour, as the log of jars counts time: in minutes. */
export const HOUR = 60;

export const JARS = [
  { name: 'half-pint', volumeMl: 237, count: 12 },
  { name: 'quarter-pint', volumeMl: 118, count: 6 },
  { name: 'pint', volumeMl: 473, count: 4 },
];

/** The plan of the jars of a batch. */
export function jarPlanFor(
  change: Parameters<typeof request>[0] = {},
  events: readonly Entry[] = [],
): JarPlan {
  const jarPlan = jarPlanOf(request({ jars: JARS, ...change }), events);
  if (jarPlan === null) throw new Error('There is no plan for these lines');
  return jarPlan;
}

export const JAM = jarPlanFor();

/** The state of each jar, by its name. */
export const statesOf = ({ jars }: JarProgress) =>
  Object.fromEntries(jars.map(({ id, state }) => [id, state]));

/** Where the jars are after a log. */
export const after = (log: JarLog, jarPlan = JAM) =>
  jarProgressOf(jarPlan, entriesByHand(log.entries));
