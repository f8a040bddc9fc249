import type { Form, Ingredient } from '../ingredients/index.ts';
import type { Amount } from './amount.ts';
import type { LineTrouble } from './line.ts';
import type { Token } from './tokens.ts';
import type { Loss } from './takenOut.ts';
import type { Part } from './words.ts';
import type { Text } from '@idle-kettle/words/message';

/** What the words of a line say, every one of them taken in. */
export type Description = {
  readonly row: Ingredient;
  /** As the cook named it. */
  readonly called: string;
  readonly amount: Amount;
  /** Null when no form is written. */
  readonly form: Form | null;
  /** The form stands after the name and a comma: the fruit may have been measured before. */
  readonly formAfter: boolean;
  /** Cut so fine that it fills its cup nearly as crushed fruit does. */
  readonly fine: boolean;
  readonly ripeness: number | null;
  readonly size: string | null;
  /**
   * What preparing takes away, and whether the amount is of the fruit before that or after; null
   * when the words do not say.
   */
  readonly loses: ReadonlySet<Loss>;
  readonly keepsPeel: boolean;
  readonly weighed: 'as bought' | 'prepared' | null;
  readonly drained: boolean;
  /** It need not go in. */
  readonly optional: boolean;
  /** Parts meant instead of the whole; the amount is of the whole. */
  readonly parts: ReadonlySet<Part>;
  readonly assumed: readonly Text[];
  /** Words taken for a variety that nobody told us of. */
  readonly varieties: readonly Token[];
};

/** Why it cannot be told, and the tokens that stand in the way. */
export type Obstacle = {
  readonly about: LineTrouble['about'];
  readonly message: Text;
  readonly words: readonly string[];
  /** Tokens that mean nothing to us. */
  readonly unknown: readonly Token[];
  /** Where an `or` stands in the description; null for none. */
  readonly orAt: number | null;
  /** The lines that such an `or` leaves to choose from. */
  readonly either: readonly (readonly Token[])[];
  /** Where a second amount with its own thing begins. */
  readonly secondAt: number | null;
  /** The question of a name that means two things, and what to write. */
  readonly choices: readonly string[];
  /**
   * Whether the words that stand in the way name some food, or may make one of the name they stand
   * beside.
   */
  readonly food: boolean;
  /** Whether nothing is named that we know. */
  readonly nameless: boolean;
};

/** An obstacle with the amount that was found and the tokens of the rest. */
export type Unread = Obstacle & {
  readonly amountTokens: readonly Token[];
  readonly rest: readonly Token[];
};

/** Whether a description could not be read. */
export const isObstacle = (read: Description | Obstacle): read is Obstacle => 'unknown' in read;

const NO_OBSTACLE = {
  words: [],
  unknown: [],
  orAt: null,
  either: [],
  secondAt: null,
  choices: [],
  food: false,
  nameless: false,
};

/** What stands in the way of reading a line, and what it is about. */
export const obstacle = (
  about: Obstacle['about'],
  message: Text,
  more: Partial<Obstacle> = {},
): Obstacle => ({ ...NO_OBSTACLE, about, message, ...more });

/** Tokens as text, with the spaces and hyphens they were written with. */
export const written = (tokens: readonly Token[]): string =>
  tokens
    .map(
      ({ text, joined, spaced }, index) =>
        `${index === 0 ? '' : joined ? '-' : spaced ? ' ' : ''}${text}`,
    )
    .join('');

/**
 * Tokens as a line that can be read again: as they were written, without a space after a bracket.
 */
export const textOf = (tokens: readonly Token[]): string =>
  written(tokens)
    .replace(/([([]) /g, '$1')
    .trim();
