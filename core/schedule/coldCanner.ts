import { EPSILON } from './board.ts';
import type { Job } from './job.ts';
import type { PlacedAct } from './place.ts';
import { STAYS_HOT_MIN } from './placeLoads.ts';

/**
 * Batches with a load that goes into a canner which is not hot: it was to be hot from a load of
 * another batch, which was moved since.
 */
export function inColdCanners(
  jobs: readonly Job[],
  acts: readonly PlacedAct[],
): ReadonlySet<number> {
  const inCanners = acts.filter(({ holds }) => holds?.kind === 'canner');
  const cold = new Set<number>();
  for (const { job, from, load, holds } of inCanners.filter(({ act }) => act === 'load')) {
    if ((jobs[job]?.heatsMin ?? 0) <= 0) continue;
    const isHot = inCanners.some(
      (act) =>
        act.holds?.thing === holds?.thing &&
        act.to <= from + EPSILON &&
        (act.job === job && act.load === load
          ? act.act === 'heat-canner'
          : act.to >= from - STAYS_HOT_MIN - EPSILON),
    );
    if (!isHot) cold.add(job);
  }
  return cold;
}
