import { say } from '@idle-kettle/words';
import type { Jar, JarPlan } from '@idle-kettle/core';
import { packingInWords } from '../ui/words.ts';

/** `half-pint 3`. */
export const jarInWords = ({ sizes }: JarPlan, { size, number }: Jar): string =>
  `${sizes[size - 1]?.name ?? 'jar'} ${number}`;

/** `7 half-pints and 1 pint`. */
export function countedInWords({ sizes }: JarPlan, jars: readonly Pick<Jar, 'size'>[]): string {
  if (jars.length === 0) return say('jars.noJar');
  const counts = sizes.map(({ name }, index) => ({
    name,
    count: jars.filter(({ size }) => size === index + 1).length,
  }));
  return packingInWords({ jars: counts.filter(({ count }) => count > 0) });
}
