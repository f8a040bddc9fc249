import type { JarProgress } from './jarState.ts';
import type { JarPlan } from './jarPlan.ts';

/**
 * What a batch took of a kitchen’s jars: full ones and part ones in use, broken ones gone, and new
 * lids used up.
 */
export type StockUse = {
  readonly name: string;
  readonly inUse: number;
  readonly broken: number;
  readonly lids: number;
};

/**
 * What the jars of a batch took, by size; sizes that took nothing are left out. A lid is used once.
 */
export const stockUseOf = ({ sizes }: JarPlan, { jars }: JarProgress): readonly StockUse[] =>
  sizes
    .map(({ name }, index) => {
      const own = jars.filter(({ size }) => size === index + 1);
      const broken = own.filter(({ state }) => state === 'broken').length;
      return {
        name,
        inUse: own.length - broken,
        broken,
        lids: own.reduce((sum, { lids }) => sum + lids, 0),
      };
    })
    .filter(({ inUse, broken, lids }) => inUse + broken + lids > 0);
