import { isFault } from './amount.ts';
import { amountAt } from './amounts.ts';
import type { MeasuresId } from './measures.ts';
import { nameAt, type NameBook } from './names.ts';
import { isMark, isWord, type Token } from './tokens.ts';

/** Entities of web pages, as the signs they stand for. */
const ENTITIES: ReadonlyMap<string, string> = new Map(
  Object.entries({
    amp: '&', nbsp: ' ', quot: '"', apos: "'", rsquo: '’', lsquo: '‘', rdquo: '”', ldquo: '“', ndash: '–', mdash: '—', frac12: '½', frac14: '¼', frac34: '¾', frac13: '⅓', frac23: '⅔', frac18: '⅛', deg: '°', times: '×', lt: '<', gt: '>', hellip: '…', bull: '•', middot: '·', eacute: 'é', egrave: 'è', ecirc: 'ê', ntilde: 'ñ', ccedil: 'ç',
  }),
); // prettier-ignore

const ENTITY = /&(?:#(\d{1,6})|#x([\da-f]{1,5})|([a-z]{2,6}\d{0,2}));/gi;
const TAG = /<\/?[a-z][^<>]{0,200}>/gi;
/** Marks of footnotes after a word or a number. */
const FOOTNOTE = /(?<=[\p{L}\d)]\s?)[¹²³⁴-⁹⁰†‡§]+/gu;
/** `($4.99)`, `@ £2.50/kg`, `– €3`: what it cost. */
const PRICE =
  /\s*(?:[(@–—-]\s*)?(?:[$£€]\s?\d+(?:[.,]\d{1,2})?|\d+(?:[.,]\d{2})?\s?(?:€|p\b(?=\s*(?:each|per|\/|\)|$))))(?:\s?(?:\/|per|a|each)\s?(?:\d+ ?)?[a-z]{0,6})?\s*\)?/gi;

/** A text as it is read: without the tags, entities, footnote marks and prices of where it is from. */
export function withoutMarkup(text: string): { readonly text: string; readonly aside: string } {
  const plain = text
    .replace(TAG, ' ')
    .replace(ENTITY, (all: string, decimal?: string, hex?: string, name?: string) => {
      if (name !== undefined) return ENTITIES.get(name.toLowerCase()) ?? all;
      const code = decimal === undefined ? parseInt(hex ?? '', 16) : Number(decimal);
      return code > 31 && code < 0x110000 ? String.fromCodePoint(code) : all;
    })
    .replace(FOOTNOTE, '');
  const prices = plain.match(PRICE) ?? [];
  return {
    text: prices.length === 0 ? plain : plain.replace(PRICE, ' '),
    aside: prices.map((price) => price.trim()).join(' '),
  };
}

/** Words before a thing that is not meant: `not sugar`, `instead of honey`, `rather than lemons`. */
const NOT_MEANT: readonly (readonly string[])[] = [
  ['not'],
  ['instead', 'of'],
  ['in', 'place', 'of'],
  ['rather', 'than'],
];

/** Words before an amount that is kept back for later, and goes in all the same. */
const KEPT_BACK: ReadonlySet<string> = new Set([
  'reserve',
  'reserving',
  'save',
  'saving',
  'keep',
  'keeping',
  'hold',
  'holding',
]);
const FOR_LATER: ReadonlySet<string> = new Set([
  'of',
  'it',
  'back',
  'aside',
  'later',
  'for',
  'the',
  'end',
]);

/** Tokens without `(reserve 2 tbsp)`; null where nothing is kept back. */
function withoutKeptBack(
  tokens: readonly Token[],
  measures: MeasuresId,
): { readonly tokens: readonly Token[]; readonly aside: readonly Token[] } | null {
  const at = tokens.findIndex(
    (token, index) => KEPT_BACK.has(token.lower) && isMark(tokens[index - 1], '(', '[', ','),
  );
  const read = at < 2 ? null : amountAt(tokens, at + 1, measures);
  if (read === null || isFault(read)) return null;
  let end = read.next;
  while (FOR_LATER.has(tokens[end]?.lower ?? '')) end += 1;
  const close = isMark(tokens[end], ')', ']') ? end + 1 : end;
  return close < tokens.length
    ? null
    : { tokens: tokens.slice(0, at - 1), aside: tokens.slice(at, end) };
}

/**
 * Tokens without a thing at their end that is said not to be meant, or is kept back; null where
 * none is. Only an ingredient is left out: `not pitted` describes the fruit, and stays.
 */
export function withoutAsides(
  tokens: readonly Token[],
  book: NameBook,
  measures: MeasuresId,
): { readonly tokens: readonly Token[]; readonly aside: readonly Token[] } | null {
  const keptBack = withoutKeptBack(tokens, measures);
  if (keptBack !== null) return keptBack;
  for (let at = 2; at < tokens.length; at += 1) {
    const words = NOT_MEANT.find((some) => some.every((word, i) => isWord(tokens[at + i], word)));
    if (words === undefined) continue;
    const name = nameAt(tokens, at + words.length, book);
    if (name === null) continue;
    const closes = isMark(tokens[name.next], ')', ']');
    const end = closes ? name.next + 1 : name.next;
    if (end < tokens.length) return null;
    const from = isMark(tokens[at - 1], ',', '(', '[', ';', '–', '—') ? at - 1 : at;
    return { tokens: tokens.slice(0, from), aside: tokens.slice(at, name.next) };
  }
  return null;
}
