import {
  type Pretreatment,
  type PretreatmentYield,
  pretreatmentYieldOf,
} from '../pretreatment/index.ts';
import type { Ingredient } from '../ingredients/index.ts';
import type { LineReading, UnrecognizedLine, UnderstoodLine } from '../parser/index.ts';
import { readLines } from './readLines.ts';
import type { PlanRequest } from './request.ts';

/** A formula's before, read and worked out. */
export type Pretreated = {
  readonly pretreatment: Pretreatment;
  readonly readings: readonly LineReading[];
  readonly understood: readonly UnderstoodLine[];
  readonly unrecognized: readonly UnrecognizedLine[];
  readonly obtained: PretreatmentYield;
};

/** What a request's before comes to; null where it has none. */
export function pretreatedOf(request: PlanRequest): Pretreated | null {
  const { before } = request;
  if (before === null) return null;
  // What goes in before is fruit and water as they come: bare juice in it is the drink.
  const readings = readLines({ ...request, product: 'jam', lines: before.lines });
  const understood = readings.filter((line): line is UnderstoodLine => line.understood);
  return {
    pretreatment: before,
    readings,
    understood,
    unrecognized: readings.filter((line): line is UnrecognizedLine => !line.understood),
    obtained: pretreatmentYieldOf(before, understood),
  };
}

/**
 * What goes into the pot: what was obtained before, and the lines. A line that asks for so much of
 * what was obtained stands for it, and is made of it.
 * @param of what the pot holds, or what the shelf judges by
 */
export function inThePot(
  pretreated: Pretreated | null,
  understood: readonly UnderstoodLine[],
  of: 'lines' | 'forShelf' = 'lines',
): readonly UnderstoodLine[] {
  if (pretreated === null) return understood;
  const obtained = pretreated.obtained[of];
  const asked = (line: UnderstoodLine) => understood.some((own) => isSameMade(own, line));
  return [
    ...obtained.filter((line) => !asked(line)),
    ...understood.map((line) => {
      const made = obtained.find((from) => isSameMade(line, from));
      return made === undefined ? line : { ...line, ingredient: made.ingredient };
    }),
  ];
}

/**
 * Whether two lines are of one thing that is made first: juice of the same fruit, or an infusion.
 * All else is a second helping.
 */
export const isSameMade = (
  { ingredient: a }: UnderstoodLine,
  { ingredient: b }: UnderstoodLine,
): boolean => a.id === b.id && isMade(a) && isMade(b);

const isMade = (row: Ingredient): boolean =>
  row.kind === 'fruit' ? row.state === 'juice' : row.id === 'infusion';
