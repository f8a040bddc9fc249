import {
  readLine,
  readWeighedLine,
  type LineReading,
  type ReadingKitchen,
  type WeighedLine,
} from '../reader/index.ts';
import type { Product } from '../method/index.ts';
import type { PlanLine } from './plan.ts';
import { roundTo } from './round.ts';

/** Lines to be read, and what a kitchen reads them with. */
export type ReadRequest = ReadingKitchen & {
  readonly lines: readonly (string | WeighedLine)[];
  /** What is made of them, where that is known. */
  readonly product?: Product;
};

/** What the lines of a request are read with: the kitchen, and whether bare juice is what drips from a cloth. */
export const readingKitchen = (request: ReadRequest): ReadingKitchen => ({
  ...request,
  extractsJuice: request.product === 'jelly',
});

/** Every line as it is read, with what this kitchen knows: its packs, measures and names. */
export function readLines(request: ReadRequest): LineReading[] {
  const kitchen = readingKitchen(request);
  return request.lines.map((line) =>
    typeof line === 'string' ? readLine(line, kitchen) : readWeighedLine(line),
  );
}

/** A line as it is read, in figures and words that leave the core: grams to a tenth, or three figures of a little. */
export function planLine(reading: LineReading): PlanLine {
  if (!reading.understood) {
    const { message, words, offers, unknownName } = reading.trouble;
    return {
      text: reading.text,
      understood: false,
      trouble: message,
      ...(words === undefined ? {} : { words }),
      ...(offers === undefined || offers.length === 0 ? {} : { offers }),
      ...(unknownName === undefined ? {} : { unknownName }),
    };
  }
  const { text, ingredient, called, form, massG, ripeness, assumed } = reading;
  return {
    text,
    understood: true,
    ingredient: ingredient.id,
    name: ingredient.name,
    ...(called === undefined ? {} : { called }),
    form,
    massG: massG.typical < 10 ? roundTo(massG.typical, 3) : roundTo(massG.typical, 1),
    ...(massG.low === massG.high
      ? {}
      : { massRangeG: { low: roundTo(massG.low, 2), high: roundTo(massG.high, 2) } }),
    ...(ingredient.kind === 'fruit' ? { state: ingredient.state } : {}),
    ...(ripeness === undefined ? {} : { ripeness }),
    ...(assumed === undefined ? {} : { assumed }),
  };
}
