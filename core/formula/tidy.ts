import { plainNumbers, readAmount } from '../quantity/index.ts';
import { HEAPING, NUMBER_WORDS } from './words.ts';

/** Words for a pack of something, singular. */
export const PACK_WORDS = [
  'box', 'package', 'packet', 'pack', 'pouch', 'sachet', 'envelope', 'bottle', 'can', 'tin', 'jar', 'bag', 'carton', 'punnet', 'tub', 'head',
] as const; // prettier-ignore

const PACK = `(${PACK_WORDS.join('|')})(?:e?s)?`;
const NUMBER = '([\\d./¼½¾⅓⅔⅛⅜⅝⅞ ]+?)';
const SIZE =
  '([\\d.,/¼½¾⅓⅔⅛ ]+?)[ -]?(g|grams?|kg|oz|ounces?|lb|pounds?|ml|mL|fl\\.? ?oz|l|litres?)\\.?';

/** `2 (3 oz) pouches …`, `2 x 85 ml pouches …`, `1 3-oz pouch …` */
const SIZED_BEFORE = new RegExp(`^${NUMBER} ?(?:x |× )?\\(?${SIZE}\\)? ${PACK}(?: of)? (.+)$`, 'i');
/** `2 pouches (3 oz each) …` */
const SIZED_AFTER = new RegExp(`^${NUMBER} ${PACK} \\(${SIZE}(?: each)?\\)(?: of)? (.+)$`, 'i');

/** A line ready for its amount to be read, and the multiple that an uneven spoon stands for. */
export type Tidied = { readonly text: string; readonly heaping: number };

/** Rewrites habits of recipe writers that stand between a line and its amount; the words are left alone. */
export function tidied(written: string): Tidied {
  const line = sizedPacks(numbered(plainNumbers(written.replace(/^[-•*–▢□]\s+/, '').trim())))
    .replace(/^(about|approx\.?|approximately|around|circa|ca\.?|roughly) /i, '')
    // `3 tbsp (45 ml) lemon juice`: the first measure stands, and so with `900g/2lb plums`.
    .replace(/\s*\([^)]*\d[^)]*\)/g, '')
    .replace(
      /^([\d.¼½¾⅓⅔⅛]+ ?(?:g|kg|ml|l|oz|lb|cups?))\s?[/|]\s?[\d.¼½¾⅓⅔⅛ ]+(?:g|kg|ml|l|oz|lb|fl oz|pints?|cups?)\b(?: ?[\d.¼½¾]+ ?oz\b)?/i,
      '$1',
    );
  const words = line.split(' ');
  const at = words.findIndex((word, index) => index < 3 && HEAPING.has(word.toLowerCase()));
  const heaping = HEAPING.get(words[at]?.toLowerCase() ?? '') ?? 1;
  const text = at === -1 ? line : numbered(words.filter((_, index) => index !== at).join(' '));
  return { text, heaping };
}

/** A leading number word as digits: `half a cup` → `1/2 cup`. */
const numbered = (text: string): string =>
  text
    // `pinch of salt`, `heaped tbsp sugar`: one of it.
    .replace(
      /^(?=(?:pinch|dash|drop|sprig|handful|(?:heap(?:ed|ing)|rounded|generous|scant|level) (?:tsp|tbsp|teaspoon|tablespoon|cup))\b)/i,
      '1 ',
    )
    .replace(/^half (?:of )?an? /i, '1/2 ')
    .replace(/^([a-z]+) (?:and a half) /i, (whole, word: string) => {
      const digits = NUMBER_WORDS.get(word.toLowerCase());
      return digits === undefined ? whole : `${digits}.5 `;
    })
    .replace(/^([a-z]+) /i, (whole, word: string) => {
      const digits = NUMBER_WORDS.get(word.toLowerCase());
      return digits === undefined ? whole : `${digits} `;
    });

function sizedPacks(text: string): string {
  const before = SIZED_BEFORE.exec(text);
  if (before) {
    const [, count = '', size = '', unit = '', , rest = ''] = before;
    return inAll(count, size, unit, rest) ?? text;
  }
  const [, count = '', , size = '', unit = '', rest = ''] = SIZED_AFTER.exec(text) ?? [];
  return inAll(count, size, unit, rest) ?? text;
}

/** `2 pouches of 3 oz` as `6 oz`. */
function inAll(count: string, size: string, unit: string, rest: string): string | null {
  const [n, each] = [readAmount(count), readAmount(size)];
  return n === null || each === null ? null : `${Number((n * each).toFixed(4))} ${unit} ${rest}`;
}
