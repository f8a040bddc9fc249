import type { Text } from '@idle-kettle/words/message';

/** How much a line says: grams, mL, or so many of something. */
export type Amount = {
  readonly kind: 'mass' | 'volume' | 'bushels' | 'container' | 'pieces' | 'loose' | 'length';
  /** Grams, mL, or how many: least and most that are written. */
  readonly low: number;
  readonly high: number;
  /** Which container or loose measure. */
  readonly name: string;
  /** The size of a piece or bunch, where it stands before the unit. */
  readonly size: string | null;
  readonly packed: boolean;
  /** The weight that is printed on a tin, with the juice in it. */
  readonly tinned?: boolean;
  /** It is said of what is left after preparing, or in the tin without the juice. */
  readonly isLeft?: boolean;
  /** What was taken for granted. */
  readonly assumed: readonly Text[];
};

/** Why an amount cannot be used. */
export type AmountFault = {
  readonly about: 'amount' | 'unit';
  readonly message: Text;
};

/** An amount that was read, and the place of the token after it. */
export type AmountRead = {
  readonly amount: Amount;
  readonly next: number;
  /** Grams or mL in one of the unit it ends with, for `a pound and a half`. */
  readonly one?: number;
};

/** An amount that cannot be used, and why. */
export const fault = (about: AmountFault['about'], message: Text): AmountFault => ({
  about,
  message,
});

/** Whether reading an amount met something impossible. */
export const isFault = (read: AmountRead | AmountFault | Amount): read is AmountFault =>
  'message' in read;

/**
 * So many pieces, of a kind that the noun tells.
 * @param low fewest
 * @param high most
 */
export const pieces = (low: number, high: number): Amount => ({
  kind: 'pieces',
  low,
  high,
  name: '',
  size: null,
  packed: false,
  assumed: [],
});
