import type { Ingredient } from '../ingredients/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';

/**
 * Fruit whose soft pulp thickens a jam by itself, whether it gels or not; common practice,
 * judgement.
 */
const PULPY: ReadonlySet<string> = new Set([
  'fig', 'papaya', 'mango', 'banana', 'persimmon', 'date', 'prune', 'pumpkin', 'squash', 'sweet-potato',
]); // prettier-ignore

/** Pulp solids of such fruit at which a jam stands without any gel, g per 100 g. */
const STANDS_AT = constant(
  2.3,
  'g per 100 g',
  commonPractice('fig, papaya and mango jams stand softly with little acid; judgement'),
);

/**
 * What the pulp of a fruit thickens with: its cell walls and its pectin, g; 0 for fruit that melts,
 * and for juice.
 */
export const pulpG = (ingredient: Ingredient, insolublesG: number, pectinG: number): number =>
  ingredient.kind === 'fruit' && ingredient.state !== 'juice' && PULPY.has(ingredient.id)
    ? insolublesG + pectinG
    : 0;

/** It does so in the syrup of a jam, and by this power less in a thinner one; judgement. */
const SYRUP_PCT = 65;
const THINNER = 6;

/**
 * Body that pulp gives a jam, over the body at which it stands: it comes on top of the gel.
 * @param massG of the finished jam, g
 * @param solublesPct of it, g per 100 g
 */
export const pulpRatio = (heldG: number, massG: number, solublesPct: number): number =>
  ((100 * heldG) / massG / STANDS_AT.value) * Math.min(1, solublesPct / SYRUP_PCT) ** THINNER;
