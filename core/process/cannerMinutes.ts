import type { Verdict } from './keeping.ts';
import { isNamed } from './safetyContext.ts';
import type { SafetyEvidence } from './storageCase.ts';

/** A jar is called by a size that it holds a little more or less than. */
const SAME_JAR = 1.1;

/**
 * Whether a jar is no larger than those that a named formula prints, as far as that was said.
 * @param jarMl as it is filled, mL
 */
export const isInItsJars = ({ jarMl: printed }: SafetyEvidence, jarMl: number): boolean =>
  printed === null || jarMl <= printed * SAME_JAR;

/**
 * Minutes in the canner where a formula is named: what it prints, and never less than our own table
 * gives.
 * @param ownMin minutes of our table, for this altitude and the largest jar
 * @returns null where only the named formula says, and nobody has entered it
 */
export function cannerMinutes(
  verdict: Verdict,
  ownMin: number,
  evidence: SafetyEvidence,
): number | null {
  if (!isNamed(evidence)) return ownMin;
  if (evidence.minutes === null) return verdict === 'by-source' ? null : ownMin;
  return Math.max(ownMin, evidence.minutes);
}
