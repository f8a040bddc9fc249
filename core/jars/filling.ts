import type { Quantiles } from '../quantity/index.ts';
import { packJars, MOST_PACKED_ML, type JarSize, type Packing } from '../yield/index.ts';
import { LITTLE_SHORT, type Jar, type JarProgress } from './jarState.ts';
import type { JarPlan } from './jarPlan.ts';

/**
 * How well the content of a pot is known: measured or weighed by this much, ±. Judgement: a ladle
 * and a scale.
 */
const MEASURED = 0.03;

/** What is still in the pot, and how it fills the jars that are left. */
export type Filling = {
  /** What is known by: measured or weighed now, followed at the stove, or forecast. */
  readonly by: 'measured' | 'followed' | 'forecast';
  /** What was in it before the first jar, mL. */
  readonly totalMl: Quantiles;
  /** What is left, mL. */
  readonly leftMl: Quantiles;
  /** Whether that is no more than scrapings. */
  readonly isEmpty: boolean;
  /** How the likely rest fills the jars that are left; full jars by size. */
  readonly rest: Packing;
  /**
   * The part jar, where there will be one; null for none worth a jar, and where no jar is left that
   * holds it.
   */
  readonly part: { readonly size: number; readonly mL: number } | null;
  /**
   * Two jars a little short instead of a full one and a part jar; null where that does not arise.
   */
  readonly twoShort: { readonly size: number; readonly mL: number } | null;
  /** Full jars to keep hot still: what the good outcome fills, and one spare. */
  readonly keepHot: number;
};

/** Less than this is scraped out with a spoon, mL; judgement. */
const SCRAPINGS_ML = 15;

/**
 * What is in the pot, and how it fills the jars that are left as jars are really filled.
 * @param massG what the stove knew of the pot’s mass at the end; null for a batch that was not
 * followed there
 */
export function fillingOf(
  jarPlan: JarPlan,
  progress: JarProgress,
  massG: Quantiles | null,
): Filling {
  const filledMl = sumMl(progress.jars);
  const before = sumMl(
    progress.jars.filter(({ filledAtMs }) => filledAtMs <= (progress.measuredAtMs ?? -Infinity)),
  );
  const { totalMl, by } = contentOf(jarPlan, progress, massG, before);
  const left = (mL: number) => Math.min(MOST_PACKED_ML, Math.max(0, mL - filledMl));
  const leftMl = { p10: left(totalMl.p10), p50: left(totalMl.p50), p90: left(totalMl.p90) };
  const jars = jarsLeft(jarPlan, progress.jars);
  const rest = packJars(leftMl.p50, jars);
  const most = packJars(leftMl.p90, jars);
  return {
    by,
    totalMl,
    leftMl,
    isEmpty: leftMl.p50 < SCRAPINGS_ML,
    rest,
    ...endOf(jars, rest),
    keepHot: most.jars.reduce((sum, { count }) => sum + count, 0) + 1,
  };
}

const sumMl = (jars: readonly Jar[]): number => jars.reduce((sum, { holdsMl }) => sum + holdsMl, 0);

function contentOf(
  { forecastMl, mlPerG }: JarPlan,
  { measuredMl }: JarProgress,
  massG: Quantiles | null,
  before: number,
): Pick<Filling, 'totalMl' | 'by'> {
  if (measuredMl !== null) {
    const mL = measuredMl + before;
    return {
      by: 'measured',
      totalMl: { p10: mL * (1 - MEASURED), p50: mL, p90: mL * (1 + MEASURED) },
    };
  }
  if (massG === null) return { by: 'forecast', totalMl: forecastMl };
  const { p10, p50, p90 } = massG;
  return {
    by: 'followed',
    totalMl: {
      p10: p10 * mlPerG * (1 - MEASURED),
      p50: p50 * mlPerG,
      p90: p90 * mlPerG * (1 + MEASURED),
    },
  };
}

/** The jars that are not filled yet, gifts first. */
const jarsLeft = ({ sizes }: JarPlan, jars: readonly Jar[]) =>
  sizes.map((size, index) => {
    const used = jars.filter((jar) => jar.size === index + 1 && !jar.part).length;
    const all = jars.filter((jar) => jar.size === index + 1).length;
    return {
      ...size,
      count: size.count === null ? null : Math.max(0, size.count - all),
      gift: Math.max(0, (size.gift ?? 0) - used),
    };
  });

/**
 * How it ends: which jar takes the rest, and whether the last full one and it could be two a little
 * short.
 */
function endOf(sizes: readonly JarSize[], rest: Packing): Pick<Filling, 'part' | 'twoShort'> {
  if (rest.partMl < SCRAPINGS_ML) return { part: null, twoShort: null };
  // The full ones of its size are taken before it.
  const taken = (name: string) => rest.jars.find((jar) => jar.name === name)?.count ?? 0;
  const fits = sizes
    .map(({ name, volumeMl, count }, index) => ({
      volumeMl,
      size: index + 1,
      isThere: count === null || count > taken(name),
    }))
    .filter(({ volumeMl, isThere }) => isThere && volumeMl >= rest.partMl)
    .sort((a, b) => a.volumeMl - b.volumeMl);
  const last = sizes.findIndex(({ name }) => name === rest.jars.at(-1)?.name);
  const full = sizes[last]?.volumeMl ?? 0;
  const each = (full + rest.partMl) / 2;
  const enough = last >= 0 && rest.partMl <= full && each >= full * (1 - LITTLE_SHORT);
  const [fit] = fits;
  return {
    part: fit === undefined ? null : { size: fit.size, mL: rest.partMl },
    twoShort: enough ? { size: last + 1, mL: each } : null,
  };
}
