import { plainNumbers } from '../quantity/index.ts';
import { plainWord, unaccented } from './plainWord.ts';

/** One piece of a line that is never split further: a number, a word, or a mark. */
export type Token = {
  readonly kind: 'number' | 'word' | 'mark';
  /** As it is written. */
  readonly text: string;
  /** A word unaccented and lower case; a mark as it is. */
  readonly lower: string;
  /** A word in the singular besides, as names are compared. */
  readonly word: string;
  /** What a number says; NaN for the rest. */
  readonly value: number;
  /** A number written as a fraction below one: `1/2`, `¾`. */
  readonly fraction: boolean;
  /** A hyphen without spaces ties it to the one before: the `ripe` of `under-ripe`. */
  readonly joined: boolean;
  /** There is white space before it. */
  readonly spaced: boolean;
};

const VULGAR: { readonly [mark: string]: number } = {
  '¼': 1 / 4, '½': 1 / 2, '¾': 3 / 4, '⅐': 1 / 7, '⅑': 1 / 9, '⅒': 1 / 10, '⅓': 1 / 3, '⅔': 2 / 3, '⅕': 1 / 5,
  '⅖': 2 / 5, '⅗': 3 / 5, '⅘': 4 / 5, '⅙': 1 / 6, '⅚': 5 / 6, '⅛': 1 / 8, '⅜': 3 / 8, '⅝': 5 / 8, '⅞': 7 / 8,
}; // prettier-ignore

/** Denominators that cooks write; `450/500` is no fraction. */
const DENOMINATORS: ReadonlySet<number> = new Set([2, 3, 4, 5, 6, 8, 10, 12, 16]);

/** What can be neither seen nor spoken: zero-width and direction marks, soft hyphens. */
const UNSEEN = /\p{Default_Ignorable_Code_Point}/gu;
/** Marks that decorate and say nothing: quotation marks, and the stars and ticks of pasted text. */
const DECORATION = /[“”„«»`*_]|\p{Extended_Pictographic}/u;
const LINE_BREAK = /[\n\r\v\f\u0085\u2028\u2029]/;

/** The lines of a text, by every character that ends one; blank ones are left out. */
export const linesIn = (text: string): string[] =>
  text
    .split(LINE_BREAK)
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** Whether a break inside makes two lines of it. */
export const isTwoLines = (text: string): boolean => LINE_BREAK.test(text.trim());

/** The line as it is read: unseen characters gone, odd spaces and full-width letters made plain. */
const plainText = (text: string): string => (LETTERS.test(text) ? text : plainedText(text));

/** Words and nothing else, which are plain. */
const LETTERS = /^[a-z ]*$/i;

const plainedText = (text: string): string =>
  plainNumbers(text.normalize('NFC').replace(UNSEEN, ''))
    .replace(/[\uff01-\uff5e]/g, (wide) => String.fromCharCode(wide.charCodeAt(0) - 0xfee0))
    // `tablespoon(s)`, `lemon(s)`
    .replace(/\((?:e?s)\)/gi, 's')
    .replace(/\bw\//gi, 'with ')
    // `low- or no-sugar pectin`
    .replace(/([a-z])- (or|and) /gi, '$1 $2 ')
    .replace(/[\u2010\u2011]/g, '-')
    .replace(/[\u0000-\u001f\u007f\s]/g, ' '); // oxlint-disable-line no-control-regex

const PIECE =
  /(\s*)(?:(\d{1,4} ?[/⁄∕] ?\d{1,4}(?![\d/]))|(\d{1,2}:\d{1,2}(?!\d))|(\d+(?:\.\d+)?(?:e\d{1,3}(?!\w))?|\.\d+)|([\p{L}\p{M}]+(?:['’][\p{L}\p{M}]+)*['’]?)|([\s\S]))/uy;

const token = (
  kind: Token['kind'],
  text: string,
  spaced: boolean,
  joined: boolean,
  value = NaN,
  fraction = false,
): Token => ({
  kind,
  text,
  lower: kind === 'word' ? unaccented(text) : text,
  word: kind === 'word' ? plainWord(text) : text,
  value,
  fraction,
  joined,
  spaced,
});

/**
 * A line as tokens, in order, nothing left out but decoration: `2-1/2 cups under-ripe plums` is the
 * number 2, the joined fraction 1/2, and four words of which one is joined. Reads each character
 * once.
 */
export function tokensOf(line: string): Token[] {
  const text = plainText(line);
  const found: Token[] = [];
  let joined = false;
  let spaced = false;
  PIECE.lastIndex = 0;
  const push = (kind: Token['kind'], written: string, value?: number, fraction?: boolean): void => {
    found.push(token(kind, written, spaced, joined, value, fraction));
    joined = false;
    spaced = false;
  };
  for (let match = PIECE.exec(text); match !== null; match = PIECE.exec(text)) {
    const [, space = '', slashed, ratio, number, word, mark] = match;
    spaced = spaced || space !== '';
    const tight = space === '' && !spaced;
    if (slashed !== undefined) pushSlashed(push, slashed);
    else if (ratio !== undefined) push('word', ratio);
    else if (number !== undefined) push('number', number, Number(number));
    else if (word !== undefined) push('word', word);
    else if (mark === undefined) break;
    else if (mark in VULGAR) push('number', mark, VULGAR[mark], true);
    else if (mark === '-' && tight && isTied(found.at(-1), text[PIECE.lastIndex])) joined = true;
    else if (mark === '"' || mark === '″' || mark === '”') {
      // After a number it is inches, else decoration.
      if (tight && found.at(-1)?.kind === 'number') push('word', 'inch');
      else spaced = true;
    } else if (mark === '.' && tight && found.at(-1)?.kind === 'word') {
      // The dot of an abbreviation, or of the end.
      spaced = true;
    } else if (mark === ' ' || DECORATION.test(mark)) spaced = true;
    else pushMark(push, mark);
  }
  return found;
}

type Push = (kind: Token['kind'], written: string, value?: number, fraction?: boolean) => void;

const WORD_MARKS: { readonly [mark: string]: string } = { '&': 'and', '+': 'plus', '×': 'x', '~': 'about', '≈': 'about' }; // prettier-ignore

function pushMark(push: Push, mark: string): void {
  const word = WORD_MARKS[mark];
  if (word === undefined) push('mark', mark);
  else push('word', word);
}

function pushSlashed(push: Push, written: string): void {
  const [over = 0, under = 0] = written.split(/[/⁄∕]/).map(Number);
  if (DENOMINATORS.has(under) && over > 0 && over <= 2 * under + 3) {
    push('number', written.replace(/ /g, ''), over / under, over < under);
  } else {
    push('number', String(over), over);
    push('mark', '/');
    push('number', String(under), under);
  }
}

/** A hyphen ties what stands on both its sides. */
const isTied = (before: Token | undefined, after: string | undefined): boolean =>
  before !== undefined &&
  before.kind !== 'mark' &&
  after !== undefined &&
  /[\p{L}\d¼-¾⅐-⅞.]/u.test(after);

/** Whether a token is one of some marks. */
export const isMark = (token: Token | undefined, ...marks: readonly string[]): boolean =>
  token?.kind === 'mark' && marks.includes(token.text);

/** Whether a token is one of some words, in lower case. */
export const isWord = (token: Token | undefined, ...words: readonly string[]): boolean =>
  token?.kind === 'word' && words.includes(token.lower);
