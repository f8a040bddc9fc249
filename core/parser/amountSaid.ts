import { message } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import { isFault, type Amount, type AmountFault } from './amount.ts';
import { amountAt } from './amounts.ts';
import { agreed } from './sameAmount.ts';
import { effects } from './noun.ts';
import type { Segment } from './segments.ts';

/**
 * `1 x 5 cm piece of ginger`: so many pieces of a length, where nobody knows what a piece weighs.
 */
function lengthOf(main: Amount, segments: readonly Segment[]): Amount {
  const first = segments[0]?.items[0];
  const read = first?.kind === 'quiet' ? amountAt(first.tokens, 0, 'us') : null;
  return read === null || isFault(read) || read.amount.kind !== 'length'
    ? main
    : { ...read.amount, low: main.low * read.amount.low, high: main.high * read.amount.high };
}

/**
 * The main amount with what else is said of it: a written weight wins, what comes on top is added.
 */
export function amountOf(
  main: Amount,
  segments: readonly Segment[],
  row: Ingredient,
): Amount | AmountFault {
  let amount = main.kind === 'pieces' && row.pieceG === undefined ? lengthOf(main, segments) : main;
  for (const { amount: other, items, link, bracket } of segments) {
    // `4 cups juice from 3 lb apples`: what it was made of.
    if (other === null || link === 'from') continue;
    if (isFault(other)) return other;
    const each = items.some(({ tokens }) =>
      tokens.some(({ lower }) => lower === 'each' || lower === 'apiece'),
    );
    if (link === 'plus' || link === 'and') {
      if (other.kind !== amount.kind)
        return {
          about: 'amount',
          message: message('parser.theSecondAmountIsIn'),
        };
      amount = { ...amount, low: amount.low + other.low, high: amount.high + other.high };
      continue;
    }
    const counted = amount.kind === 'pieces' || amount.kind === 'container';
    if (each && counted && (other.kind === 'mass' || other.kind === 'volume')) {
      amount = {
        ...other,
        low: other.low * amount.low,
        high: other.high * amount.high,
        size: null,
        packed: amount.packed,
      };
      continue;
    }
    if (other.kind === 'length') {
      if (counted && row.pieceG === undefined) amount = other;
      continue;
    }
    // A count beside a measure is a remark, and so are cups of it in another form.
    if (
      other.kind === 'volume' &&
      amount.kind === 'volume' &&
      ((bracket && isBefore(other, amount, segments)) ||
        items.some((item) => item.kind === 'phrase' && item.effect.form !== undefined))
    ) {
      if (!isFormSaid(segments) && other.high > SAME_CUPS * amount.high) {
        return {
          about: 'amount',
          message: message('parser.preparedHowWriteCrushedChopped'),
        };
      }
      continue;
    }
    if ((other.kind === 'pieces' || other.kind === 'container') && !counted) continue;
    if (items.some((item) => item.kind === 'phrase' && item.effect.part === 'juice')) {
      amount = { ...other, packed: false };
      continue;
    }
    const joint = agreed(amount, other);
    if (joint === null) {
      return {
        about: 'amount',
        message: message('parser.thereAreTwoDifferentAmounts'),
      };
    }
    amount = joint;
  }
  return amount;
}

/** A fifth more fruit than its cups after preparing has been crushed or cut. */
const SAME_CUPS = 1.2;

/** Whether it is said how the fruit is cut, or what of it is thrown away. */
const isFormSaid = (segments: readonly Segment[]): boolean =>
  effects(segments).some(({ form, loses }) => form !== undefined || loses !== undefined);

/**
 * `4 cups crushed strawberries (about 2 quarts)`: how much fruit it takes, before it is crushed.
 */
const isBefore = (other: Amount, amount: Amount, segments: readonly Segment[]): boolean =>
  other.low >= amount.low &&
  other.high <= 3 * amount.high &&
  effects(segments).some(
    ({ form, weighed }) =>
      weighed === 'prepared' ||
      form === 'crushed' ||
      form === 'pureed' ||
      form === 'chopped' ||
      form === 'sliced',
  );
