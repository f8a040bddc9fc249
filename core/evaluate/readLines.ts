import {
  besideOf,
  readLine,
  readWeighedLine,
  type LineReading,
  type ParserKitchen,
  type WeighedLine,
} from '../parser/index.ts';
import type { Product } from '../method/index.ts';
import { measuredJuiceMl, type Pretreatment } from '../pretreatment/index.ts';

/** Lines to be read, and what a kitchen reads them with. */
export type ReadRequest = ParserKitchen & {
  readonly lines: readonly (string | WeighedLine)[];
  /** What is made of them, where that is known. */
  readonly product?: Product;
  /** What comes first, whose juice may have been measured. */
  readonly before?: Pretreatment | null;
};

/**
 * What the lines of a request are read with: the kitchen, whether bare juice is what drips from a
 * cloth, and whether whole lemons are squeezed.
 */
export const readingKitchen = (request: ReadRequest): ParserKitchen => ({
  ...request,
  extractsJuice: request.product === 'jelly',
  squeezesCitrus: request.product === 'curd',
});

/** What the lines of a formula are read with: its kitchen, and each line beside the others. */
export const readingBeside = (request: ReadRequest): ParserKitchen => ({
  ...readingKitchen(request),
  beside: besideOf(
    request.lines.filter((line) => typeof line === 'string'),
    request.before == null ? null : measuredJuiceMl(request.before),
  ),
});

/** Every line as it is read, with what this kitchen knows: its packs, measures and names. */
export function readLines(request: ReadRequest): LineReading[] {
  const kitchen = readingBeside(request);
  return request.lines.map((line) =>
    typeof line === 'string' ? readLine(line, kitchen) : readWeighedLine(line),
  );
}
