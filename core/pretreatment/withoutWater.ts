import { range, timesRange, type Range } from '../quantity/index.ts';
import type { Ingredient } from '../ingredients/index.ts';
import { massOfLines, type UnderstoodLine } from '../parser/index.ts';

const watery = ({ ingredient: { make } }: UnderstoodLine): number =>
  Math.max(0, 100 - make.solublesPct.typical - make.insolublesPct.typical) / 100;

/**
 * Lines that weigh `massG` together after water left them: water that was added goes first, and
 * then that of the fruit, which is left thicker. Nothing is left drier than a paste.
 */
export function withoutWater(lines: readonly UnderstoodLine[], massG: Range): UnderstoodLine[] {
  const free = massOfLines(lines.filter(({ ingredient }) => ingredient.kind === 'water'));
  const goneG = Math.max(0, massOfLines(lines) - massG.typical);
  const keptFree = free === 0 ? 0 : Math.max(0, free - goneG) / free;
  const fromFruitG = Math.max(0, goneG - free);
  const boundG = lines.reduce(
    (sum, line) =>
      line.ingredient.kind === 'water' ? sum : sum + watery(line) * line.massG.typical,
    0,
  );
  const lost = boundG === 0 ? 0 : Math.min(MOST_LOST, fromFruitG / boundG);
  const scatter = (typicalG: number): Range =>
    massG.typical === 0 ? timesRange(massG, 0) : timesRange(massG, typicalG / massG.typical);
  return lines.flatMap((line) => {
    const { ingredient, massG: own } = line;
    if (ingredient.kind === 'water') {
      const left = own.typical * keptFree;
      return left < LEAST_G ? [] : [{ ...line, massG: scatter(left) }];
    }
    const times = 1 - lost * watery(line);
    return [
      { ...line, ingredient: thicker(ingredient, 1 / times), massG: scatter(own.typical * times) },
    ];
  });
}

const MOST_LOST = 0.8;
/** Less water than this is none, g. */
const LEAST_G = 1e-4;

/**
 * What is left of something when water has left it: everything else is so many times as much of it.
 */
function thicker(row: Ingredient, times: number): Ingredient {
  if (times === 1) return row;
  const more = ({ low, typical, high }: Range): Range =>
    range(Math.min(95, low * times), Math.min(95, typical * times), Math.min(95, high * times));
  return {
    ...row,
    make: {
      ...row.make,
      solublesPct: more(row.make.solublesPct),
      insolublesPct: more(row.make.insolublesPct),
      sugarsPct: more(row.make.sugarsPct),
    },
    pectinPct: timesRange(row.pectinPct, times),
    ...(row.sour ? { sour: { ...row.sour, taPct: timesRange(row.sour.taPct, times) } } : {}),
  };
}
