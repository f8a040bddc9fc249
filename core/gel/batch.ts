import { contentsOf } from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  calibrated,
  isVegetable,
  pectinStrength,
  TABLED_PECTIN_PCT,
  type Ingredient,
  type PriorId,
} from '../ingredients/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';
import { acidLoadOf, NO_ACID, plusLoad, type AcidLoad } from './acidity.ts';
import { pulpG } from './pulp.ts';
import type { GellingRatio } from './gellingSugar.ts';
import type { Setters } from './set.ts';

/** Acid load of a batch at the typical values of everything in it; nothing for what is not sour. */
export function typicalAcidLoad(lines: readonly UnderstoodLine[]): AcidLoad {
  return lines.reduce((sum, { ingredient, massG }) => {
    if (!ingredient.sour) return sum;
    const { pH, taPct, acids } = ingredient.sour;
    const { water } = contentsOf(ingredient, massG.typical);
    return plusLoad(
      sum,
      acidLoadOf({ pH: pH.typical, taPct: taPct.typical, acids }, massG.typical, water),
    );
  }, NO_ACID);
}

/** How fruit is cooked, as far as its pectin goes by it. */
export type FruitCook = {
  /** Whether whole fruit is boiled down, and not by the clock. */
  readonly boiledLong: boolean;
  /** Whether citrus goes in with its peel and pith, as in a marmalade. */
  readonly withPeel: boolean;
};

/** Pectin of a sweet orange or a grapefruit with its peel and pith, over that of its flesh. */
const WITH_PEEL = constant(
  1.6,
  '1',
  commonPractice('a quarter to a third of the fruit, at 2 to 4 % pectin; judgement'),
);

/** Citrus that is tabled as flesh; the others are tabled whole. */
const hasPeelBesides = ({ id }: Ingredient): boolean =>
  id === 'orange' || id === 'grapefruit' || id === 'clementine';

/**
 * What decides how much of an ingredient's tabled pectin a cook gets to gel with sugar: whole fruit
 * in a long boil gives up some that a minute by the clock does not; null where it is all that is
 * tabled. Juice has its own figures already.
 */
export function freedBy(ingredient: Ingredient, { boiledLong }: FruitCook): PriorId | null {
  if (ingredient.kind !== 'fruit') return null;
  if (isVegetable(ingredient.id))
    return 'pectin of vegetables that gels with sugar, over what is tabled';
  return boiledLong && ingredient.state !== 'juice'
    ? 'pectin that boiling whole fruit frees, over what is tabled'
    : null;
}

/**
 * How much of an ingredient's tabled pectin gels with sugar, by what is freed (see {@link freedBy})
 * and by how strong it is.
 */
export function freedShare(ingredient: Ingredient, cook: FruitCook): number {
  if (ingredient.pectinIsOut === true) return 1;
  const by = freedBy(ingredient, cook);
  const tabledPct = ingredient.kind === 'fruit' ? TABLED_PECTIN_PCT.get(ingredient.id) : undefined;
  const peel = cook.withPeel && hasPeelBesides(ingredient) ? WITH_PEEL.value : 1;
  return (
    peel *
    (by === null ? 1 : calibrated(by)) *
    (tabledPct === undefined ? 1 : pectinStrength(tabledPct))
  );
}

/** Nothing that can make a batch set. */
export const NO_SETTERS: Setters = {
  highMethoxylG: 0,
  addedG: 0,
  packG: 0,
  gellingSugarG: 0,
  setsFruitG: 0,
  lowMethoxylG: 0,
  calciumMg: 0,
  pulpG: 0,
};

/** One ingredient as far as it can make a batch set, g of each and mg of calcium. */
export type Setting = {
  readonly ingredient: Ingredient;
  readonly massG: number;
  /** Pectin of it that gels. */
  readonly pectinG: number;
  readonly insolublesG: number;
  readonly calciumMg: number;
};

/** What can make a batch set, with one ingredient more. */
export function plusSetters(sum: Setters, more: Setting): Setters {
  const { ingredient, massG, pectinG } = more;
  const calciumMg = sum.calciumMg + more.calciumMg;
  if (pectinG === 0) return { ...sum, calciumMg };
  if (ingredient.gelling === 'low-methoxyl')
    return { ...sum, lowMethoxylG: sum.lowMethoxylG + pectinG, calciumMg };
  const ratio = gellingRatioOf(ingredient);
  return {
    ...sum,
    calciumMg,
    highMethoxylG: sum.highMethoxylG + pectinG,
    pulpG: sum.pulpG + pulpG(ingredient, more.insolublesG, pectinG),
    ...(ingredient.kind === 'pectin' ? { addedG: sum.addedG + pectinG } : {}),
    ...(ratio === null
      ? {}
      : {
          packG: sum.packG + pectinG,
          gellingSugarG: sum.gellingSugarG + massG,
          setsFruitG: sum.setsFruitG + ratio * massG,
        }),
  };
}

/** Prepared fruit that a gram of this gelling sugar is made for, g; null for all else. */
export const gellingRatioOf = (row: Ingredient): GellingRatio | null =>
  row.kind === 'sweetener' ? (row.setsFruit ?? null) : null;

/**
 * Everything in a batch that can make it set, before boiling wears any of it, at the typical
 * values.
 */
export const typicalSetters = (lines: readonly UnderstoodLine[], cook: FruitCook): Setters =>
  lines.reduce(
    (sum, { ingredient, massG: { typical } }) =>
      plusSetters(sum, {
        ingredient,
        massG: typical,
        pectinG: (typical * ingredient.pectinPct.typical * freedShare(ingredient, cook)) / 100,
        insolublesG: (typical * ingredient.make.insolublesPct.typical) / 100,
        calciumMg: (typical * ingredient.calciumMg.typical) / 100,
      }),
    NO_SETTERS,
  );
