import type { OtherIngredient } from '../ingredients/index.ts';
import { commonPractice, constant, smoothThrough } from '../quantity/index.ts';

const PACKS = commonPractice(
  'gelling sugar 1:1, 2:1 and 3:1 sets its weight, twice or three times its weight of prepared fruit near 60, 42 and 33 % soluble solids, after 3 to 5 minutes of hard boiling; strengths are a judgement',
);

/** Prepared fruit that a gram of gelling sugar is made for, g. */
export type GellingRatio = NonNullable<OtherIngredient['setsFruit']>;

export const GELLING_RATIOS: readonly GellingRatio[] = [1, 2, 3];

/** Minutes of hard boiling that packs print: the usual, and the most. */
export const GELLING_SUGAR_MIN = { usual: 4, most: 5, provenance: PACKS } as const;

/**
 * Soluble solids near which it sets, g per 100 g, and pectin at which it stands between soft and
 * firm there, g of the pack’s per 100 g of the spread.
 */
const AT_ITS_FIGURE: {
  readonly [ratio in GellingRatio]: readonly [solids: number, pectin: number];
} = { 1: [60, 0.33], 2: [42, 0.46], 3: [33, 0.52] };

/** It sets as well on this much less than the solids of its figure, over them. */
const LEAST_OF_ITS_SOLIDS = 0.93;
/** Solids below that by so much, g per 100 g, halve the set: thinned, or with too much fruit. */
const HALVES_BY_PCT = constant(4.5, 'g per 100 g', PACKS);
/** A gram of the fruit’s own pectin does as much as this of the pack’s. */
const FRUIT_COUNTS = constant(0.2, '1', PACKS);
/** Less sour than this it needs more; so much further up it needs twice as much. */
const LEAST_SOUR_PH = 3.6;
const DOUBLES_BY_PH = 0.35;
/** Boiled for longer than the pack prints, its pectin loses this much of its strength a minute. */
const LOST_A_MIN = constant(0.1, '1/min', PACKS);

const curve = (of: 0 | 1) =>
  smoothThrough(GELLING_RATIOS.map((ratio) => [ratio, AT_ITS_FIGURE[ratio][of]] as const));
const [solidsFor, pectinFor] = [curve(0), curve(1)];

/** Soluble solids of a spread made with a gelling sugar as its pack says, g per 100 g. */
export const gellingSolidsPct = (ratio: number): number => solidsFor(within(ratio));

/** A mixture of two is taken as one between them. */
const within = (ratio: number): number => Math.min(3, Math.max(1, ratio));

/** Share of a pack’s pectin that still gels after so many minutes at the boil. */
export const packPectinLeft = (boilMin: number): number =>
  Math.exp(-LOST_A_MIN.value * Math.max(0, boilMin - GELLING_SUGAR_MIN.most));

/** A spread of gelling sugar at its stop. */
export type GellingSugarCase = {
  /** Fruit that the gelling sugar in it is made for, over that sugar. */
  readonly ratio: number;
  /** Pectin of the pack that still gels, and of the fruit, g per 100 g. */
  readonly packPct: number;
  readonly fruitPct: number;
  readonly solublesPct: number;
  readonly pH: number;
};

/**
 * What makes a gelling sugar set, over what it needs: its dose above all. More fruit than its
 * figure, or water, thins both its pectin and its sugar.
 * @returns 1 is between soft and firm
 */
export function gellingSugarRatio(found: GellingSugarCase): number {
  const ratio = within(found.ratio);
  const lacksPct = LEAST_OF_ITS_SOLIDS * solidsFor(ratio) - found.solublesPct;
  return (
    ((found.packPct + FRUIT_COUNTS.value * found.fruitPct) / pectinFor(ratio)) *
    0.5 ** (Math.max(0, lacksPct) / HALVES_BY_PCT.value) *
    0.5 ** (Math.max(0, found.pH - LEAST_SOUR_PH) / DOUBLES_BY_PH)
  );
}
