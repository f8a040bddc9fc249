import type { JarDto } from '@idle-kettle/contract';
import type { StockUse } from '@idle-kettle/core';

/**
 * What a batch has taken off the stock of a size: jars that stand filled, empty jars, new lids. `id`
 * is null, or left out of what was kept earlier, where only its name tells which size it is.
 */
export type StockTaken = {
  readonly id?: string | null;
  readonly name: string;
  readonly inUse: number;
  readonly count: number;
  readonly lids: number;
};

/** What a use of jars takes: a broken one is gone, and is no longer empty either. */
export const takenBy = ({ id, name, inUse, broken, lids }: StockUse): StockTaken => ({
  id,
  name,
  inUse,
  count: inUse + broken,
  lids,
});

/** Most of anything that a kitchen can say it has. */
const MOST = 10_000;
const FIGURES = ['count', 'lids', 'inUse'] as const;

/**
 * The stock as a batch has taken from it now, where it had taken something else before. What nobody
 * counts stays uncounted. Figures may come to be below nothing, as when more is filled than was
 * counted: what is given back later is then right, in whatever order it comes.
 */
export const withTaken = (
  jars: readonly JarDto[],
  before: readonly StockTaken[],
  now: readonly StockTaken[],
): JarDto[] =>
  jars.map((jar) => {
    const [had, has] = [before, now].map((taken) => taken.find((one) => isOf(jar, one)));
    const more = (figure: 'inUse' | 'count' | 'lids') =>
      (has?.[figure] ?? 0) - (had?.[figure] ?? 0);
    return {
      ...jar,
      inUse: (jar.inUse ?? 0) + more('inUse'),
      ...(jar.count == null ? {} : { count: jar.count - more('count') }),
      ...(jar.lids == null ? {} : { lids: jar.lids - more('lids') }),
    };
  });

/** By its id it is the same size, whatever it is called by now. */
const isOf = (jar: JarDto, { id, name }: StockTaken): boolean =>
  id == null ? jar.name === name : jar.id === id;

/** The stock as a kitchen is told of it: nobody has fewer than none. */
export const shownStock = (jars: readonly JarDto[]): JarDto[] =>
  jars.map((jar) => {
    const shown: JarDto = { ...jar };
    for (const figure of FIGURES) {
      const value = jar[figure];
      if (value != null) shown[figure] = Math.min(MOST, Math.max(0, value));
    }
    return shown;
  });

/**
 * The stock as somebody says that it is. Of a size that they name by its id, whatever they call it, a
 * figure that they leave as it was shown to them stays as it is kept, and jars in use that they say
 * nothing of are in use still.
 */
export function saidStock(said: readonly JarDto[], kept: readonly JarDto[]): JarDto[] {
  const shown = shownStock(kept);
  return said.map((jar) => {
    const at = kept.findIndex(({ id }) => id !== undefined && id === jar.id);
    const [was, saw] = [kept[at], shown[at]];
    if (was === undefined || saw === undefined) return jar;
    const next: JarDto = { ...jar };
    if (jar.inUse === undefined && was.inUse !== undefined) next.inUse = was.inUse;
    for (const figure of FIGURES) {
      const value = was[figure];
      if (value != null && jar[figure] === saw[figure]) next[figure] = value;
    }
    return next;
  });
}
