import type { Form, Ingredient } from '../ingredients/index.ts';
import type { Range } from '../quantity/index.ts';
import type { Text } from '@idle-kettle/words/message';

/** Most that one line may weigh: five times what an outdoor kettle holds. */
export const MOST_LINE_G = 500_000;
/** Most characters one line may have. */
export const MOST_LINE_CHARS = 200;
/** Most lines one formula may have. */
export const MOST_LINES = 100;

/** A line whose ingredient and amount are known. */
export type UnderstoodLine = {
  readonly understood: true;
  readonly text: string;
  readonly ingredient: Ingredient;
  /**
   * The ingredient as the cook named it, `Bramley apples`, where that is not the row's own name.
   */
  readonly called?: string;
  readonly form: Form;
  /** Grams, with the scatter of measuring by volume; a weighed line has none. */
  readonly massG: Range;
  /** What it weighs as bought, g, where that is what the line says. */
  readonly boughtG?: number;
  /** It was measured by cups, spoons or litres. */
  readonly byVolume?: true;
  /** It comes out of jars that are emptied: what it weighed when it went into its own pot, g. */
  readonly weighedG?: number;
  /** 0 (green) to 1 (over-ripe), where the line says. */
  readonly ripeness?: number;
  /** What was taken for granted, in words; absent when nothing was. */
  readonly assumed?: Text;
  /** It need not go in: `optional`, `to taste`. */
  readonly optional?: true;
  /**
   * What must be confirmed before the line may open the pantry; absent where all of it is known.
   */
  readonly toConfirm?: ToConfirm;
};

/**
 * Words that were guessed: a kind that nobody knows, or a spelling that was put right. `name` is
 * what is written.
 */
export type ToConfirm =
  | { readonly kind: 'kind'; readonly name: string }
  /** `line` is the whole line with its words put right. */
  | { readonly kind: 'spelling'; readonly name: string; readonly line: string };

/** What a line weighed when it was weighed out, g: emptied jars have lost the water that boiled off. */
export const weighedOutG = ({ weighedG, massG }: UnderstoodLine): number =>
  weighedG ?? massG.typical;

/** Whether a line comes out of jars that are emptied. */
export const isEmptied = ({ weighedG }: UnderstoodLine): boolean => weighedG !== undefined;

/**
 * What lines weigh together, g, where each weighs what is likeliest.
 * @returns g
 */
export const massOfLines = (lines: readonly UnderstoodLine[]): number =>
  lines.reduce((sum, { massG }) => sum + massG.typical, 0);

/** Why a line could not be used, and what would mend it. */
export type LineTrouble = {
  /**
   * `puzzling` lines are kept and warned about. An `impossible` amount that the cook wrote refuses
   * the whole formula.
   */
  readonly kind: 'puzzling' | 'impossible';
  readonly about: 'ingredient' | 'unit' | 'amount' | 'text';
  readonly message: Text;
  /** The words that were not understood, as they are written. */
  readonly words?: readonly string[];
  /**
   * Other wordings that may be meant, likeliest first: each is one line or more. None reads as a
   * more acid thing.
   */
  readonly offers?: readonly (readonly string[])[];
  /** A name that the kitchen could be taught, where that is all that is missing. */
  readonly unknownName?: string;
};

/** A line that was not understood, or is impossible, and what would mend it. */
export type UnrecognizedLine = {
  readonly understood: false;
  readonly text: string;
  readonly trouble: LineTrouble;
};

/** A line as it was read, understood or not. */
export type LineReading = UnderstoodLine | UnrecognizedLine;

/** A line that was not understood: what about, in words, and what may be meant. */
export const unrecognized = (
  text: string,
  about: LineTrouble['about'],
  message: Text,
  more: Pick<LineTrouble, 'words' | 'offers' | 'unknownName'> = {},
): UnrecognizedLine => ({
  understood: false,
  text,
  trouble: { kind: 'puzzling', about, message, ...more },
});

/** A line whose amount cannot be. */
export const impossible = (
  text: string,
  about: LineTrouble['about'],
  message: Text,
): UnrecognizedLine => ({
  understood: false,
  text,
  trouble: { kind: 'impossible', about, message },
});
