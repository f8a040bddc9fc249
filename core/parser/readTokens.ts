import { message, type Text } from '@idle-kettle/words/message';
import { pluralize } from 'inflection';
import type { Ingredient } from '../ingredients/index.ts';
import { amountAt } from './amounts.ts';
import { describe } from './describe.ts';
import { isObstacle, textOf, type Description, type Unread } from './description.ts';
import { gramsOf } from './grams.ts';
import { headOf } from './head.ts';
import { citrusForCurd } from './curdCitrus.ts';
import { plainGellingSugar } from './gellingRatio.ts';
import { juiceForJelly } from './jellyJuice.ts';
import type { Parser } from './parserKitchen.ts';
import { isUnitWord, LONG_UNITS } from './measures.ts';
import { NAME_WORDS } from './ingredientNames.ts';
import { numberAt } from './numbers.ts';
import { plainWord } from './plainWord.ts';
import { nearestWords, wordList } from './spelling.ts';
import type { Token } from './tokens.ts';
import { PHRASE_WORDS, TELLING_WORDS, TURNING_WORDS } from './words.ts';

/** A line understood, before its grams. */
export type Understood = {
  readonly description: Description;
  readonly assumed: readonly Text[];
  /**
   * Words whose spelling was put right, and the line with them; absent where all was spelt as it
   * should be.
   */
  readonly respelt?: { readonly name: string; readonly line: string };
};

/**
 * Reads tokens; where that fails, once more with misspelt words put right, or with one of two
 * things named by `or`.
 */
export function readTokens(tokens: readonly Token[], reader: Parser): Understood | Unread {
  const plainly = readPlainly(tokens, reader);
  const doubtful = 'description' in plainly ? plainly.description.varieties : plainly.unknown;
  if (doubtful.length > 0) {
    const nameless = !('description' in plainly) && plainly.nameless;
    const spelt = spelledRight(tokens, doubtful, nameless);
    if (spelt !== null) {
      const again = readPlainly(spelt.tokens, reader);
      if ('description' in again) {
        return {
          ...again,
          assumed: [...again.assumed, ...spelt.said],
          respelt: { name: spelt.name, line: textOf(spelt.tokens) },
        };
      }
      if ('description' in plainly) return again;
    }
  }
  if ('description' in plainly || plainly.orAt === null) return plainly;
  const sides = sidesOf(plainly, reader);
  const either = sides === null ? null : eitherOf(sides);
  return (
    either ?? {
      ...plainly,
      either: sides === null ? [] : [sides.first.tokens, sides.second.tokens],
    }
  );
}

function readPlainly(tokens: readonly Token[], reader: Parser): Understood | Unread {
  const head = headOf(tokens, reader);
  if ('message' in head) return head;
  const { amountTokens, rest } = head;
  const tinned = amountTokens.some(({ word }) => word === 'can' || word === 'tin');
  const amount = tinned ? { ...head.amount, tinned } : head.amount;
  const said = describe(rest, amount, reader.book, reader.measures);
  if (!isObstacle(said)) {
    const juiced = reader.extractsJuice === true ? juiceForJelly(said, tokens) : said;
    const squeezed = reader.squeezesCitrus === true ? citrusForCurd(juiced) : juiced;
    const description = plainGellingSugar(squeezed, tokens, reader.measures);
    return { description, assumed: [] };
  }
  const unit = amountTokens.at(-1);
  if (amount.kind === 'container' && unit !== undefined) {
    // `4 cloves`, `6 bay leaves`: what looks like a measure is the thing, or the end of its name.
    const counted = describe(
      [unit, ...rest],
      { ...amount, kind: 'pieces', name: '' },
      reader.book,
      reader.measures,
    );
    if (!isObstacle(counted)) return { description: counted, assumed: [] };
  }
  return { ...said, amountTokens, rest };
}

const KNOWN_WORDS: ReadonlySet<string> = new Set([...NAME_WORDS, ...PHRASE_WORDS]);

/** Words that may be meant by a misspelt one. */
const SPELLED_WORDS = wordList(new Set([...NAME_WORDS, ...TELLING_WORDS]));
/** Units that may be meant by one, right after a number. */
const SPELLED_UNITS = wordList(new Set(LONG_UNITS.map(plainWord)));

/** Whether a word is right as it stands, even where it does not belong. */
const isKnownWord = (token: Token): boolean =>
  KNOWN_WORDS.has(token.word) || TURNING_WORDS.has(token.word) || isUnitWord(token);

/**
 * The tokens with misspelt words put right; null where nothing is near, or more than one word is.
 */
function spelledRight(
  tokens: readonly Token[],
  doubtful: readonly Token[],
  nameless: boolean,
): {
  readonly tokens: readonly Token[];
  readonly said: readonly Text[];
  /** The words as they are written. */
  readonly name: string;
} | null {
  const right = new Map<Token, string>();
  for (const token of doubtful) {
    if (token.kind !== 'word' || isKnownWord(token)) continue;
    const words = nearestWords(token.word, SPELLED_WORDS);
    const found =
      words.length === 0 && isAfterNumber(tokens, token)
        ? nearestWords(token.word, SPELLED_UNITS)
        : words;
    // Where nothing is named yet, a name is meant rather than a word beside it.
    const names = nameless ? found.filter((word) => NAME_WORDS.has(word)) : [];
    const [near, ...others] = names.length > 0 ? names : found;
    if (near !== undefined && others.length === 0) right.set(token, near);
  }
  if (right.size === 0) return null;
  return {
    tokens: tokens.map((token) => {
      const word = right.get(token);
      return word === undefined
        ? token
        : { ...token, lower: word, word: plainWord(word), text: asWritten(word, token) };
    }),
    name: [...right.keys()].map(({ text }) => text).join(' '),
    said: [...right].map(([{ text }, word]) => message('parser.countsAs', { text, word })),
  };
}

const isAfterNumber = (tokens: readonly Token[], token: Token): boolean => {
  const before = tokens[tokens.indexOf(token) - 1];
  return before !== undefined && numberAt([before], 0) !== null;
};

/** A word that was put right, one or many as it was written. */
const asWritten = (word: string, { lower }: Token): string =>
  NAME_WORDS.has(word) && lower.endsWith('s') && !word.endsWith('s') ? pluralize(word) : word;

/**
 * `A or B`, read both ways: alike enough, the first is taken and said. Null where it must be asked.
 */
function eitherOf({ first, second, said }: Sides): Understood | null {
  const [a, b] = [gramsOf(first.read.description), gramsOf(second.read.description)];
  if ('trouble' in a || 'trouble' in b) return null;
  const same = Math.abs(a.massG.typical / b.massG.typical - 1) < 0.1;
  return same && isAlike(first.read.description.row, second.read.description.row)
    ? {
        ...first.read,
        assumed: [...first.read.assumed, message('parser.ofTheFirstIsUsed', { said })],
      }
    : null;
}

/**
 * Whether one may stand for the other: the same kind, acid class, gelling and standing on the
 * shelf.
 */
function isAlike(a: Ingredient, b: Ingredient): boolean {
  const shelf = (row: Ingredient) => (row.kind === 'fruit' ? null : (row.noShelf ?? null));
  return (
    a.id === b.id ||
    (isJuice(a) === isJuice(b) &&
      (a.kind === b.kind || isJuice(a)) &&
      a.acidClass === b.acidClass &&
      a.gelling === b.gelling &&
      shelf(a) === shelf(b) &&
      a.make.insolublesAre === b.make.insolublesAre &&
      isStandard(a) === isStandard(b) &&
      Math.abs(a.make.solublesPct.typical - b.make.solublesPct.typical) < 12)
  );
}

const isJuice = (row: Ingredient): boolean =>
  row.kind === 'juice' || (row.kind === 'fruit' && row.state === 'juice');

/** Acid of known strength, which safety may stand on. */
const isStandard = ({ id }: Ingredient): boolean => id.endsWith('-bottled') || id === 'vinegar';

/** One of two things, as a line of its own. */
type Side = { readonly read: Understood; readonly tokens: readonly Token[] };

type Sides = { readonly first: Side; readonly second: Side; readonly said: string };

const isBreak = (token: Token | undefined): boolean => token?.kind === 'mark' && token.text !== '/';

/**
 * The two readings of a description with one `or`; null with more, or where one of them cannot be
 * read.
 */
function sidesOf({ rest, orAt, amountTokens }: Unread, reader: Parser): Sides | null {
  if (orAt === null) return null;
  const ors = rest.filter(({ lower, text }) => lower === 'or' || text === '/');
  if (ors.length > 1 || rest[orAt - 1]?.lower === 'and') return null;
  let from = orAt;
  while (from > 0 && !isBreak(rest[from - 1])) from -= 1;
  let to = orAt + 1;
  while (to < rest.length && !isBreak(rest[to])) to += 1;
  const [before, left, right, after] = [
    rest.slice(0, from),
    rest.slice(from, orAt),
    apart(rest.slice(orAt + 1, to)),
    rest.slice(to),
  ];
  const side = (tokens: readonly Token[], own = false): Side | null => {
    const line = own ? tokens : [...amountTokens, ...tokens];
    const read = readPlainly(line, reader);
    return 'description' in read && read.description.varieties.length === 0
      ? { read, tokens: line }
      : null;
  };
  if (right.length === 0) return null;
  // `sugar (or honey)`: the other stands for all that went before.
  const whole = left.length === 0;
  const ownAmount = amountAt(right, 0, reader.measures) !== null && right[0]?.kind === 'number';
  const second = side(
    whole ? [...right, ...after] : ownAmount ? right : [...before, ...right, ...after],
    ownAmount,
  );
  const first = whole
    ? side([...before, ...after])
    : firstOf(left, right, (tokens) => side([...before, ...tokens, ...after]));
  const text = (tokens: readonly Token[]): string =>
    textOf(tokens.filter((token) => !isBreak(token)));
  return first === null || second === null
    ? null
    : { first, second, said: `${text(whole ? before : left)} or ${text(right)}` };
}

/** Tokens with a space before them: what stood behind a slash. */
const apart = ([first, ...others]: readonly Token[]): readonly Token[] =>
  first === undefined ? [] : [{ ...first, spaced: true }, ...others];

/**
 * The first of two things: with what the second has at its end (`grape or cherry tomatoes`), or as
 * it stands.
 */
function firstOf(
  left: readonly Token[],
  right: readonly Token[],
  side: (tokens: readonly Token[]) => Side | null,
): Side | null {
  // `peaches or white peaches`: the first has its own name.
  const isNamed = left.at(-1)?.word === right.at(-1)?.word;
  for (let drop = isNamed ? right.length : 1; drop <= right.length; drop += 1) {
    const found = side([...left, ...right.slice(drop)]);
    if (found !== null) return found;
  }
  return null;
}
