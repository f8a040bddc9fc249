import { beyondMending, remediesFor, type Diagnosis } from '../advice/index.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';
import type { LineReading } from '../parser/index.ts';
import type { Plan } from './plan.ts';

/**
 * What is short of the set, with what would mend it; a plan of typical figures alone looks for
 * nothing.
 */
export function setOf(
  worked: Evaluation,
  boil: Boil,
  readings: readonly LineReading[],
  diagnosis: Diagnosis,
): NonNullable<Plan['set']> {
  if (worked.request.draws === 0 || diagnosis.short === 'none')
    return { ...diagnosis, remedies: [] };
  const remedies = remediesFor(worked, readings, diagnosis);
  return remedies.length > 0
    ? { ...diagnosis, remedies }
    : { ...diagnosis, remedies, beyond: beyondMending(worked, boil, diagnosis) };
}
