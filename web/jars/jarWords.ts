import type { Jar, JarSheet } from '@idle-kettle/core';

const list = new Intl.ListFormat('en-US');

/** `half-pint 3`. */
export const jarInWords = ({ sizes }: JarSheet, { size, number }: Jar): string =>
  `${sizes[size - 1]?.name ?? 'jar'} ${number}`;

/** `7 half-pints and 1 pint`. */
export function countedInWords({ sizes }: JarSheet, jars: readonly Pick<Jar, 'size'>[]): string {
  if (jars.length === 0) return 'no jar';
  return list.format(
    sizes.flatMap(({ name }, index) => {
      const count = jars.filter(({ size }) => size === index + 1).length;
      return count === 0 ? [] : [`${count} ${count === 1 ? name : `${name}s`}`];
    }),
  );
}
