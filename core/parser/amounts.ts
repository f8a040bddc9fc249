import { message } from '@idle-kettle/words/message';
import { fault, isFault, pieces, type AmountFault, type AmountRead } from './amount.ts';
import { afterHedges, measured, plainSizeAt } from './measuredAmount.ts';
import { packAt, unitAt, type MeasuresId, type UnitRead } from './measures.ts';
import { numberAt, VAGUE_NUMBERS } from './numbers.ts';
import { isPlural, onePack, sizeAfter, sizedPackAt, timesAmount } from './packAmount.ts';
import { withEquals, withMore } from './sameAmount.ts';
import { isMark, isWord, type Token } from './tokens.ts';

/**
 * The amount that starts at a token: `5 lb 8 oz`, `2 (3 oz) pouches`, `12-oz bag`,
 * `a pound and a half`, `900g/2lb`, `a pinch`, `3`. Null where none starts there; a fault where one
 * starts that cannot be used.
 */
export function amountAt(
  tokens: readonly Token[],
  from: number,
  measures: MeasuresId,
): AmountRead | AmountFault | null {
  const at = afterHedges(tokens, from);
  const first = oneAmountAt(tokens, at, measures);
  if (first === null || isFault(first)) return first;
  const whole = withMore(tokens, first, measures);
  return isSpokenOn(tokens, whole)
    ? fault('amount', message('parser.thereAreTwoAmountsSide'))
    : withEquals(tokens, whole, measures);
}

/** `a kilo two hundred`, `two pound four`: more is said in a smaller unit that is not. */
function isSpokenOn(tokens: readonly Token[], { amount, next }: AmountRead): boolean {
  if (amount.kind !== 'mass' && amount.kind !== 'volume') return false;
  const more = tokens[next]?.kind === 'word' ? numberAt(tokens, next) : null;
  return more !== null && !more.article && unitAt(tokens, more.next) === null;
}

function oneAmountAt(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | AmountFault | null {
  const number = numberAt(tokens, at);
  if (number === null) return bareUnit(tokens, at, measures);
  let next = number.next;
  const times = isWord(tokens[next], 'x') && tokens[next + 1] !== undefined;
  if (times) next += 1;
  if (VAGUE_NUMBERS.has(tokens[next]?.lower ?? '')) return vague(tokens, next, measures);
  const sized = sizedPackAt(tokens, next, measures);
  if (sized !== null) return isFault(sized) ? sized : timesAmount(sized, number.low, number.high);
  const follows = numberAt(tokens, next);
  if (follows !== null && !follows.article && tokens[next]?.kind === 'number') {
    const size = plainSizeAt(tokens, next, measures);
    // `2 3-inch cinnamon sticks`
    if (unitAt(tokens, follows.next)?.unit.kind === 'length')
      return { amount: pieces(number.low, number.high), next };
    if (times && size !== null) return timesAmount(size, number.low, number.high);
    return fault(
      'amount',
      message('parser.canBeReadTwoWays', {
        value: tokens
          .slice(at, follows.next)
          .map(({ text }) => text)
          .join(' '),
      }),
    );
  }
  const unit = unitAt(tokens, next);
  if (unit === null) return unitless(tokens, number, next);
  const doubtful = thousandsOrDecimals(tokens[at], unit);
  if (doubtful !== null) return doubtful;
  const pack =
    unit.unit.kind === 'mass' || unit.unit.kind === 'volume' || unit.unit.kind === 'local'
      ? packAt(tokens[unit.next])
      : null;
  if (pack !== null && !isWord(tokens[unit.next - 1], 'of')) {
    // `3 quart boxes` are three boxes of a quart.
    const boxes =
      unit.unit.kind === 'local' &&
      ['pint', 'quart', 'gallon'].includes(unit.unit.unit) &&
      isPlural(tokens[unit.next]);
    if (boxes)
      return { amount: measured(unit, number.low, number.high, measures), next: unit.next + 1 };
    return onePack(
      tokens,
      number.mixedBySpace,
      measured(unit, number.low, number.high, measures),
      unit.next,
    );
  }
  return sizeAfter(
    tokens,
    {
      amount: measured(unit, number.low, number.high, measures),
      next: unit.next,
      one: measured(unit, 1, 1, measures).low,
    },
    measures,
  );
}

/** Pieces, or a number before a word that is no unit. */
function unitless(
  tokens: readonly Token[],
  number: { low: number; high: number },
  next: number,
): AmountRead | AmountFault {
  const word = tokens[next];
  if (word?.text === 't') {
    return fault('unit', message('parser.tMayBeATeaspoon'));
  }
  if (isMark(word, '%', '°')) return fault('amount', message('parser.aPercentageIsNotAn'));
  return { amount: pieces(number.low, number.high), next };
}

/** `1.500 g` is one and a half grams to some and a kilo and a half to others. */
function thousandsOrDecimals(token: Token | undefined, { unit }: UnitRead): AmountFault | null {
  const small =
    (unit.kind === 'mass' && unit.grams === 1) || (unit.kind === 'volume' && unit.ml === 1);
  return small && token !== undefined && /^[1-9]\d{0,2}\.\d{3}$/.test(token.text)
    ? fault(
        'amount',
        message('parser.mayBeOrWriteIt', {
          text: token.text,
          replace: token.text.replace('.', ''),
          Number: Number(token.text),
        }),
      )
    : null;
}

/**
 * `a few sprigs`, `a few drops`: three to five of what hardly counts; of anything else it must be
 * said.
 */
function vague(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | AmountFault {
  const unit = tokens[at]?.lower === 'few' ? unitAt(tokens, at + 1) : null;
  return unit !== null &&
    (unit.unit.kind === 'loose' || ['sprig', 'leaf', 'strip'].includes(unit.word))
    ? { amount: measured(unit, 3, 5, measures), next: unit.next }
    : fault('amount', message('parser.isNotAnAmountGive', { value: tokens[at]?.text ?? '' }));
}

/**
 * `pinch of salt`, `heaped tbsp sugar`, `knob of butter`: one of it. Null for a bare unit that
 * wants a number.
 */
function bareUnit(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | AmountFault | null {
  if (VAGUE_NUMBERS.has(tokens[at]?.lower ?? '')) return vague(tokens, at, measures);
  const unit = unitAt(tokens, at);
  if (unit === null) return null;
  const one =
    unit.unit.kind === 'loose' ||
    unit.filled !== 1 ||
    (unit.unit.kind === 'container' && isWord(tokens[unit.next], 'of'));
  return one
    ? sizeAfter(tokens, { amount: measured(unit, 1, 1, measures), next: unit.next }, measures)
    : null;
}
