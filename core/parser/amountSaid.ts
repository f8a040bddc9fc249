import { message } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import { isFault, type Amount, type AmountFault } from './amount.ts';
import { amountAt } from './amounts.ts';
import { agreed } from './sameAmount.ts';
import { effects } from './noun.ts';
import type { Segment } from './segments.ts';
import { ML_PER_CUP } from './measures.ts';

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
  for (const { amount: other, items, link, bracket, isLeft } of segments) {
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
    if (amount.kind === 'container' && other.kind === 'mass' && amount.high !== 1) {
      const packs = packsOf(amount, other, items, row);
      if (isFault(packs)) return packs;
      amount = packs;
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
    if (other.kind === 'mass' && isLeft && isPartOf(amount, other)) {
      amount = { ...other, isLeft, packed: false };
      continue;
    }
    const joint = isFarFrom(amount, other, row) ? null : agreed(amount, other);
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

const IN_ALL: ReadonlySet<string> = new Set(['total', 'altogether', 'all']);

/**
 * `2 tins tomatoes (400 g)`: the weight of each or of all of them, by which of the two is near what
 * such a pack holds.
 */
function packsOf(
  { low, high, name, packed }: Amount,
  other: Amount,
  items: Segment['items'],
  row: Ingredient,
): Amount | AmountFault {
  const isAll = items.some(({ tokens }) => tokens.some(({ lower }) => IN_ALL.has(lower)));
  const usualG = row.packs?.[name];
  const weight = (other.low + other.high) / 2;
  const near = (of: number) =>
    usualG !== undefined && Math.abs(Math.log(weight / of)) < Math.log(DIFFERS);
  const [isEach, isOfAll] = [near(usualG ?? 0), isAll || near(((low + high) / 2) * (usualG ?? 0))];
  if (isEach === isOfAll) return { about: 'amount', message: message('parser.eachOrInAll') };
  return isEach
    ? { ...other, low: other.low * low, high: other.high * high, packed }
    : { ...other, packed };
}

/** What preparing or draining leaves is less than there was, and not next to nothing. */
const isPartOf = (all: Amount, left: Amount): boolean =>
  all.kind === 'mass' && left.high <= all.high * 1.02 && left.high >= LEAST_LEFT * all.low;
const LEAST_LEFT = 0.3;

/** A count or a measure and a weight may differ by half as much again, beyond how pieces vary. */
const DIFFERS = 1.5;

/** Whether a weight is not what so many pieces, or so many cups of anything done to it, weigh. */
function isFarFrom(amount: Amount, other: Amount, row: Ingredient): boolean {
  if (other.kind !== 'mass') return false;
  const middle = (other.low + other.high) / 2;
  const isOutside = (low: number, high: number) =>
    middle > high * DIFFERS || middle < low / DIFFERS;
  if (amount.kind === 'pieces' && row.pieceG !== undefined && amount.size === null)
    return isOutside(amount.low * row.pieceG.low, amount.high * row.pieceG.high);
  const cups = Object.values(row.cups);
  if (amount.kind !== 'volume' || cups.length === 0) return false;
  const gPerMl = cups.flatMap(({ low, high }) => [low / ML_PER_CUP, high / ML_PER_CUP]);
  return isOutside(amount.low * Math.min(...gPerMl), amount.high * Math.max(...gPerMl));
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
