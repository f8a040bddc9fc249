import { isFault, type Amount, type AmountFault } from './amount.ts';
import { amountAt } from './amounts.ts';
import type { MeasuresId } from './measures.ts';
import type { Meaning } from './ingredientNames.ts';
import { nameAt, type NameBook } from './names.ts';
import type { Token } from './tokens.ts';
import { LONGEST_PHRASE, saidBy, type Effect } from './words.ts';

/** One part of a description, with the tokens that it takes up. */
export type Item = { readonly tokens: readonly Token[] } & (
  | { readonly kind: 'name'; readonly meaning: Meaning; readonly key: string }
  | { readonly kind: 'phrase'; readonly effect: Effect }
  | { readonly kind: 'percent'; readonly value: number }
  | { readonly kind: 'quiet' }
  | { readonly kind: 'or' }
  | { readonly kind: 'unknown' }
);

/**
 * What stands between two commas, or in a bracket. Every token of it is in one of the items, or in
 * the amount.
 */
export type Segment = {
  readonly items: readonly Item[];
  /** Another amount that it says, before its items. */
  readonly amount: Amount | AmountFault | null;
  readonly bracket: boolean;
  /** What is left when it is prepared or drained: `net 900 g`, `giving 1.8 lb`. */
  readonly isLeft: boolean;
  /** The word that it begins with: `plus` comes on top, `from` says what it was made of. */
  readonly link: 'plus' | 'and' | 'from' | null;
  /** Where its tokens begin and end in the description. */
  readonly from: number;
  readonly to: number;
};

const SEPARATORS: ReadonlySet<string> = new Set([',', ';', ':', '.', '–', '—', '-', '|']);
const OPEN: ReadonlySet<string> = new Set(['(', '[', '{']);
const CLOSE: ReadonlySet<string> = new Set([')', ']', '}']);

/** Time words: `soaked 2 hours` changes no sum. */
const TIMES: ReadonlySet<string> = new Set(['hour', 'hr', 'minute', 'min', 'day', 'night']);
/** Pieces that fruit is cut into. */
const CUTS: ReadonlySet<string> = new Set([
  'piece',
  'wedge',
  'slice',
  'chunk',
  'cube',
  'segment',
  'way',
  'eighth',
  'quarter',
  'strip',
]);
const LENGTHS: ReadonlySet<string> = new Set([
  'inch',
  'in',
  'cm',
  'mm',
  'centimetre',
  'centimeter',
  'millimetre',
  'millimeter',
]);
const NUMBER_WORDS: ReadonlySet<string> = new Set([
  'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
]); // prettier-ignore
/** Words before an amount that only say that it is one. */
const BEFORE_AMOUNT: ReadonlySet<string> = new Set([
  'about', 'approx', 'approximately', 'around', 'roughly', 'circa', 'ca', 'nearly', 'almost', 'just', 'over', 'under', 'say', 'or', 'ie', 'weighing', 'that',
  'is', 'and', 'makes', 'making', 'yielding', 'yields', 'yield', 'giving', 'gives', 'give', 'equals', 'to', 'total', 'totalling', 'of', 'each', 'make', 'weighed', 'from', 'enough', 'for', 'i.e', 'net', 'will', 'should', 'prepared', 'weight', 'drained',
]); // prettier-ignore

/** Words that say that an amount is of what is left after preparing. */
const LEFT: ReadonlySet<string> = new Set([
  'net', 'drained', 'giving', 'gives', 'give', 'yielding', 'yields', 'yield', 'makes', 'making', 'make', 'prepared', 'stoned', 'pitted', 'peeled', 'cored', 'hulled', 'trimmed', 'shelled', 'left',
]); // prettier-ignore

/** Words that begin a part of their own when an amount follows: `plus 2 tbsp`, `from 3 lemons`. */
const LINKS: ReadonlySet<string> = new Set(['plus', 'and', 'from', 'weighing']);

/** Splits a description at commas and brackets, and tells what each part of it is. */
export function segmentsOf(
  tokens: readonly Token[],
  book: NameBook,
  measures: MeasuresId,
): Segment[] {
  const found: Segment[] = [];
  let from = 0;
  let bracket = false;
  const close = (to: number): void => {
    if (to > from) found.push(segmentOf(tokens, from, to, bracket, book, measures));
  };
  tokens.forEach((token, at) => {
    const isBreak =
      token.kind === 'mark' &&
      (SEPARATORS.has(token.text) || OPEN.has(token.text) || CLOSE.has(token.text));
    const isLink =
      LINKS.has(token.lower) && amountAhead(tokens, at + 1) && numberRemark(tokens, at + 1) === 0;
    if (!isBreak && !isLink) return;
    close(at);
    from = isLink ? at : at + 1;
    if (OPEN.has(token.text)) bracket = true;
    if (CLOSE.has(token.text)) bracket = false;
  });
  close(tokens.length);
  return found;
}

const amountAhead = (tokens: readonly Token[], at: number): boolean =>
  tokens[at]?.kind === 'number' ||
  NUMBER_WORDS.has(tokens[at]?.lower ?? '') ||
  (/^(?:another|about|around|approx|approximately|roughly)$/.test(tokens[at]?.lower ?? '') &&
    amountAhead(tokens, at + 1));

function segmentOf(
  all: readonly Token[],
  from: number,
  to: number,
  bracket: boolean,
  book: NameBook,
  measures: MeasuresId,
): Segment {
  const link = linkAt(all, from);
  const tokens = all.slice(link === null ? from : from + 1, to);
  const start = amountStart(tokens);
  const read = start === null ? null : amountAt(tokens, start, measures);
  const base = { bracket, link, from, to, isLeft: tokens.some(({ lower }) => LEFT.has(lower)) };
  const items = (some: readonly Token[]) => itemsOf(some, book, bracket || from > 0);
  if (read === null) return { ...base, items: items(tokens), amount: null };
  if (isFault(read)) return { ...base, items: items(tokens), amount: read };
  if (read.amount.kind === 'length' && read.next < tokens.length) {
    return { ...base, items: items(tokens), amount: null };
  }
  return { ...base, items: items(tokens.slice(read.next)), amount: read.amount };
}

/** `(2 inches)`: how long the piece is. */
const isLengthAlone = (tokens: readonly Token[], at: number, remark: number): boolean =>
  at + remark === tokens.length && LENGTHS.has(tokens.at(-1)?.word ?? '');

const PERCENT = /^(percent|pct)$/;

/** The word that makes a part of its own of what follows, where an amount does. */
function linkAt(tokens: readonly Token[], at: number): Segment['link'] {
  const word = tokens[at]?.lower;
  if (word === 'from') return 'from';
  return (word === 'plus' || word === 'and') && amountAhead(tokens, at + 1) ? word : null;
}

/** Where an amount of its own starts in a segment: after hedges alone. */
function amountStart(tokens: readonly Token[]): number | null {
  const at = tokens.findIndex(
    (token) => !BEFORE_AMOUNT.has(token.lower) && token.lower !== '=' && token.lower !== 'another',
  );
  const token = tokens[at];
  if (token === undefined) return null;
  const counts = token.kind === 'number' || NUMBER_WORDS.has(token.lower);
  const isPercent = tokens[at + 1]?.text === '%' || PERCENT.test(tokens[at + 1]?.lower ?? '');
  const remark = numberRemark(tokens, at);
  return counts && !isPercent && (remark === 0 || isLengthAlone(tokens, at, remark)) ? at : null;
}

/**
 * How many tokens from here are a number that is no amount: `1-inch`, `2 x 3 cm`, `into 8 wedges`,
 * `2 hours`. None: 0.
 */
function numberRemark(tokens: readonly Token[], at: number): number {
  let next = at;
  while (
    tokens[next]?.kind === 'number' ||
    (next > at &&
      /^(x|to|by|–|-|or)$/.test(tokens[next]?.lower ?? '') &&
      tokens[next + 1]?.kind === 'number')
  ) {
    next += 1;
  }
  if (next === at && !NUMBER_WORDS.has(tokens[at]?.lower ?? '')) return 0;
  if (next === at) next += 1;
  const unit = tokens[next];
  if (unit === undefined) return isInto(tokens[at - 1]) ? next - at : 0;
  if (LENGTHS.has(unit.word) || TIMES.has(unit.word)) {
    // `2 cm x 3 cm`
    const more = /^(x|by)$/.test(tokens[next + 1]?.lower ?? '')
      ? numberRemark(tokens, next + 2)
      : 0;
    return (more > 0 ? next + 2 + more : next + 1) - at;
  }
  return isInto(tokens[at - 1]) && CUTS.has(unit.word) ? next + 1 - at : 0;
}

const isInto = (token: Token | undefined): boolean =>
  token !== undefined && (token.lower === 'into' || token.lower === 'in');

/**
 * Every token in an item: the longest name or phrase at each place, else a token that is not
 * understood.
 */
function itemsOf(tokens: readonly Token[], book: NameBook, isAside: boolean): Item[] {
  const items: Item[] = [];
  for (let at = 0; at < tokens.length;) {
    const item = itemAt(tokens, at, book, isAside);
    items.push(item);
    at += item.tokens.length;
  }
  return items;
}

function itemAt(tokens: readonly Token[], at: number, book: NameBook, isAside: boolean): Item {
  const token = tokens[at] as Token;
  const name = nameAt(tokens, at, book);
  const phrase = phraseAt(tokens, at, isAside);
  if (
    name !== null &&
    (phrase === null ||
      name.next > phrase.next ||
      (name.next === phrase.next && isStrong(name.meaning, phrase.effect)))
  ) {
    return {
      kind: 'name',
      meaning: name.meaning,
      key: name.key,
      tokens: tokens.slice(at, name.next),
    };
  }
  if (phrase !== null) {
    return { kind: 'phrase', effect: phrase.effect, tokens: tokens.slice(at, phrase.next) };
  }
  if (token.kind === 'number' || NUMBER_WORDS.has(token.lower)) {
    const remark = numberRemark(tokens, at);
    if (remark > 0) return { kind: 'quiet', tokens: tokens.slice(at, at + remark) };
    const percent = tokens[at + 1]?.text === '%' || PERCENT.test(tokens[at + 1]?.lower ?? '');
    if (percent) {
      const acid = /^(acidity|acid|strength|abv|vol|proof|fat)$/.test(tokens[at + 2]?.lower ?? '');
      return { kind: 'percent', value: token.value, tokens: tokens.slice(at, at + (acid ? 3 : 2)) };
    }
  }
  const isSlash =
    token.text === '/' && tokens[at - 1]?.kind === 'word' && tokens[at + 1]?.kind === 'word';
  if (token.lower === 'or' || isSlash) return { kind: 'or', tokens: [token] };
  if (token.text === '!') return { kind: 'quiet', tokens: [token] };
  return { kind: 'unknown', tokens: [token] };
}

/**
 * Whether a name goes before a phrase of the same words: `white` is no row, and `zest` or `fruit`
 * are seldom meant by it.
 */
const isStrong = (meaning: Meaning, effect: Effect): boolean =>
  meaning.kind === 'row' && effect.part === undefined;

function phraseAt(
  tokens: readonly Token[],
  at: number,
  isAside: boolean,
): { readonly effect: Effect; readonly next: number } | null {
  let key = '';
  let found: { effect: Effect; next: number } | null = null;
  for (let next = at; next < tokens.length && next < at + LONGEST_PHRASE; next += 1) {
    const token = tokens[next];
    if (token === undefined) break;
    key = next === at ? token.word : `${key} ${token.word}`;
    const effect = saidBy(key);
    // `peach halves` are cut; `half of them` says of how many something holds.
    if (next === at && token.lower === 'half') continue;
    if (effect !== undefined && (isAside || effect.remark !== true))
      found = { effect, next: next + 1 };
  }
  return found;
}
