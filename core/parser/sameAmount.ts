import { message } from '@idle-kettle/words/message';
import { fault, type Amount, type AmountFault, type AmountRead } from './amount.ts';
import { afterHedges, measured, plainSizeAt } from './measuredAmount.ts';
import { packAt, unitAt, type MeasuresId } from './measures.ts';
import { numberAt } from './numbers.ts';
import { isMark, isWord, type Token } from './tokens.ts';

const added = (a: Amount, b: Amount): Amount => ({
  ...a,
  low: a.low + b.low,
  high: a.high + b.high,
  assumed: [...new Set([...a.assumed, ...b.assumed])],
});

/**
 * `5 lb 8 oz`, `1 cup plus 2 tbsp`, `1 lb and 4 oz`, `a pound and a half`: more of the same kind.
 */
export function withMore(
  tokens: readonly Token[],
  read: AmountRead,
  measures: MeasuresId,
): AmountRead {
  const { amount, next, one } = read;
  if (amount.kind !== 'mass' && amount.kind !== 'volume') return read;
  // `2 pounds, 4 ounces`; a kilo, 200 g may be two things.
  const listed =
    isMark(tokens[next], ',') && /^(?:oz|ounce)$/.test(unitAt(tokens, next + 2)?.word ?? '');
  const linked = isWord(tokens[next], 'plus', 'and') || listed;
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

/**
 * `900g/2lb`, `1 lb or 450 g`, `1 kg = 2.2 lb`: the same said twice; and `1 kg to 2 kg`, a range.
 */
export function withEquals(
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
 * One amount for two ways of saying it: a written weight wins, then a volume. Null when they say
 * different things.
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
  // Nothing that is cooked is lighter than a fifth of water by the cup, or heavier than one and a
  // half.
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
