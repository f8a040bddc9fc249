import { message, type Text } from '@idle-kettle/words/message';
import {
  localMl,
  LOOSE_ML,
  MEASURES_NAMES,
  packAt,
  unitAt,
  type LooseName,
  type MeasuresId,
  type UnitRead,
} from './measures.ts';
import { numberAt, VAGUE_NUMBERS } from './numbers.ts';
import type { Token } from './tokens.ts';

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

const fault = (about: AmountFault['about'], message: Text): AmountFault => ({ about, message });

/** Whether reading an amount met something impossible. */
export const isFault = (read: AmountRead | AmountFault | Amount): read is AmountFault =>
  'message' in read;

/** Words that say an amount is not exact, and no more. */
const LEADING_HEDGES: ReadonlySet<string> = new Set([
  'about', 'approx', 'approximately', 'around', 'roughly', 'circa', 'ca', 'nearly', 'almost', 'just', 'over', 'under', 'say',
]); // prettier-ignore

const isMark = (token: Token | undefined, ...marks: readonly string[]): boolean =>
  token?.kind === 'mark' && marks.includes(token.text);
const isWord = (token: Token | undefined, ...words: readonly string[]): boolean =>
  token?.kind === 'word' && words.includes(token.lower);

/** The first token that is no hedge. */
function afterHedges(tokens: readonly Token[], from: number): number {
  let at = from;
  while (LEADING_HEDGES.has(tokens[at]?.lower ?? '')) at += 1;
  return at;
}

/**
 * The amount that starts at a token: `5 lb 8 oz`, `2 (3 oz) pouches`, `12-oz bag`, `a pound and a half`, `900g/2lb`,
 * `a pinch`, `3`. Null where none starts there; a fault where one starts that cannot be used.
 */
export function amountAt(
  tokens: readonly Token[],
  from: number,
  measures: MeasuresId,
): AmountRead | AmountFault | null {
  const at = afterHedges(tokens, from);
  const first = oneAmountAt(tokens, at, measures);
  if (first === null || isFault(first)) return first;
  return withEquals(tokens, withMore(tokens, first, measures), measures);
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

/** So many pieces, of a kind that the noun tells. */
export const pieces = (low: number, high: number): Amount => ({
  kind: 'pieces',
  low,
  high,
  name: '',
  size: null,
  packed: false,
  assumed: [],
});

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

/** `a few sprigs`, `a few drops`: three to five of what hardly counts; of anything else it must be said. */
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

/** `pinch of salt`, `heaped tbsp sugar`, `knob of butter`: one of it. Null for a bare unit that wants a number. */
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

/** Grams or mL that stand at a token, with no pack. */
function plainSizeAt(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | null {
  const number = numberAt(tokens, at);
  const unit = number === null ? null : unitAt(tokens, number.next);
  if (number === null || unit === null) return null;
  const amount = measured(unit, number.low, number.high, measures);
  return amount.kind === 'mass' || amount.kind === 'volume' ? { amount, next: unit.next } : null;
}

/** `(3 oz) pouch`, `400 g tin`, `12-ounce bags`: what is in one, and the pack it is in. */
function sizedPackAt(
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

const isPlural = (token: Token | undefined): boolean =>
  token !== undefined && token.word !== token.lower;

/** `12 oz bag`: one of it; `2 1/2 oz bags` says neither how many nor how large. */
function onePack(
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
function sizeAfter(
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

const timesAmount = ({ amount, next }: AmountRead, low: number, high: number): AmountRead => ({
  amount: { ...amount, low: amount.low * low, high: amount.high * high },
  next,
});

function measured(read: UnitRead, low: number, high: number, measures: MeasuresId): Amount {
  const { unit, filled, whose, packed, size } = read;
  const as = (kind: Amount['kind'], times: number, name = '', assumed: Text[] = []): Amount => ({
    kind,
    low: low * times * filled,
    high: high * times * filled,
    name,
    size,
    packed,
    assumed,
  });
  switch (unit.kind) {
    case 'mass':
      return as('mass', unit.grams);
    case 'volume':
      return as('volume', unit.ml);
    case 'local': {
      const ml = localMl(unit.unit, whose ?? measures);
      const name = MEASURES_NAMES[whose ?? measures];
      const said =
        whose === null && ml > 20
          ? [message('parser.ml', { name, unit: unit.unit, round: Math.round(ml) })]
          : [];
      return as('volume', ml, unit.unit, said);
    }
    case 'loose':
      return as('loose', 1, unit.name);
    case 'bushels':
      return as('bushels', unit.bushels);
    case 'container':
      return as('container', 1, unit.name);
    case 'count':
      return as('pieces', 1);
    case 'length':
      return as('length', unit.cm);
  }
}

/** mL that a loose measure holds; null for those that go by what is measured. */
export const looseMl = (name: string) =>
  name in LOOSE_ML ? LOOSE_ML[name as Exclude<LooseName, 'handful' | 'knob' | 'thumb'>] : null;

const added = (a: Amount, b: Amount): Amount => ({
  ...a,
  low: a.low + b.low,
  high: a.high + b.high,
  assumed: [...new Set([...a.assumed, ...b.assumed])],
});

/** `5 lb 8 oz`, `1 cup plus 2 tbsp`, `1 lb and 4 oz`, `a pound and a half`: more of the same kind. */
function withMore(tokens: readonly Token[], read: AmountRead, measures: MeasuresId): AmountRead {
  const { amount, next, one } = read;
  if (amount.kind !== 'mass' && amount.kind !== 'volume') return read;
  const linked = isWord(tokens[next], 'plus', 'and');
  const at = linked ? next + 1 : next;
  const number = numberAt(tokens, at);
  if (number === null) return read;
  const unit = unitAt(tokens, number.next);
  if (unit !== null) {
    const more = measured(unit, number.low, number.high, measures);
    const smaller =
      more.high < amount.low && (linked || more.name !== amount.name || more.name === '');
    if (more.kind === amount.kind && smaller && packAt(tokens[unit.next]) === null) {
      return withMore(tokens, { amount: added(amount, more), next: unit.next }, measures);
    }
  }
  // `a cup and a half`, `a pound and a quarter of`
  return linked &&
    isWord(tokens[next], 'and') &&
    number.high < 1 &&
    unit === null &&
    one !== undefined
    ? {
        amount: {
          ...amount,
          low: amount.low + one * number.low,
          high: amount.high + one * number.high,
        },
        next: number.next,
      }
    : read;
}

/** How far two ways of saying one amount may differ: cookbooks round. */
const SAME = 0.17;

/** `900g/2lb`, `1 lb or 450 g`, `1 kg = 2.2 lb`: the same said twice; and `1 kg to 2 kg`, a range. */
function withEquals(
  tokens: readonly Token[],
  read: AmountRead,
  measures: MeasuresId,
): AmountRead | AmountFault {
  const { amount, next } = read;
  const link = tokens[next];
  const to = isWord(link, 'to') || isMark(link, '-', '–', '—');
  const same = isMark(link, '/', '|', '=') || isWord(link, 'or');
  if ((!to && !same) || amount.kind === 'pieces') return read;
  const other = plainSizeAt(tokens, afterHedges(tokens, next + 1), measures);
  if (other === null) return read;
  const more = withMore(tokens, other, measures);
  const joint = agreed(amount, more.amount);
  if (
    joint === null &&
    to &&
    amount.kind === more.amount.kind &&
    more.amount.high < 8 * amount.low
  ) {
    const ends = [amount.low, amount.high, more.amount.low, more.amount.high];
    const spread = { ...amount, low: Math.min(...ends), high: Math.max(...ends) };
    return { amount: spread, next: more.next };
  }
  if (joint === null) return disagree(tokens, read.next, more.next);
  return withEquals(tokens, { amount: joint, next: more.next }, measures);
}

const disagree = (tokens: readonly Token[], from: number, to: number): AmountFault =>
  fault(
    'amount',
    message('parser.doesntMatchTheAmountBefore', {
      value: tokens
        .slice(from + 1, to)
        .map(({ text }) => text)
        .join(' '),
    }),
  );

/** Weights before volumes, volumes before the rest. */
const RANK: { readonly [kind in Amount['kind']]: number } = {
  mass: 3, volume: 2, bushels: 1, container: 0, pieces: 0, loose: 0, length: 0,
}; // prettier-ignore

/** An imperial pint over a US one. */
const IMPERIAL_OVER_US = 1.201;

const middle = ({ low, high }: Amount): number => (low + high) / 2;

/**
 * One amount for two ways of saying it: a written weight wins, then a volume. Null when they say different things.
 */
export function agreed(a: Amount, b: Amount): Amount | null {
  if (a.kind === b.kind) {
    const ratio = middle(b) / middle(a);
    if (Math.abs(ratio - 1) <= SAME)
      return b.name === '' && a.name !== '' && a.kind === 'volume' ? { ...b, packed: a.packed } : a;
    // `600 ml (1 pint)`: an imperial pint, whatever the kitchen's is; what is in litres stands.
    const metric = a.name === '' ? a : b;
    const imperial = a.name === '' ? ratio * IMPERIAL_OVER_US : ratio / IMPERIAL_OVER_US;
    const american = a.name === '' ? ratio / IMPERIAL_OVER_US : ratio * IMPERIAL_OVER_US;
    const otherwise = a.kind === 'volume' && (a.name === '') !== (b.name === '');
    return otherwise && (Math.abs(imperial - 1) <= SAME / 2 || Math.abs(american - 1) <= SAME / 2)
      ? { ...metric, packed: a.packed || b.packed }
      : null;
  }
  const [more, less] = RANK[b.kind] > RANK[a.kind] ? [b, a] : [a, b];
  // Nothing that is cooked is lighter than a fifth of water by the cup, or heavier than one and a half.
  if (more.kind === 'mass' && less.kind === 'volume') {
    const density = middle(more) / middle(less);
    if (density < 0.08 || density > 1.7) return null;
  }
  return {
    ...more,
    size: more.size ?? less.size,
    packed: a.packed || b.packed,
    assumed: more.assumed,
  };
}
