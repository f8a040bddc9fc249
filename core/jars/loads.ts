import { capacityOf, USUAL_HALF_PINTS } from '../canner/index.ts';
import type { Filling } from './filling.ts';
import type { JarPlan } from './jarPlan.ts';
import type { JarProgress } from './jarState.ts';

/** Jars of one size, mL each. */
export type JarsOfSize = { readonly volumeMl: number; readonly count: number };

/**
 * How many loads some jars take in a canner, the small ones first; a load of mixed sizes has the
 * room of its largest jar.
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

/**
 * How many loads a batch takes in all: those that are or were in the canner, and what the jars that
 * wait for it and the likely rest of the pot still take.
 * @param halfPints how many half-pints the canner takes; null for what is usual
 * @returns 0 for jars that are not for the canner
 */
export function loadsInAll(
  { sizes, process }: Pick<JarPlan, 'sizes' | 'process'>,
  { jars, loads }: Pick<JarProgress, 'jars' | 'loads'>,
  { rest }: Pick<Filling, 'rest'>,
  halfPints: number | null,
): number {
  if (process.method === 'none') return 0;
  const waiting = jars
    .filter(({ part, state }) => !part && (state === 'filled' || state === 'closed'))
    .map(({ holdsMl }) => ({ volumeMl: holdsMl, count: 1 }));
  const still = rest.jars.map(({ name, count }) => ({
    volumeMl: sizes.find((size) => size.name === name)?.volumeMl ?? 0,
    count,
  }));
  // Once jars are in the canner the pot is empty.
  return loads.length + loadsOf([...waiting, ...(loads.length > 0 ? [] : still)], halfPints);
}
