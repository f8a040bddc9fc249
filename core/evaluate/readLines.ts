import {
  readLine,
  readWeighedLine,
  type LineReading,
  type ParserKitchen,
  type WeighedLine,
} from '../parser/index.ts';
import type { Product } from '../method/index.ts';

/** Lines to be read, and what a kitchen reads them with. */
export type ReadRequest = ParserKitchen & {
  readonly lines: readonly (string | WeighedLine)[];
  /** What is made of them, where that is known. */
  readonly product?: Product;
};

/**
 * What the lines of a request are read with: the kitchen, and whether bare juice is what drips from
 * a cloth.
 */
export const readingKitchen = (request: ReadRequest): ParserKitchen => ({
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
