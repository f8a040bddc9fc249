import type { JarSize, Plan } from '@idle-kettle/core';

/** Less than a spoonful is for whoever licks the pot, mL. */
export const A_SPOON_ML = 15;

/** One jar in the drawing. */
export type DrawnJar = {
  readonly volumeMl: number;
  /** 0 to 1: how high it is filled. */
  readonly level: number;
  /** Filled even in a poor outcome. */
  readonly sure: boolean;
};

/**
 * The jars of a batch as they are drawn, the largest first: those it most likely fills, of which a
 * poor outcome fills the first few; those a good outcome adds, in the size there are most of; and
 * the part jar, in the smallest that holds it.
 * @param sizes the jars on hand
 */
export function jarsDrawn(
  { jars, partMl, fullJars }: NonNullable<Plan['yield']>,
  sizes: readonly JarSize[],
): DrawnJar[] {
  const mlOf = (name: string) => sizes.find((size) => size.name === name)?.volumeMl ?? 0;
  const full = jars
    .flatMap(({ name, count }) => Array<number>(count).fill(mlOf(name)))
    .sort((a, b) => b - a);
  const commonest = jars.toSorted((a, b) => b.count - a.count)[0]?.name ?? sizes[0]?.name ?? '';
  const more = Array<number>(Math.max(0, fullJars.p90 - full.length)).fill(mlOf(commonest));
  const partIn = Math.min(
    ...sizes.map(({ volumeMl }) => volumeMl).filter((volume) => volume >= partMl),
  );
  return [
    ...[...full, ...more].map((volumeMl, i) => ({ volumeMl, level: 1, sure: i < fullJars.p10 })),
    ...(partMl >= A_SPOON_ML && Number.isFinite(partIn)
      ? [{ volumeMl: partIn, level: partMl / partIn, sure: false }]
      : []),
  ];
}
