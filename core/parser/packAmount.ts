import { message } from '@idle-kettle/words/message';
import { fault, isFault, type Amount, type AmountFault, type AmountRead } from './amount.ts';
import { afterHedges, plainSizeAt } from './measuredAmount.ts';
import { packAt, type MeasuresId } from './measures.ts';
import { withEquals } from './sameAmount.ts';
import { isMark, isWord, type Token } from './tokens.ts';

/** `(3 oz) pouch`, `400 g tin`, `12-ounce bags`: what is in one, and the pack it is in. */
export function sizedPackAt(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | AmountFault | null {
  const open = isMark(tokens[at], '(', '[');
  const size = plainSizeAt(tokens, afterHedges(tokens, open ? at + 1 : at), measures);
  if (size === null) return null;
  let next = size.next;
  // `1 (12 ounces / 340 g) bag`
  if (open) {
    while (next < tokens.length && !isMark(tokens[next], ')', ']')) next += 1;
    const read = withEquals(tokens, size, measures);
    if (isFault(read)) return read;
    if (read.next !== next) return null;
    next += 1;
    return packAt(afterSize(tokens, next)) === null
      ? null
      : { amount: read.amount, next: sizeSkipped(tokens, next) + 1 };
  }
  return packAt(tokens[next]) === null ? null : { amount: size.amount, next: next + 1 };
}

const sizeSkipped = (tokens: readonly Token[], at: number): number =>
  isWord(tokens[at], 'small', 'medium', 'large', 'big') ? at + 1 : at;

const afterSize = (tokens: readonly Token[], at: number): Token | undefined =>
  tokens[sizeSkipped(tokens, at)];

/** Whether a word is written in the plural. */
export const isPlural = (token: Token | undefined): boolean =>
  token !== undefined && token.word !== token.lower;

/** `12 oz bag`: one of it; `2 1/2 oz bags` says neither how many nor how large. */
export function onePack(
  tokens: readonly Token[],
  mixed: boolean,
  amount: Amount,
  at: number,
): AmountRead | AmountFault {
  const word = tokens[at];
  return isPlural(word) || mixed
    ? fault('amount', message('parser.howManyAndHowMuch', { value: word?.lower ?? 'packs' }))
    : { amount, next: at + 1 };
}

/** `2 pouches (3 oz each)`, `1 tin (432 g)`, `2 tins of 400 g`: a pack and then what is in one. */
export function sizeAfter(
  tokens: readonly Token[],
  read: AmountRead,
  measures: MeasuresId,
): AmountRead | AmountFault {
  const { amount, next } = read;
  if (amount.kind !== 'container') return read;
  const open = isMark(tokens[next], '(', '[');
  const of = isWord(tokens[next], 'of');
  if (!open && !of) return { amount, next };
  const at = afterHedges(tokens, skipEach(tokens, next + 1));
  const size = plainSizeAt(tokens, at, measures);
  if (size === null) return { amount, next };
  if (!open) return { amount: timesAmount(size, amount.low, amount.high).amount, next: size.next };
  const inOne = withEquals(tokens, size, measures);
  if (isFault(inOne)) return inOne;
  let end = inOne.next;
  const all =
    isWord(tokens[end], 'total', 'altogether') ||
    (isWord(tokens[end], 'in') && isWord(tokens[end + 1], 'total', 'all'));
  while (
    end < tokens.length &&
    isWord(
      tokens[end],
      'each',
      'total',
      'in',
      'all',
      'net',
      'size',
      'altogether',
      'weight',
      'apiece',
    )
  )
    end += 1;
  if (!isMark(tokens[end], ')', ']')) return { amount, next };
  return all
    ? { amount: inOne.amount, next: end + 1 }
    : { amount: timesAmount(inOne, amount.low, amount.high).amount, next: end + 1 };
}

const skipEach = (tokens: readonly Token[], at: number): number =>
  isWord(tokens[at], 'each') ? at + 1 : at;

/**
 * So many times an amount: least and most.
 * @param low fewest
 * @param high most
 */
export const timesAmount = (
  { amount, next }: AmountRead,
  low: number,
  high: number,
): AmountRead => ({
  amount: { ...amount, low: amount.low * low, high: amount.high * high },
  next,
});
