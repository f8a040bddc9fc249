import { massOf, solublesG, solublesPctOf, type Contents } from '../formula/index.ts';
import { butterRatio, curdRatio } from './body.ts';
import { carriedShare } from './carried.ts';
import { gellingSugarRatio, packPectinLeft } from './gellingSugar.ts';
import { lowMethoxylRatio } from './lowMethoxyl.ts';
import { pectinNeededPct } from './pectin.ts';
import { pulpRatio } from './pulp.ts';

/** What makes a spread stand. */
export type SetModel = 'high-methoxyl' | 'low-methoxyl' | 'gelling-sugar' | 'body' | 'egg';

/** What a batch holds that can make it set. */
export type Setters = {
  /** g of 150-grade that gel with sugar and acid, after what boiling wore away. */
  readonly highMethoxylG: number;
  /** Of these, what comes from a box or a pouch, and what comes in a gelling sugar. */
  readonly addedG: number;
  readonly packG: number;
  /** Gelling sugar, g, and the prepared fruit that it is made for, g. */
  readonly gellingSugarG: number;
  readonly setsFruitG: number;
  /** g that gel with calcium. */
  readonly lowMethoxylG: number;
  readonly calciumMg: number;
  /** Pulp that thickens a jam by itself, g. */
  readonly pulpG: number;
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
      return (
        pulpRatio(has.pulpG, massG, solublesPct) +
        (pH === null
          ? 0
          : (100 * gellingG(has, solublesG(batch))) / massG / pectinNeededPct(solublesPct, pH))
      );
    case 'gelling-sugar':
      return has.gellingSugarG === 0
        ? 0
        : gellingSugarRatio({
            ratio: has.setsFruitG / has.gellingSugarG,
            packPct: (100 * has.packG) / massG,
            fruitPct: (100 * (has.highMethoxylG - has.packG)) / massG,
            solublesPct,
            pH: pH ?? NEUTRAL_PH,
          });
    case 'low-methoxyl':
      return lowMethoxylRatio({
        pectinPct: (100 * has.lowMethoxylG) / massG,
        calciumMgPerG: has.lowMethoxylG === 0 ? 0 : has.calciumMg / has.lowMethoxylG,
        solublesPct,
        pH: pH ?? NEUTRAL_PH,
      });
  }
}

/** A batch with nothing sour in it stands near neutral. */
const NEUTRAL_PH = 7;

/** Pectin that gels with the sugar there is, g. */
const gellingG = ({ highMethoxylG, addedG }: Setters, sugarsG: number): number =>
  highMethoxylG - addedG * (1 - carriedShare(sugarsG, addedG));

/**
 * The same after a cook.
 * @param left share of the pectin that gels with sugar that the boil left, 0 to 1
 * @param boilMin minutes at the boil
 */
export function afterBoiling(has: Setters, left: number, boilMin: number): Setters {
  const packG = has.packG * packPectinLeft(boilMin);
  return {
    ...has,
    highMethoxylG: (has.highMethoxylG - has.packG) * left + packG,
    addedG: has.addedG * left,
    packG,
  };
}
