import { LOOKALIKES, type AcidClass } from '../ingredients/index.ts';
import { lineIn } from '../quantity/index.ts';
import type { LineReading } from './line.ts';
import { textOf, type Unread } from './description.ts';
import { amountOffers } from './amountOffers.ts';
import { unitAt, type MeasuresId } from './measures.ts';
import { numberAt } from './numbers.ts';
import { isMark, type Token } from './tokens.ts';
import { saidBy, TURNING_WORDS } from './words.ts';

/** Most readings offered for one line. */
const MOST_OFFERS = 3;

type Read = (lines: readonly string[]) => readonly LineReading[];

/**
 * Other wordings of a line that is not understood, likeliest first, each of one line or more. Each
 * is read again, so that all of it is understood; and none of them is there that makes a more acid
 * thing of what is written.
 */
export function offersFor(
  tokens: readonly Token[],
  found: Unread,
  read: Read,
  measures: MeasuresId,
): string[][] {
  const all = textOf(tokens);
  const offers = [
    ...split(tokens, found),
    ...choices(found),
    ...leastAcid(eitherSide(found), read),
    ...clearer(all),
    ...spokenOn(tokens),
    ...amountOffers(tokens, measures),
    ...without(tokens, found),
  ];
  const seen = new Set<string>([all]);
  return offers
    .filter((lines) => {
      const key = lines.join('\n');
      const isNew = !seen.has(key);
      seen.add(key);
      return isNew && read(lines).every(({ understood }) => understood);
    })
    .slice(0, MOST_OFFERS);
}

/** `2 kg plums, 1 kg pumpkin` as two lines. */
function split(tokens: readonly Token[], { rest, secondAt }: Unread): string[][] {
  if (secondAt === null) return [];
  const second = rest[secondAt];
  const at = second === undefined ? -1 : tokens.indexOf(second);
  if (at <= 0) return [];
  const trim = (part: readonly Token[]) =>
    textOf(part)
      .replace(/^(?:and\b|plus\b|[,;&+\s])+/i, '')
      .replace(/[\s,;(]+$|\s+(?:and|plus)$/gi, '')
      .replace(/^([^(]*)\)$/, '$1');
  return [[trim(tokens.slice(0, at)), trim(tokens.slice(at))]];
}

/** A name that means two things, said plainly. */
const choices = ({ choices: names, amountTokens }: Unread): string[][] =>
  names.map((name) => [`${textOf(amountTokens)} ${name}`]);

/** `sugar or honey`: each of the two as a line of its own. */
const eitherSide = ({ either }: Unread): string[][] => either.map((tokens) => [textOf(tokens)]);

const RANK: { readonly [acid in AcidClass]: number } = { low: 0, borderline: 1, high: 2 };

/**
 * Of two things that are not as acid as each other, the less acid alone: the other would be taken
 * for it too lightly.
 */
function leastAcid(offers: string[][], read: Read): string[][] {
  const ranks = offers.map((lines) =>
    Math.min(
      ...read(lines).map(
        (line) => RANK[(line.understood ? line.ingredient.acidClass : undefined) ?? 'high'],
      ),
    ),
  );
  const least = Math.min(...ranks);
  return offers.filter((_, index) => ranks[index] === least);
}

/** Units of which a part is said without its own: a kilo two hundred, two pound four. */
const SMALLER: readonly (readonly [unit: RegExp, smaller: string])[] = [
  [/^(?:kg|kgs|kilos?|kilograms?)$/, 'g'],
  [/^(?:lbs?|pounds?)$/, 'oz'],
  [/^(?:l|litres?|liters?)$/, 'ml'],
];

/** `two pound four plums`: four ounces are meant. */
function spokenOn(tokens: readonly Token[]): string[][] {
  return tokens.flatMap((token, at) => {
    const [, smaller] = SMALLER.find(([unit]) => unit.test(token.lower)) ?? [];
    const number = numberAt(tokens, at + 1);
    if (smaller === undefined || number === null || number.article || number.low !== number.high)
      return [];
    if (!(number.low >= 1) || unitAt(tokens, number.next) !== null) return [];
    const rest = textOf(tokens.slice(number.next));
    return [[`${textOf(tokens.slice(0, at + 1))} ${number.low} ${smaller} ${rest}`]];
  });
}

/** `10 t sugar`, `2 400 g sugar`, `1.500 g salt`: the ways they may be meant. */
function clearer(text: string): string[][] {
  const spoon = /^(.*\d) ?t (.+)$/.exec(text);
  if (spoon) return [[lineIn('tsp', spoon[1] ?? '', spoon[2])]];
  const two = /^(\d{1,2}) (\d{3}) ?(.+)$/.exec(text);
  if (two) return [[`${two[1]} x ${two[2]} ${two[3]}`], [`${two[1]}${two[2]} ${two[3]}`]];
  const dot = /^(\d{1,3})\.(\d{3}) ?(.+)$/.exec(text);
  return dot
    ? [[`${dot[1]}${dot[2]} ${dot[3]}`], [`${Number(`${dot[1]}.${dot[2]}`)} ${dot[3]}`]]
    : [];
}

const STRANGE: ReadonlySet<string> = new Set(LOOKALIKES);

/**
 * The line without what is not understood: only where those words name no food, and turn nothing
 * about.
 */
function without(tokens: readonly Token[], { unknown, food }: Unread): string[][] {
  if (
    food ||
    unknown.length === 0 ||
    unknown.some(
      ({ kind, word }) => kind === 'number' || STRANGE.has(word) || TURNING_WORDS.has(word),
    )
  )
    return [];
  const rest = withoutBrackets(tokens, unknown);
  if (rest === null) return [];
  return [
    [
      textOf(rest)
        .replace(/\s*[([]\s*[)\]]/g, '')
        .replace(/(?:\s*(?:[,;:–-]|\b(?:to|for|with|and|or|of|in|the|a|by|from))\s*)+$/, ''),
    ],
  ];
}

/**
 * The tokens without those that are not understood, and without the whole of a bracket that holds
 * one of them. Null where such a bracket says more than words of no meaning: an amount, how it is
 * prepared, what it is not.
 */
function withoutBrackets(
  tokens: readonly Token[],
  unknown: readonly Token[],
): readonly Token[] | null {
  const rest: Token[] = [];
  for (let at = 0; at < tokens.length; at += 1) {
    const token = tokens[at];
    if (token === undefined) break;
    const close = isMark(token, '(', '[') ? closeOf(tokens, at) : null;
    const inside = close === null ? [] : tokens.slice(at + 1, close);
    if (close === null || !inside.some((own) => unknown.includes(own))) {
      if (!unknown.includes(token)) rest.push(token);
      continue;
    }
    if (!inside.every((own) => unknown.includes(own) || isQuiet(own))) return null;
    at = close;
  }
  return rest;
}

const closeOf = (tokens: readonly Token[], open: number): number | null => {
  const close = tokens.findIndex((token, at) => at > open && isMark(token, ')', ']'));
  return close === -1 ? null : close;
};

/** Whether a word says nothing about the sums. */
function isQuiet(token: Token): boolean {
  const effect = saidBy(token.word);
  return (
    (effect !== undefined &&
      Object.keys(effect).every((said) => said === 'remark' || said === 'kindsFollow')) ||
    isMark(token, ',', '.', '!')
  );
}
