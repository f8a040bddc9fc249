import { contentsOf } from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  calibrated,
  isVegetable,
  pectinStrength,
  TABLED_PECTIN_PCT,
  type Gelling,
  type Ingredient,
  type PriorId,
} from '../ingredients/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';
import { acidLoadOf, NO_ACID, plusLoad, type AcidLoad } from './acidity.ts';
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
  const by = freedBy(ingredient, cook);
  const tabledPct = ingredient.kind === 'fruit' ? TABLED_PECTIN_PCT.get(ingredient.id) : undefined;
  const peel = cook.withPeel && hasPeelBesides(ingredient) ? WITH_PEEL.value : 1;
  return (
    peel *
    (by === null ? 1 : calibrated(by)) *
    (tabledPct === undefined ? 1 : pectinStrength(tabledPct))
  );
}

/**
 * Everything in a batch that can make it set, before boiling wears any of it, at the typical
 * values.
 */
export function typicalSetters(lines: readonly UnderstoodLine[], cook: FruitCook): Setters {
  const sum = (each: (line: UnderstoodLine) => number) =>
    lines.reduce((total, line) => total + each(line), 0);
  const pectinG = (gelling: Gelling) =>
    sum(({ ingredient, massG }) =>
      ingredient.gelling === gelling
        ? (massG.typical * ingredient.pectinPct.typical * freedShare(ingredient, cook)) / 100
        : 0,
    );
  return {
    highMethoxylG: pectinG('high-methoxyl'),
    lowMethoxylG: pectinG('low-methoxyl'),
    calciumMg: sum(({ ingredient, massG }) => (massG.typical * ingredient.calciumMg.typical) / 100),
  };
}
