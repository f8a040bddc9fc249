import type { StockUse } from '../jars/index.ts';
import type { LoggedJar, ShelfJar } from './shelfJar.ts';

/** What a batch has of a kitchen’s stock of one size: jars that stand filled, and what is gone. */
export type StockHeld = Pick<StockUse, 'id' | 'name' | 'inUse' | 'lids'> & {
  /** Jars that are out of the stock of empty ones: filled, broken, given away or lost. */
  readonly count: number;
};

/** A jar whose glass is empty again. */
const COMES_BACK: ReadonlySet<ShelfJar['life']> = new Set(['eaten', 'discarded', 'remade']);
/** A jar that is gone with its glass. */
const GONE: ReadonlySet<ShelfJar['life']> = new Set(['given', 'lost', 'broken']);

/**
 * What the jars of a batch have of the stock, by size, after what happened to them: an eaten jar is
 * an empty one again, one that is given away is gone. A lid is used once.
 */
export function stockAfter(
  jars: readonly (Pick<LoggedJar, 'sizeId' | 'sizeName' | 'lids' | 'state'> &
    Pick<ShelfJar, 'life'>)[],
): readonly StockHeld[] {
  const held = new Map<string, { -readonly [field in keyof StockHeld]: StockHeld[field] }>();
  for (const { sizeId, sizeName, lids, state, life } of jars) {
    const key = sizeId ?? sizeName;
    const so = held.get(key) ?? { id: sizeId, name: sizeName, inUse: 0, count: 0, lids: 0 };
    const isGone = GONE.has(life) || state === 'broken';
    if (!COMES_BACK.has(life)) so.count += 1;
    if (!COMES_BACK.has(life) && !isGone) so.inUse += 1;
    so.lids += lids;
    held.set(key, so);
  }
  return [...held.values()];
}
