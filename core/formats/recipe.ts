import type { Text } from '@idle-kettle/words/message';
import type { WrittenFormula } from './writtenFormula.ts';

/** A recipe from outside: its name and its ingredient lines as they were written. */
export type RecipeContent = {
  /** Empty where none was found. */
  readonly name: string;
  readonly lines: readonly string[];
  /** What was read and is not an ingredient line: yields, times, steps. */
  readonly rest: readonly string[];
  /** The whole formula, where the file is one of ours. */
  readonly formula?: WrittenFormula;
};

/** What is wrong with a file, and where: a line number, or the path of a JSON key. */
export type FormatFault = { readonly where: string; readonly message: Text };

/** A recipe that was read, or what is wrong with the file. */
export type RecipeReading =
  | { readonly ok: true; readonly recipe: RecipeContent }
  | { readonly ok: false; readonly faults: readonly FormatFault[] };

/** Most characters of a recipe that are read. */
export const MOST_RECIPE_CHARS = 100_000;
