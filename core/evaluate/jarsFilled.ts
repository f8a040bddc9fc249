import { holdsApples, isInItsJars, isNamed, largestJarMl } from '../process/index.ts';
import type { JarSize } from '../yield/index.ts';
import type { PlanRequest } from './request.ts';
import type { Evaluation } from './evaluation.ts';

/**
 * The jars that are filled: those with a tabled time, and of a named formula no larger than it
 * prints, where there are any. Where none is small enough, all are, and the batch is for the fridge.
 */
export function jarsFilled(
  { product, jars, assurance }: PlanRequest,
  ofApples: boolean,
): readonly JarSize[] {
  const onHand = jars.some(({ count }) => count !== 0)
    ? jars.filter(({ count }) => count !== 0)
    : jars;
  const small = onHand.filter(({ volumeMl }) => volumeMl <= largestJarMl(product, ofApples));
  const printed = small.filter(
    ({ volumeMl }) => !isNamed(assurance) || isInItsJars(assurance, volumeMl),
  );
  return printed.length > 0 ? printed : small.length > 0 ? small : onHand;
}

/** Whether the fruit of a batch is apple alone. */
export const isOfApples = ({ understood }: Pick<Evaluation, 'understood'>): boolean =>
  holdsApples({ lines: understood });
