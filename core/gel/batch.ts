import { contentsOf } from '../formula/index.ts';
import { type UnderstoodLine } from '../reader/index.ts';
import type { Gelling } from '../larder/index.ts';
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

/** Everything in a batch that can make it set, before any boiling, at the typical values. */
export function typicalSetters(lines: readonly UnderstoodLine[]): Setters {
  const sum = (each: (line: UnderstoodLine) => number) =>
    lines.reduce((total, line) => total + each(line), 0);
  const pectinG = (gelling: Gelling) =>
    sum(({ ingredient, massG }) =>
      ingredient.gelling === gelling ? (massG.typical * ingredient.pectinPct.typical) / 100 : 0,
    );
  return {
    highMethoxylG: pectinG('high-methoxyl'),
    lowMethoxylG: pectinG('low-methoxyl'),
    calciumMg: sum(({ ingredient, massG }) => (massG.typical * ingredient.calciumMg.typical) / 100),
  };
}
