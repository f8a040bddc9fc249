import { message, sentences } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import { exactly, timesRange } from '../quantity/index.ts';
import { isFault } from './amount.ts';
import { amountAt } from './amounts.ts';
import { amountOffers } from './amountOffers.ts';
import { withoutAsides, withoutMarkup } from './asides.ts';
import { textOf, type Unread } from './description.ts';
import { withRatioAsPrinted } from './gellingRatio.ts';
import { gramsOf } from './grams.ts';
import { headOf } from './head.ts';
import {
  type OwnPack,
  type ParserKitchen,
  DEFAULT_PARSER_KITCHEN,
  type Parser,
} from './parserKitchen.ts';
import {
  impossible,
  MOST_LINE_CHARS,
  unrecognized,
  type LineReading,
  type ToConfirm,
} from './line.ts';
import { lineOf, impossibleMass } from './lineOf.ts';
import { unitAt, type MeasuresId } from './measures.ts';
import { nameBook } from './names.ts';
import { teachingFault } from './teaching.ts';
import { offersFor } from './offers.ts';
import { partOf } from './parts.ts';
import { perMeasureOf, timesBeside, type PerMeasure } from './perMeasure.ts';
import { type Understood, readTokens } from './readTokens.ts';
import { isMark, isTwoLines, linesIn, tokensOf, type Token } from './tokens.ts';

/** Most tokens in a line; more is no recipe line. */
const MOST_TOKENS = 80;

/**
 * Reads one line of a recipe as written, such as `7 cups crushed damsons` or `5 lb 8 oz apples`.
 * Every word is taken in or quoted: a line that is not wholly understood comes back as puzzling,
 * with the words that stand in the way and with readings to choose from. What was taken for granted
 * is in `assumed`. Never throws; an amount that cannot be (none, less than none, tonnes) is
 * `impossible`.
 */
export function readLine(written: string, kitchen: Partial<ParserKitchen> = {}): LineReading {
  const text = written.trim();
  if (text.length > MOST_LINE_CHARS) {
    return unrecognized(
      `${text.slice(0, MOST_LINE_CHARS)}…`,
      'text',
      message('parser.aLineMayHaveAt', { MOSTLINECHARS: MOST_LINE_CHARS, count: text.length }),
    );
  }
  if (isTwoLines(text)) {
    return unrecognized(text, 'text', message('parser.thereIsALineBreak'), {
      offers: [linesIn(text)],
    });
  }
  const known = { ...DEFAULT_PARSER_KITCHEN, ...kitchen };
  const reader: Parser = { ...known, book: nameBook(known.names) };
  const plain = withoutMarkup(text);
  const all = tokensOf(withRatioAsPrinted(plain.text));
  const bare = withoutBullet(all);
  const meant = withoutAsides(bare, reader.book, reader.measures);
  const tokens = meant?.tokens ?? bare;
  const aside = [plain.aside, meant === null ? '' : textOf(meant.aside)].filter(
    (said) => said !== '',
  );
  if (tokens.length > MOST_TOKENS) {
    return unrecognized(text, 'text', message('parser.thatIsTooLongFor'));
  }
  const wrong = wrongNumber(text, tokens);
  if (wrong !== null) return wrong;
  const loose = looseSeparator(text, all);
  if (loose !== null) return loose;
  const per = perMeasureOf(tokens, reader.measures);
  if (per !== null) return readPer(text, per, reader);
  const outcome = readTokens(tokens, reader);
  if (!('description' in outcome)) return withOffers(text, tokens, outcome, reader);
  const said = aside.map((words) => message('parser.leftAside', { aside: words }));
  return accepted(text, tokens, { ...outcome, assumed: [...outcome.assumed, ...said] }, reader);
}

/**
 * The amount that a line starts with, as it is written: `5 lb 8 oz`, `2 (3 oz) pouches`. Null where
 * it starts with none, or with so many pieces, whose weight goes by more than the amount.
 */
export function amountText(written: string, measures: MeasuresId = 'us'): string | null {
  const tokens = withoutBullet(tokensOf(written.trim()));
  const read = amountAt(tokens, 0, measures);
  return read === null || isFault(read) || read.amount.kind === 'pieces'
    ? null
    : textOf(tokens.slice(0, read.next));
}

/** A line that goes by another: read once the other is measured, else asked about. */
function readPer(text: string, per: PerMeasure, reader: Parser): LineReading {
  const { beside = { lines: [], juiceMl: null }, ...alone } = reader;
  const one = readLine(textOf(per.line), alone);
  if (!one.understood) return { ...one, text };
  const times = timesBeside(per, beside, reader, (line) => readLine(line, alone));
  const said = textOf(per.written);
  if (times === null)
    return unrecognized(text, 'amount', message('parser.measureWhatItGoesBy', { said }));
  const massG = timesRange(one.massG, times);
  return (
    impossibleMass(text, massG.high) ?? {
      ...one,
      text,
      massG,
      ...(one.boughtG === undefined ? {} : { boughtG: one.boughtG * times }),
      assumed: sentences(
        message('parser.soManyTimes', { said, times: Number(times.toFixed(2)) }),
        ...(one.assumed === undefined ? [] : [one.assumed]),
      ),
    }
  );
}

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
    (second.text === ')' || second.text === '.' || second.text === ':') &&
    third !== undefined &&
    (third.spaced || (third.kind === 'number' && second.text !== ':'));
  const isLettered =
    first?.kind === 'word' &&
    first.text.length === 1 &&
    isMark(second, ')') &&
    third?.spaced === true;
  return isNumbered || isLettered ? tokens.slice(2) : tokens;
}

/** Amounts that cannot be: less than nothing, nothing, no number. */
function wrongNumber(text: string, tokens: readonly Token[]): LineReading | null {
  const [first, second] = tokens;
  if (first?.kind === 'word' && /^(nan|inf|infinity)$/.test(first.lower)) {
    return impossible(text, 'amount', message('parser.theAmountMustBeA'));
  }
  const minus = first?.kind === 'mark' && /^[-−]$/.test(first.text);
  if (minus && second?.kind === 'number')
    return impossible(text, 'amount', message('parser.theAmountMustBeMore'));
  if (minus && /^(nan|inf|infinity)$/.test(second?.lower ?? '')) {
    return impossible(text, 'amount', message('parser.theAmountMustBeA'));
  }
  return first?.kind === 'number' && first.value === 0 && !(second?.kind === 'number')
    ? impossible(text, 'amount', message('parser.theAmountMustBeMore'))
    : null;
}

/** `1 ,5 kg`, `1, 5 kg`: one number, or two. */
function looseSeparator(text: string, tokens: readonly Token[]): LineReading | null {
  const [whole, mark, part, after] = tokens;
  const isNumber = (token: Token | undefined): boolean => token?.kind === 'number';
  if (mark === undefined || part === undefined || !isNumber(whole) || !isNumber(part)) return null;
  // `1. 5 kg` is the first of a list, and `2, 3 or 4 lemons` are several numbers.
  const isApart = mark.spaced || (part.spaced && isMark(mark, ','));
  if (!isMark(mark, ',', '.') || !isApart || !Number.isInteger(whole?.value)) return null;
  if (after?.kind === 'mark' || unitAt(tokens, 3) === null) return null;
  const rest = textOf(tokens.slice(3));
  return unrecognized(
    text,
    'amount',
    message('parser.mayBeOneNumber', { value: textOf(tokens.slice(0, 3)) }),
    { offers: [[`${whole?.text}.${part.text} ${rest}`], [`${part.text} ${rest}`]] },
  );
}

/** The ingredient with the pack's own figures in place of the usual ones. */
function withOwnPack(ingredient: Ingredient, packs: readonly OwnPack[]): Ingredient {
  const own = packs.find((pack) => pack.ingredient === ingredient.id);
  if (!own || ingredient.kind === 'fruit') return ingredient;
  return {
    ...ingredient,
    ...(own.pectinG === null ? {} : { pectinPct: exactly((100 * own.pectinG) / own.packG) }),
    packs: Object.fromEntries(Object.keys(ingredient.packs ?? {}).map((word) => [word, own.packG])),
  };
}

function accepted(
  text: string,
  tokens: readonly Token[],
  understood: Understood,
  reader: Parser,
): LineReading {
  const { description, assumed } = understood;
  const said = { ...description, row: withOwnPack(description.row, reader.packs) };
  const grams = gramsOf(said);
  if ('trouble' in grams) {
    const read = (line: string) => readLine(line, reader);
    const offers = amountOffers(tokens, reader.measures).filter((lines) =>
      lines.every((line) => read(line).understood),
    );
    return unrecognized(text, 'unit', grams.trouble, { offers });
  }
  const part = said.parts.size > 0 ? partOf(said.row, said.parts) : null;
  const notes = [grams.assumed, ...said.assumed, ...assumed].filter((note) => note !== '');
  return lineOf(text, part?.row ?? said.row, grams.massG, {
    form: part === null ? said.form : null,
    ripeness: part === null ? said.ripeness : null,
    called: said.called,
    assumed: notes.length === 0 ? '' : sentences(...notes),
    toConfirm: toConfirmOf(understood),
    optional: description.optional,
    ...(part === null && grams.boughtG !== undefined ? { boughtG: grams.boughtG } : {}),
    byVolume: part === null ? grams.byVolume : undefined,
  });
}

/** What was guessed of a line: a spelling, or an unknown word beside a fruit. */
function toConfirmOf({ description, respelt }: Understood): ToConfirm | undefined {
  if (respelt !== undefined) return { kind: 'spelling', ...respelt };
  const { varieties, called, row } = description;
  if (varieties.length === 0) return undefined;
  const name = called === '' ? [...varieties.map(({ text }) => text), row.name].join(' ') : called;
  return { kind: 'kind', name };
}

/**
 * A line that is not recognized, with what may be meant. An amount that nothing can weigh is named
 * as the fault, whatever it is of.
 */
function withOffers(
  text: string,
  tokens: readonly Token[],
  found: Unread,
  reader: Parser,
): LineReading {
  const head = headOf(tokens, reader);
  if (!('message' in head) && head.amount.kind === 'mass') {
    const refused = impossibleMass(text, head.amount.high);
    if (refused !== null) return refused;
  }
  const read = (lines: readonly string[]) => lines.map((line) => readLine(line, reader));
  const offers = offersFor(tokens, found, read, reader.measures);
  const name = found.nameless ? lastRun(tokens, found.unknown) : '';
  return unrecognized(text, found.about, found.message, {
    ...(found.words.length > 0 ? { words: found.words } : {}),
    offers,
    ...(name === '' || teachingFault(name) !== null ? {} : { unknownName: name }),
  });
}

/**
 * The last words without a break between them that are not understood: `Old Codlin` of
 * `2 kg Old Codlin`.
 */
function lastRun(tokens: readonly Token[], unknown: readonly Token[]): string {
  const run: Token[] = [];
  for (let at = tokens.length - 1; at >= 0; at -= 1) {
    const token = tokens[at];
    if (token !== undefined && unknown.includes(token)) run.unshift(token);
    else if (run.length > 0) break;
  }
  return textOf(run);
}
