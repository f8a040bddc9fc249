import { findIngredient, type Ingredient } from '../larder/index.ts';
import { exactly, type Range } from '../quantity/index.ts';
import { amountAt, isFault, type Amount } from './amounts.ts';
import { describe, isObstacle, type Description, type Obstacle, type Unread } from './describe.ts';
import { gramsOf } from './grams.ts';
import { impossible, MOST_LINE_CHARS, MOST_LINE_G, puzzling, type LineReading } from './line.ts';
import { isUnitWord, type MeasuresId } from './measures.ts';
import { NAME_WORDS, nameBook, teachingFault, type NameBook, type TaughtName } from './names.ts';
import { offersFor, textOf } from './offers.ts';
import { partOf } from './parts.ts';
import { nearestWords, wordList } from './spelling.ts';
import { isTwoLines, linesIn, tokensOf, type Token } from './tokens.ts';
import { plainWord } from './plainWord.ts';
import { PHRASES, phraseKey, TURNING_WORDS } from './words.ts';

/** What a pack in the kitchen says of itself, in place of the usual. */
export type OwnPack = {
  /** Id of the ingredient: `powdered-pectin`. */
  readonly ingredient: string;
  readonly packG: number;
  /** Pectin in the pack, g: 150-grade where it gels with sugar. */
  readonly pectinG: number;
};

/** What a kitchen knows that lines are read with. */
export type ReadingKitchen = {
  /** What the packs in the cupboard say of themselves. */
  readonly packs: readonly OwnPack[];
  /** Whose cup, pint and spoon. */
  readonly measures: MeasuresId;
  /** Names that it was taught. */
  readonly names: readonly TaughtName[];
};

export const USUAL_READING: ReadingKitchen = { packs: [], measures: 'us', names: [] };

/** Most tokens in a line; more is no recipe line. */
const MOST_TOKENS = 80;

/**
 * Reads one line of a recipe as written, such as `7 cups crushed damsons` or `5 lb 8 oz apples`. Every word is taken in
 * or quoted: a line that is not wholly understood comes back as puzzling, with the words that stand in the way and with
 * readings to choose from. What was taken for granted is in `assumed`. Never throws; an amount that cannot be (none, less
 * than none, tonnes) is `impossible`.
 */
export function readLine(written: string, kitchen: Partial<ReadingKitchen> = {}): LineReading {
  const text = written.trim();
  if (text.length > MOST_LINE_CHARS) {
    return puzzling(
      `${text.slice(0, MOST_LINE_CHARS)}…`,
      'text',
      `A line may have at most ${MOST_LINE_CHARS} characters; this one has ${text.length}.`,
    );
  }
  if (isTwoLines(text)) {
    return puzzling(text, 'text', 'There is a line break in it. Write a line for each thing.', {
      offers: [linesIn(text)],
    });
  }
  const known = { ...USUAL_READING, ...kitchen };
  const reader: Reader = { ...known, book: nameBook(known.names) };
  const tokens = withoutBullet(tokensOf(text));
  if (tokens.length > MOST_TOKENS) {
    return puzzling(text, 'text', 'That is too long for one line. Write a line for each thing.');
  }
  const wrong = wrongNumber(text, tokens);
  if (wrong !== null) return wrong;
  const outcome = readTokens(tokens, reader);
  return 'description' in outcome
    ? accepted(text, outcome, reader)
    : withOffers(text, tokens, outcome, reader);
}

/**
 * The amount that a line starts with, as it is written: `5 lb 8 oz`, `2 (3 oz) pouches`. Null where it starts with none, or
 * with so many pieces, whose weight goes by more than the amount.
 */
export function amountText(written: string, measures: MeasuresId = 'us'): string | null {
  const tokens = withoutBullet(tokensOf(written.trim()));
  const read = amountAt(tokens, 0, measures);
  return read === null || isFault(read) || read.amount.kind === 'pieces'
    ? null
    : textOf(tokens.slice(0, read.next));
}

/** A kitchen with its names ready to be looked up. */
type Reader = ReadingKitchen & { readonly book: NameBook };

/** A line understood, before its grams. */
type Understood = { readonly description: Description; readonly assumed: readonly string[] };

/** Bullets, ticks and numbers at the head of a pasted line. */
function withoutBullet(tokens: readonly Token[]): readonly Token[] {
  const [first, second, third] = tokens;
  if (
    first?.kind === 'mark' &&
    /^[-–—•‣◦▪·▢□☐☑✓✔>]$/u.test(first.text) &&
    (first.text !== '-' || second?.spaced === true || second?.kind === 'word')
  ) {
    return withoutBullet(tokens.slice(1));
  }
  const isNumbered =
    first?.kind === 'number' &&
    second?.kind === 'mark' &&
    (second.text === ')' || second.text === '.') &&
    third !== undefined &&
    (third.spaced || third.kind === 'number');
  return isNumbered ? tokens.slice(2) : tokens;
}

/** Amounts that cannot be: less than nothing, nothing, no number. */
function wrongNumber(text: string, tokens: readonly Token[]): LineReading | null {
  const [first, second] = tokens;
  if (first?.kind === 'word' && /^(nan|inf|infinity)$/.test(first.lower)) {
    return impossible(text, 'amount', 'The amount must be a number.');
  }
  const minus = first?.kind === 'mark' && /^[-−]$/.test(first.text);
  if (minus && second?.kind === 'number')
    return impossible(text, 'amount', 'The amount must be more than zero.');
  if (minus && /^(nan|inf|infinity)$/.test(second?.lower ?? '')) {
    return impossible(text, 'amount', 'The amount must be a number.');
  }
  return first?.kind === 'number' && first.value === 0 && !(second?.kind === 'number')
    ? impossible(text, 'amount', 'The amount must be more than zero.')
    : null;
}

/** Reads tokens; where that fails, once more with misspelt words put right, or with one of two things named by `or`. */
function readTokens(tokens: readonly Token[], reader: Reader): Understood | Unread {
  const plainly = readPlainly(tokens, reader);
  const doubtful = 'description' in plainly ? plainly.description.varieties : plainly.unknown;
  if (doubtful.length > 0) {
    const nameless = !('description' in plainly) && plainly.nameless;
    const spelt = spelledRight(tokens, doubtful, nameless);
    if (spelt !== null) {
      const again = readPlainly(spelt.tokens, reader);
      if ('description' in again) {
        return { ...again, assumed: [...again.assumed, ...spelt.said] };
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

function readPlainly(tokens: readonly Token[], reader: Reader): Understood | Unread {
  const head = headOf(tokens, reader);
  if ('message' in head) return head;
  const { amount, amountTokens, rest } = head;
  const said = describe(rest, amount, reader.book, reader.measures);
  if (!isObstacle(said)) return { description: said, assumed: [] };
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

type Head = {
  readonly amount: Amount;
  readonly amountTokens: readonly Token[];
  readonly rest: readonly Token[];
};

const unread = (about: Obstacle['about'], message: string, rest: readonly Token[]): Unread => ({
  about,
  message,
  words: [],
  unknown: [],
  orAt: null,
  either: [],
  secondAt: null,
  choices: [],
  food: false,
  nameless: false,
  amountTokens: [],
  rest,
});

/** The amount that a line is about, and the words that are left: from the front, after `juice of`, or from further back. */
function headOf(tokens: readonly Token[], reader: Reader): Head | Unread {
  if (tokens.length === 0) return unread('amount', 'Nothing is written here.', tokens);
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
  return unread('amount', 'No amount found. Start with one, like “2 kg” or “3 cups”.', tokens);
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
  const ofOne = after === 'of' || after === 'from';
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

/** What follows an amount in the middle of a line goes on after `juice of`, and is a part of its own after a name. */
function joinedOn(before: readonly Token[], after: readonly Token[]): readonly Token[] {
  const last = before.at(-1);
  return last?.lower === 'of' ||
    last?.lower === 'from' ||
    last?.kind === 'mark' ||
    after.length === 0
    ? after
    : last !== undefined && PHRASES.get(last.word)?.part !== undefined
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
      assumed: ['Taken as a gram: too little to change the sums.'],
    },
    amountTokens: [],
    rest,
  }; // prettier-ignore
}

const KNOWN_WORDS: ReadonlySet<string> = new Set([
  ...NAME_WORDS,
  ...[...PHRASES.keys()].flatMap((key) => key.split(' ')),
]);

/** Words that may be meant by a misspelt one. */
const SPELLED_WORDS = wordList(KNOWN_WORDS);

/** Whether a word is right as it stands, even where it does not belong. */
const isKnownWord = (token: Token): boolean =>
  KNOWN_WORDS.has(token.word) || TURNING_WORDS.has(token.word) || isUnitWord(token);

/** The tokens with misspelt words put right; null where nothing is near, or more than one word is. */
function spelledRight(
  tokens: readonly Token[],
  doubtful: readonly Token[],
  nameless: boolean,
): { readonly tokens: readonly Token[]; readonly said: readonly string[] } | null {
  const right = new Map<Token, string>();
  for (const token of doubtful) {
    if (token.kind !== 'word' || isKnownWord(token)) continue;
    const found = nearestWords(token.word, SPELLED_WORDS);
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
        : { ...token, lower: word, word: plainWord(word), text: word };
    }),
    said: [...right].map(([{ text }, word]) => `“${text}” is taken as ${word}.`),
  };
}

/** `A or B`, read both ways: alike enough, the first is taken and said. Null where it must be asked. */
function eitherOf({ first, second, said }: Sides): Understood | null {
  const [a, b] = [gramsOf(first.read.description), gramsOf(second.read.description)];
  if ('trouble' in a || 'trouble' in b) return null;
  const same = Math.abs(a.massG.typical / b.massG.typical - 1) < 0.1;
  return same && isAlike(first.read.description.row, second.read.description.row)
    ? {
        description: first.read.description,
        assumed: [...first.read.assumed, `Of “${said}” the first is taken.`],
      }
    : null;
}

/** Whether one may stand for the other: the same kind, acid class, gelling and standing on the shelf. */
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

/** The two readings of a description with one `or`; null with more, or where one of them cannot be read. */
function sidesOf({ rest, orAt, amountTokens }: Unread, reader: Reader): Sides | null {
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

/** The first of two things: with what the second has at its end (`grape or cherry tomatoes`), or as it stands. */
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

/** The ingredient with the pack's own figures in place of the usual ones. */
function withOwnPack(ingredient: Ingredient, packs: readonly OwnPack[]): Ingredient {
  const own = packs.find((pack) => pack.ingredient === ingredient.id);
  if (!own || ingredient.kind === 'fruit') return ingredient;
  return {
    ...ingredient,
    pectinPct: exactly((100 * own.pectinG) / own.packG),
    packs: Object.fromEntries(Object.keys(ingredient.packs ?? {}).map((word) => [word, own.packG])),
  };
}

function accepted(text: string, { description, assumed }: Understood, reader: Reader): LineReading {
  const said = { ...description, row: withOwnPack(description.row, reader.packs) };
  const grams = gramsOf(said);
  if ('trouble' in grams) {
    return puzzling(text, 'unit', grams.trouble, { offers: [] });
  }
  const part = said.parts.size > 0 ? partOf(said.row, said.parts) : null;
  const notes = [grams.assumed, ...said.assumed, ...assumed].filter((note) => note !== '');
  return lineOf(text, part?.row ?? said.row, grams.massG, {
    form: part === null ? said.form : null,
    ripeness: part === null ? said.ripeness : null,
    called: said.called,
    assumed: notes.join(' '),
  });
}

type Extras = {
  readonly form: Description['form'];
  readonly ripeness: number | null;
  readonly called: string;
  readonly assumed: string;
};

/** An understood line, if so much of anything can be. */
export function lineOf(
  text: string,
  ingredient: Ingredient,
  massG: Range,
  extras: Extras,
): LineReading {
  const { form, ripeness, called, assumed } = extras;
  return (
    impossibleMass(text, massG.high) ?? {
      understood: true,
      text,
      ingredient,
      form:
        form !== null && ingredient.cups[form] !== undefined
          ? form
          : form !== null && ingredient.kind === 'fruit'
            ? form
            : ingredient.usualForm,
      massG,
      ...(called === '' ||
      phraseKey(called) === phraseKey(findIngredient(ingredient.id)?.name ?? '')
        ? {}
        : { called }),
      ...(ripeness === null ? {} : { ripeness }),
      ...(assumed === '' ? {} : { assumed }),
    }
  );
}

/** The checks that hold for every mass, however it was given. */
export function impossibleMass(text: string, massG: number): LineReading | null {
  if (!(massG > 0)) return impossible(text, 'amount', 'The amount must be more than zero.');
  if (massG > MOST_LINE_G) {
    return impossible(
      text,
      'amount',
      `That is ${Math.round(massG / 1000).toLocaleString('en-US')} kg. One line may hold at most ${MOST_LINE_G / 1000} kg.`,
    );
  }
  return null;
}

/** A line that is not understood, with what may be meant; an amount that cannot be says so whatever it is of. */
function withOffers(
  text: string,
  tokens: readonly Token[],
  found: Unread,
  reader: Reader,
): LineReading {
  const head = headOf(tokens, reader);
  if (!('message' in head) && head.amount.kind === 'mass') {
    const refused = impossibleMass(text, head.amount.high);
    if (refused !== null) return refused;
  }
  const offers = offersFor(tokens, found, (lines) =>
    lines.map((line) =>
      readLine(line, { packs: reader.packs, measures: reader.measures, names: reader.names }),
    ),
  );
  const name = found.nameless ? lastRun(tokens, found.unknown) : '';
  return puzzling(text, found.about, found.message, {
    ...(found.words.length > 0 ? { words: found.words } : {}),
    offers,
    ...(name === '' || teachingFault(name) !== null ? {} : { unknownName: name }),
  });
}

/** The last words without a break between them that are not understood: `Old Codlin` of `2 kg Old Codlin`. */
function lastRun(tokens: readonly Token[], unknown: readonly Token[]): string {
  const run: Token[] = [];
  for (let at = tokens.length - 1; at >= 0; at -= 1) {
    const token = tokens[at];
    if (token !== undefined && unknown.includes(token)) run.unshift(token);
    else if (run.length > 0) break;
  }
  return textOf(run);
}
