import { message, type Text } from '@idle-kettle/words/message';
import { isFault, type Amount } from './amount.ts';
import { amountAt } from './amounts.ts';
import { obstacle, type Obstacle, type Unread } from './description.ts';
import type { Parser } from './parserKitchen.ts';
import { unitAt } from './measures.ts';
import type { NameBook } from './names.ts';
import type { Token } from './tokens.ts';
import { saidBy } from './words.ts';

type Head = {
  readonly amount: Amount;
  readonly amountTokens: readonly Token[];
  readonly rest: readonly Token[];
};

const unread = (about: Obstacle['about'], message: Text, rest: readonly Token[]): Unread => ({
  ...obstacle(about, message),
  amountTokens: [],
  rest,
});

/**
 * The amount that a line is about, and the words that are left: from the front, after `juice of`,
 * or from further back.
 */
export function headOf(tokens: readonly Token[], reader: Parser): Head | Unread {
  if (tokens.length === 0) return unread('amount', message('parser.thisLineIsEmpty'), tokens);
  const front = amountAt(tokens, 0, reader.measures);
  if (front !== null) {
    if (isFault(front)) return unread(front.about, front.message, tokens);
    return {
      amount: front.amount,
      amountTokens: tokens.slice(0, front.next),
      rest: withoutOf(tokens.slice(front.next)),
    };
  }
  const tasted = toTaste(tokens, reader.book);
  if (tasted !== null) return tasted;
  // `juice of 2 lemons`, `sugar, 1 kg`, `lemons x 2`
  for (let at = 1; at < tokens.length; at += 1) {
    const token = tokens[at];
    if (token === undefined || !startsAmount(tokens, at)) continue;
    const read = amountAt(tokens, at, reader.measures);
    if (read === null) continue;
    if (isFault(read)) return unread(read.about, read.message, tokens);
    if (read.amount.kind === 'length') continue;
    if (read.amount.kind === 'container' && /^an?$/.test(token.lower)) continue;
    const before = tokens
      .slice(0, at)
      .filter(({ lower }, index) => !(index === at - 1 && (lower === 'x' || lower === '=')));
    return {
      amount: read.amount,
      amountTokens: tokens.slice(at, read.next),
      rest: [...before, ...joinedOn(before, tokens.slice(read.next))],
    };
  }
  return unread('amount', message('parser.noAmountFoundStartWith'), tokens);
}

/** Whether a number, and no article, stands here; `half a lemon` counts after `juice of`. */
function startsAmount(tokens: readonly Token[], at: number): boolean {
  const token = tokens[at];
  const after = tokens[at - 1]?.lower ?? '';
  if (token?.kind === 'number') return true;
  const spoken =
    /^(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|half|quarter)$/.test(
      token?.lower ?? '',
    );
  const article = /^(a|an)$/.test(token?.lower ?? '');
  const isLoose = unitAt(tokens, at + 1)?.unit.kind === 'loose';
  const ofOne = after === 'of' || after === 'from' || (isLoose && /^[,:–—-]$/.test(after));
  return (
    (spoken && (ofOne || /^[,:–—-]$/.test(after) || token?.lower !== 'half')) || (article && ofOne)
  );
}

/** `2 kg of plums`, `3 of the lemons`. */
const withoutOf = (tokens: readonly Token[]): readonly Token[] =>
  tokens[0]?.lower === 'of' || (tokens[0]?.lower === 'x' && tokens.length > 1)
    ? tokens.slice(1)
    : tokens;

const COMMA: Token = {
  kind: 'mark',
  text: ',',
  lower: ',',
  word: ',',
  value: NaN,
  fraction: false,
  joined: false,
  spaced: false,
};

/**
 * What follows an amount in the middle of a line goes on after `juice of`, and is a part of its own
 * after a name.
 */
function joinedOn(before: readonly Token[], after: readonly Token[]): readonly Token[] {
  const last = before.at(-1);
  return last?.lower === 'of' ||
    last?.lower === 'from' ||
    last?.kind === 'mark' ||
    after.length === 0
    ? after
    : last !== undefined && saidBy(last.word)?.part !== undefined
      ? after
      : [COMMA, ...after];
}

/** What `salt to taste` comes to, g; common practice. */
const TO_TASTE_G = { low: 0.001, high: 2 };

/** `salt to taste`: too little to change the sums; of anything but seasoning it must be said. */
function toTaste(tokens: readonly Token[], book: NameBook): Head | null {
  const tail = tokens
    .slice(-2)
    .map(({ lower }) => lower)
    .join(' ');
  if (tail !== 'to taste') return null;
  const rest = tokens
    .slice(0, -2)
    .filter(({ text }, index, all) => !(index === all.length - 1 && text === ','));
  const names = rest.map(({ word }) => book(word)).filter((meaning) => meaning?.kind === 'row');
  const all = rest.map(({ word }) => word).join(' ');
  const named = book(all) ?? names[0];
  if (named?.kind !== 'row' || named.row.kind !== 'seasoning') return null;
  return {
    amount: {
      kind: 'mass', low: TO_TASTE_G.low, high: TO_TASTE_G.high, name: '', size: null, packed: false,
      assumed: [message('parser.countsAsAGramToo')],
    },
    amountTokens: [],
    rest,
  }; // prettier-ignore
}
