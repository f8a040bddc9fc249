import { massOf, solublesPctOf, type Contents } from '../formula/index.ts';
import { butterRatio, curdRatio } from './body.ts';
import { lowMethoxylRatio } from './lowMethoxyl.ts';
import { pectinNeededPct } from './pectin.ts';

/** What makes a spread stand. */
export type SetModel = 'high-methoxyl' | 'low-methoxyl' | 'body' | 'egg';

/** What a batch holds that can make it set. */
export type Setters = {
  /** g of 150-grade that gel with sugar and acid, after what boiling wore away. */
  readonly highMethoxylG: number;
  /** g that gel with calcium. */
  readonly lowMethoxylG: number;
  readonly calciumMg: number;
};

/**
 * How much of what makes it set a finished batch holds, over how much it needs; 1 is between soft
 * and firm.
 * @param pH null where the batch has no acid, and sets on none
 * @returns 1 is between soft and firm
 */
export function setRatioOf(
  model: SetModel,
  batch: Contents,
  pH: number | null,
  has: Setters,
): number {
  const massG = massOf(batch);
  const solublesPct = solublesPctOf(batch);
  switch (model) {
    case 'body':
      return butterRatio(batch, has.highMethoxylG);
    case 'egg':
      return curdRatio(batch);
    case 'high-methoxyl':
      return pH === null ? 0 : (100 * has.highMethoxylG) / massG / pectinNeededPct(solublesPct, pH);
    case 'low-methoxyl':
      return lowMethoxylRatio({
        pectinPct: (100 * has.lowMethoxylG) / massG,
        calciumMgPerG: has.lowMethoxylG === 0 ? 0 : has.calciumMg / has.lowMethoxylG,
        solublesPct,
        // A batch with nothing sour in it stands near neutral.
        pH: pH ?? 7,
      });
  }
}
