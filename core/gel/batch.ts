import { contentsOf, type UnderstoodLine } from '../formula/index.ts';
import { acidLoadOf, NO_ACID, plusLoad, type AcidLoad } from './acidity.ts';

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

/** Pectin put into a batch, g of 150-grade, at the typical values. */
export const typicalPectinG = (lines: readonly UnderstoodLine[]): number =>
  lines.reduce(
    (sum, { ingredient, massG }) => sum + (massG.typical * ingredient.pectinPct.typical) / 100,
    0,
  );
