import type { Ingredient } from '../ingredients/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';

/**
 * What a pot holds, in grams. Solubles are sucrose + hexoses + other (acids, pectin, minerals, and
 * whatever else a refractometer reads).
 */
export type Contents = {
  readonly water: number;
  readonly sucrose: number;
  readonly hexoses: number;
  readonly otherSolubles: number;
  /** Cell walls, seeds, starch. */
  readonly insolubles: number;
  readonly fat: number;
  /** Solids of egg, its own fat included. */
  readonly egg: number;
};

export const NOTHING: Contents = {
  water: 0,
  sucrose: 0,
  hexoses: 0,
  otherSolubles: 0,
  insolubles: 0,
  fat: 0,
  egg: 0,
};

/** Everything dissolved, g. */
export const solublesG = (c: Contents): number => c.sucrose + c.hexoses + c.otherSolubles;
/** Sugars, g. */
export const sugarsG = (c: Contents): number => c.sucrose + c.hexoses;
/** What does not dissolve, g: it takes room, and no part in the boiling. */
export const undissolvedG = (c: Contents): number => c.insolubles + c.fat + c.egg;
/** All of it, g. */
export const massOf = (c: Contents): number => c.water + solublesG(c) + undissolvedG(c);

/**
 * Soluble solids of the whole mass, pieces included, in g per 100 g.
 * @returns g per 100 g, 0 to 100
 */
export const solublesPctOf = (c: Contents): number => (100 * solublesG(c)) / massOf(c);

/**
 * Soluble solids of the syrup alone, as a refractometer reads it (°Brix), in g per 100 g.
 * @returns °Brix, 0 to 100
 */
export const syrupBrixOf = (c: Contents): number => (100 * solublesG(c)) / (solublesG(c) + c.water);

/** Two contents in one pot: masses add. */
export const plus = (a: Contents, b: Contents): Contents => ({
  water: a.water + b.water,
  sucrose: a.sucrose + b.sucrose,
  hexoses: a.hexoses + b.hexoses,
  otherSolubles: a.otherSolubles + b.otherSolubles,
  insolubles: a.insolubles + b.insolubles,
  fat: a.fat + b.fat,
  egg: a.egg + b.egg,
});

/**
 * Contents so many times over.
 * @param factor 0 or more
 */
export const timesContents = (c: Contents, factor: number): Contents => ({
  water: c.water * factor,
  sucrose: c.sucrose * factor,
  hexoses: c.hexoses * factor,
  otherSolubles: c.otherSolubles * factor,
  insolubles: c.insolubles * factor,
  fat: c.fat * factor,
  egg: c.egg * factor,
});

/**
 * Contents of `massG` grams of an ingredient whose soluble and insoluble solids are as given (g per
 * 100 g). Its sugars move with its soluble solids, as ripening moves them.
 * @param massG g
 * @param solublesPct soluble solids, g per 100 g
 * @param insolublesPct insoluble solids, g per 100 g
 */
export function contentsOf(
  { make }: Ingredient,
  massG: number,
  solublesPct: number = make.solublesPct.typical,
  insolublesPct: number = make.insolublesPct.typical,
): Contents {
  const times = make.solublesPct.typical === 0 ? 0 : solublesPct / make.solublesPct.typical;
  const sugarsPct = make.sugarsPct.typical * times;
  const part = massG / 100;
  const undissolved = part * insolublesPct;
  return {
    water: part * (100 - solublesPct - insolublesPct),
    sucrose: part * sugarsPct * make.sucroseShare,
    hexoses: part * sugarsPct * (1 - make.sucroseShare),
    otherSolubles: part * (solublesPct - sugarsPct),
    insolubles: make.insolublesAre === 'fibre' ? undissolved : 0,
    fat: make.insolublesAre === 'fat' ? undissolved : 0,
    egg: make.insolublesAre === 'egg' ? undissolved : 0,
  };
}

/** The pot before it is lit, everything at its typical value. */
export const startContents = (lines: readonly UnderstoodLine[]): Contents =>
  lines.reduce((sum, line) => plus(sum, contentsOf(line.ingredient, line.massG.typical)), NOTHING);
