import type { JarProgress } from './jarState.ts';
import type { JarPlan } from './jarPlan.ts';

/**
 * What a batch took of a kitchen’s jars: full ones and part ones in use, broken ones gone, and new
 * lids used up.
 */
export type StockUse = {
  /** Which of the kitchen’s sizes it was; null where only its name tells. */
  readonly id: string | null;
  readonly name: string;
  readonly inUse: number;
  readonly broken: number;
  readonly lids: number;
};

/**
 * What the jars of a batch took, by size; sizes that took nothing are left out. A lid is used once.
 */
export function stockUseOf({ sizes }: JarPlan, { jars }: JarProgress): readonly StockUse[] {
  const uses = sizes.map(({ id, name }) => ({
    id: id ?? null,
    name,
    inUse: 0,
    broken: 0,
    lids: 0,
  }));
  for (const { size, state, lids } of jars) {
    const use = uses[size - 1];
    if (use === undefined) continue;
    if (state === 'broken') use.broken += 1;
    else use.inUse += 1;
    use.lids += lids;
  }
  return uses.filter(({ inUse, broken, lids }) => inUse + broken + lids > 0);
}
