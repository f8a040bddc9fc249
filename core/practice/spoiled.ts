import type { PlanRequest } from '../evaluate/index.ts';
import type { SetClass } from '../gel/index.ts';
import { troubleOf, type Symptom, type ToldCause } from '../troubleshooting/index.ts';
import type { Debrief } from './debrief.ts';
import { trueRequest, type Practice } from './practice.ts';

/** What is wrong with a jar that sets so; null for nothing. */
const SYMPTOM: { readonly [set in SetClass]: Symptom | null } = {
  pours: 'loose',
  loose: 'loose',
  soft: null,
  firm: null,
  slices: 'stiff',
};

/** Causes with a smaller share are not told in a debrief. */
const LEAST_SHARE = 0.2;

/**
 * What spoiled a practice cook, by the same causes as a batch of one’s own: none where it came out
 * as it should.
 * @param request of the practice, as it was told
 */
export function spoiledBy(
  request: PlanRequest,
  practice: Practice,
  { set, solublesPct, minutes }: Pick<Debrief, 'set' | 'solublesPct' | 'minutes'>,
): readonly ToldCause[] {
  const symptom = SYMPTOM[set];
  if (symptom === null) return [];
  const outcome = troubleOf({
    symptom,
    formula: trueRequest(request, practice),
    facts: {
      solublesPct,
      cookMin: minutes,
      ...(practice.fault === 'double-batch' ? { batches: 2 } : {}),
    },
  });
  return outcome.ok ? outcome.trouble.causes.filter(({ share }) => share >= LEAST_SHARE) : [];
}
