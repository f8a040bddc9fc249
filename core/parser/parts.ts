import { message, type Text } from '@idle-kettle/words/message';
import {
  findIngredient,
  inState,
  JELLY_RIPENESS,
  ripened,
  type Fruit,
  type Ingredient,
  type OtherIngredient,
} from '../ingredients/index.ts';
import { range, timesRange, type Range } from '../quantity/index.ts';
import { blended } from './blend.ts';
import type { Part } from './words.ts';

/**
 * What one piece gives, in grams, low to high; common practice (a lemon gives about 3 tbsp of
 * juice).
 */
const JUICE_G: { readonly [fruit: string]: Range } = {
  lemon: range(32, 45, 58),
  lime: range(20, 29, 38),
  orange: range(60, 82, 105),
  'seville-orange': range(35, 50, 65),
  clementine: range(28, 40, 52),
  grapefruit: range(150, 190, 240),
  yuzu: range(10, 18, 28),
  bergamot: range(40, 60, 80),
};

/** Grated zest of one piece, g; common practice. */
const ZEST_G: { readonly [fruit: string]: Range } = {
  lemon: range(3, 6, 10),
  lime: range(2, 4, 6),
  orange: range(4, 8, 12),
  'seville-orange': range(4, 8, 12),
  clementine: range(2, 4, 6),
  grapefruit: range(8, 14, 20),
  yuzu: range(3, 6, 10),
  bergamot: range(4, 8, 12),
};

/** The peel of one piece with its pith, as a share of the piece; common practice. */
const PEEL_SHARE = range(0.2, 0.26, 0.34);

/** Whether it is a citrus fruit, of which juice, zest and peel are used apart. */
export const isCitrus = (id: string): boolean => id in JUICE_G;

/**
 * Something that a part of a fruit or egg is, and how much of it one gram of the whole gives, or
 * one piece.
 */
export type PartRow = {
  readonly row: Ingredient;
  readonly perPieceG: Range;
  readonly said: Text;
};

/**
 * The row of a fruit's juice: its own where the ingredient table has one, else what drips from a
 * cloth, of fruit as ripe as the line says or as jelly is made of.
 * @param extracted whether it dripped from cooked fruit
 * @param ripeness 0 (unripe) to 1 (over-ripe); null where the line says nothing
 */
export const juiceRow = (fruit: Fruit, extracted: boolean, ripeness: number | null): Ingredient =>
  (extracted ? null : findIngredient(`${fruit.id}-juice`)) ??
  inState(ripeness === null ? ripened(fruit, JELLY_RIPENESS) : fruit, 'juice');

/**
 * What parts of a whole piece are: `zest and juice` of an orange, the yolk of an egg. Null where
 * nobody can tell.
 */
export function partOf(row: Ingredient, parts: ReadonlySet<Part>): PartRow | null {
  if (row.id === 'egg') return eggPart(parts);
  if (row.kind !== 'fruit') return null;
  if (parts.size === 1 && parts.has('pulp')) return pulpOf(row);
  const juiceG = JUICE_G[row.id];
  const zestG = ZEST_G[row.id];
  const zest = findIngredient('zest');
  const peel = findIngredient('citrus-peel');
  if (!juiceG || !zestG || !row.pieceG || zest?.kind === 'fruit' || peel?.kind === 'fruit')
    return null;
  if (!zest || !peel) return null;
  const juice = juiceRow(row, false, null);
  const peelG = timesRange(row.pieceG, PEEL_SHARE.typical);
  const zested = parts.has('zest') ? { row: zest, grams: zestG, name: 'zest' } : null;
  const peeled = parts.has('peel') ? { row: peel, grams: peelG, name: 'peel' } : null;
  const rind = peeled ?? zested;
  if (parts.has('pulp')) return null;
  if (!parts.has('juice')) {
    return rind === null
      ? null
      : {
          row: rind.row,
          perPieceG: rind.grams,
          said: message('parser.countsAsGOfFrom', {
            round: Math.round(rind.grams.typical),
            name: rind.name,
          }),
        };
  }
  if (rind === null) {
    return {
      row: juice,
      perPieceG: juiceG,
      said: message('parser.countsAsGOfJuice', { typical: juiceG.typical }),
    };
  }
  return {
    row: blended(
      `${row.name} juice and ${rind.name}`,
      { ingredient: juice as OtherIngredient, massG: juiceG },
      { ingredient: rind.row, massG: rind.grams },
    ),
    perPieceG: range(
      juiceG.low + rind.grams.low,
      juiceG.typical + rind.grams.typical,
      juiceG.high + rind.grams.high,
    ),
    said: message('parser.countsAsGOfJuiceAnd', {
      typical: juiceG.typical,
      round: Math.round(rind.grams.typical),
      name: rind.name,
    }),
  };
}

function eggPart(parts: ReadonlySet<Part>): PartRow | null {
  const id = parts.has('yolk') ? 'egg-yolk' : parts.has('white') ? 'egg-white' : null;
  const row = id === null || parts.size > 1 ? null : findIngredient(id);
  return row?.pieceG === undefined
    ? null
    : {
        row,
        perPieceG: row.pieceG,
        said: message('parser.countsAsGEach2', { typical: row.pieceG.typical }),
      };
}

/** The flesh of fruit whose skin stays behind: what preparing leaves. */
const pulpOf = (fruit: Fruit): PartRow | null =>
  fruit.pieceG === undefined
    ? null
    : {
        row: fruit,
        perPieceG: timesRange(fruit.pieceG, fruit.edibleShare),
        said: message('parser.countsAsGOfPulp', {
          round: Math.round(fruit.pieceG.typical * fruit.edibleShare),
        }),
      };
