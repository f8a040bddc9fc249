import { massOf, solublesG, type Contents } from '../formula/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';

const BUTTERS = commonPractice(
  'butters of pulp and little sugar mound near 25–30 % solids, sweet ones near 30–35 %; judgement, held against printed yields',
);

/**
 * Cell walls and pectin thicken a butter this many times as much as what else dissolves, weight for
 * weight.
 */
const PULP_THICKENS = constant(1.2, '1', BUTTERS);

/** Solubles, with pulp and pectin by what they thicken, at which a butter mounds on a spoon. */
export const MOUNDING = constant(32.5, 'g per 100 g', BUTTERS);

/**
 * A butter that is sweet enough to count as thick from the start is still thin with the juice that
 * cooking draws: nobody stops before it has lost this share of its mass.
 */
export const LEAST_REDUCTION = constant(0.15, '1', BUTTERS);

/** Egg solids at which a curd coats the spoon and stands. */
export const CURD_EGG = constant(
  7.5,
  'g per 100 g',
  commonPractice('about 4 eggs and 7 yolks to a cup of juice; judgement'),
);

/** How thick a cook wants a butter. */
export type BodyStop = 'spoonable' | 'mounds' | 'stiff';

export const BODY_STOPS: readonly BodyStop[] = ['spoonable', 'mounds', 'stiff'];

/** Body of a butter at each stop, over the body at which it mounds; judgement. */
export const BODY_AT: { readonly [stop in BodyStop]: number } = {
  spoonable: 0.87,
  mounds: 1,
  stiff: 1.25,
};

/** What makes a butter thick, g: solubles, and pulp and pectin by what they thicken. */
const thickeningG = (batch: Contents, pectinG: number): number =>
  solublesG(batch) + PULP_THICKENS.value * (batch.insolubles + pectinG);

/**
 * Body of a butter over the body at which it mounds.
 * @param pectinG grams of pectin in it that gel with sugar
 */
export const butterRatio = (batch: Contents, pectinG: number): number =>
  (100 * thickeningG(batch, pectinG)) / massOf(batch) / MOUNDING.value;

/**
 * Soluble solids, g per 100 g, at which this batch has the body of a stop, reduced or as it is.
 * @param pectinG grams of pectin in it that gel with sugar
 */
export function solublesPctAtBody(batch: Contents, pectinG: number, stop: BodyStop): number {
  const massG = (100 * thickeningG(batch, pectinG)) / (BODY_AT[stop] * MOUNDING.value);
  return (100 * solublesG(batch)) / Math.min(massG, (1 - LEAST_REDUCTION.value) * massOf(batch));
}

/** Butter that sets hard when it is cold thickens a curd as much as this share of it in egg. */
const BUTTER_THICKENS = constant(
  0.12,
  '1',
  commonPractice('4 lemons, 4 eggs, 450 g sugar and 110 g butter set softly; judgement'),
);

/**
 * Egg solids of a curd, and its butter by what it thickens, over those it needs to stand.
 * @returns 1 is just enough
 */
export const curdRatio = (batch: Contents): number =>
  (100 * (batch.egg + BUTTER_THICKENS.value * batch.fat)) / massOf(batch) / CURD_EGG.value;
