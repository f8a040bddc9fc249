import { capacityOf } from '../canner/index.ts';
import { coolAt, type Jar, type JarProgress } from './jarState.ts';
import { loadTime, type JarPlan } from './jarPlan.ts';

/**
 * Jars for the next load, those that wait hot meanwhile, and those that no time is published for.
 */
export type NextLoad = {
  readonly jars: readonly Jar[];
  readonly waiting: readonly Jar[];
  readonly refused: readonly Jar[];
};

/**
 * The closed jars that go into the canner next: as many as it takes, in the order they were filled.
 * Sizes may be mixed; each is given the room of the largest, and the load then takes as long as
 * that needs.
 * @param halfPints how many half-pints the canner takes
 * @param nowMs what has stood too long by then is not among them
 */
export function nextLoad(
  jarPlan: JarPlan,
  { jars }: JarProgress,
  halfPints: number,
  nowMs: number,
): NextLoad {
  const mlOf = ({ size }: Jar) => jarPlan.sizes[size - 1]?.volumeMl ?? Infinity;
  const closed = jars.filter(
    (jar) => jar.state === 'closed' && !jar.part && coolAt(jar, nowMs) === null,
  );
  const may = (jar: Jar) => loadTime(jarPlan, [mlOf(jar)]).refused === null;
  const fit = closed.filter(may);
  let count = 0;
  let largest = 0;
  for (const jar of fit) {
    const next = Math.max(largest, mlOf(jar));
    if (count + 1 > capacityOf(halfPints, next)) break;
    [largest, count] = [next, count + 1];
  }
  return {
    jars: fit.slice(0, count),
    waiting: fit.slice(count),
    refused: closed.filter((jar) => !may(jar)),
  };
}
