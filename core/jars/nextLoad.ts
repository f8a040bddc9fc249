import { capacityOf } from './canner.ts';
import type { Jar, JarProgress } from './jarProgress.ts';
import type { JarSheet } from './jarSheet.ts';

/** Jars for the next load, and those that wait hot meanwhile. */
export type NextLoad = { readonly jars: readonly Jar[]; readonly waiting: readonly Jar[] };

/**
 * The closed jars that go into the canner next: as many as it takes, in the order they were filled. Sizes may be mixed; each is given the
 * room of the largest, and the load then takes as long as that needs.
 * @param halfPints how many half-pints the canner takes
 */
export function nextLoad({ sizes }: JarSheet, { jars }: JarProgress, halfPints: number): NextLoad {
  const closed = jars.filter(({ state, part }) => state === 'closed' && !part);
  const mlOf = ({ size }: Jar) => sizes[size - 1]?.volumeMl ?? 0;
  let count = 0;
  let largest = 0;
  for (const jar of closed) {
    const next = Math.max(largest, mlOf(jar));
    if (count + 1 > capacityOf(halfPints, next)) break;
    [largest, count] = [next, count + 1];
  }
  return { jars: closed.slice(0, count), waiting: closed.slice(count) };
}
