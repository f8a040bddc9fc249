import { capacityOf, USUAL_HALF_PINTS } from './canner.ts';

/** Jars of one size, mL each. */
export type JarsOfSize = { readonly volumeMl: number; readonly count: number };

/**
 * How many loads some jars take in a canner, the small ones first; a load of mixed sizes has the room of its largest jar.
 * @param halfPints how many half-pints the canner takes; null for what is usual
 * @returns 0 for no jars
 */
export function loadsOf(jars: readonly JarsOfSize[], halfPints: number | null): number {
  const holds = halfPints ?? USUAL_HALF_PINTS;
  const each = [...jars]
    .sort((a, b) => a.volumeMl - b.volumeMl)
    .flatMap(({ volumeMl, count }) => Array<number>(count).fill(volumeMl));
  let loads = 0;
  let inLoad = 0;
  for (const volumeMl of each) {
    if (inLoad === 0 || inLoad + 1 > Math.max(1, capacityOf(holds, volumeMl))) {
      loads += 1;
      inLoad = 0;
    }
    inLoad += 1;
  }
  return loads;
}
