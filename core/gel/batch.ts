import { contentsOf } from '../formula/index.ts';
import { type UnderstoodLine } from '../reader/index.ts';
import {
  calibrated,
  isVegetable,
  pectinStrength,
  TABLED_PECTIN_PCT,
  type Gelling,
  type Ingredient,
  type PriorId,
} from '../larder/index.ts';
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

/**
 * What decides how much of an ingredient's tabled pectin a cook gets to gel with sugar: whole fruit in a long boil gives up some
 * that a minute by the clock does not; null where it is all that is tabled. Juice has its own figures already.
 */
export function freedBy(ingredient: Ingredient, boiledLong: boolean): PriorId | null {
  if (ingredient.kind !== 'fruit') return null;
  if (isVegetable(ingredient.id))
    return 'pectin of vegetables that gels with sugar, over what is tabled';
  return boiledLong && ingredient.state !== 'juice'
    ? 'pectin that boiling whole fruit frees, over what is tabled'
    : null;
}

/** How much of an ingredient's tabled pectin gels with sugar, by what is freed (see {@link freedBy}) and by how strong it is. */
export function freedShare(ingredient: Ingredient, boiledLong: boolean): number {
  const by = freedBy(ingredient, boiledLong);
  const tabledPct = ingredient.kind === 'fruit' ? TABLED_PECTIN_PCT.get(ingredient.id) : undefined;
  return (
    (by === null ? 1 : calibrated(by)) * (tabledPct === undefined ? 1 : pectinStrength(tabledPct))
  );
}

/**
 * Everything in a batch that can make it set, before boiling wears any of it, at the typical values.
 * @param boiledLong whether whole fruit is boiled down, and not by the clock
 */
export function typicalSetters(lines: readonly UnderstoodLine[], boiledLong: boolean): Setters {
  const sum = (each: (line: UnderstoodLine) => number) =>
    lines.reduce((total, line) => total + each(line), 0);
  const pectinG = (gelling: Gelling) =>
    sum(({ ingredient, massG }) =>
      ingredient.gelling === gelling
        ? (massG.typical * ingredient.pectinPct.typical * freedShare(ingredient, boiledLong)) / 100
        : 0,
    );
  return {
    highMethoxylG: pectinG('high-methoxyl'),
    lowMethoxylG: pectinG('low-methoxyl'),
    calciumMg: sum(({ ingredient, massG }) => (massG.typical * ingredient.calciumMg.typical) / 100),
  };
}
