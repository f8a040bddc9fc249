import { inWords, textOf } from '@idle-kettle/words';
import type { Pretreatment } from '../pretreatment/index.ts';
import { type Plan, type PlanInWords, planBatch } from '../plan/index.ts';
import { type PlanRequest, USUAL_REQUEST } from '../evaluate/index.ts';

/** A request at sea level for jars boiled sterile, with whatever a test changes. */
export const request = (change: Partial<PlanRequest>): PlanRequest => ({
  ...USUAL_REQUEST,
  lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  altitudeM: 0,
  school: 'sterilised',
  draws: 600,
  ...change,
});

/** The plan of such a request. Throws with every fault when it is refused. */
export function planned(change: Partial<PlanRequest> = {}): PlanInWords {
  const outcome = planBatch(request(change));
  if (!outcome.ok) throw new Error(textOf(outcome.faults.map(({ message }) => message)));
  return inWords(outcome.plan);
}

export const codes = (of: Pick<Plan, 'cautions'>): string[] => of.cautions.map(({ code }) => code);

/** Share of the imagined batches that set at least softly. */
export const settles = ({ set }: Pick<Plan, 'set'>): number =>
  (set?.share.soft ?? 0) + (set?.share.firm ?? 0) + (set?.share.slices ?? 0);

/** What comes first, with everything but what a test says as usual. */
export const beforeOf = (
  kind: Pretreatment['kind'],
  lines: Pretreatment['lines'],
  more: Partial<Pretreatment> = {},
): Pretreatment => ({
  kind,
  lines,
  waterG: null,
  hours: null,
  obtainedG: null,
  obtainedMl: null,
  brix: null,
  clot: null,
  ...more,
});
