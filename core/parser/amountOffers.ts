import { lineInGrams } from '../quantity/index.ts';
import { amountAt } from './amounts.ts';
import { isFault, type AmountRead } from './amount.ts';
import { textOf } from './description.ts';
import { afterHedges } from './measuredAmount.ts';
import { packAt, unitAt, type MeasuresId } from './measures.ts';
import { numberAt } from './numbers.ts';
import { isMark, isWord, type Token } from './tokens.ts';

/** Sizes that packs are sold in, most usual first; common practice. */
const PACK_SIZES: { readonly [pack: string]: readonly string[] } = {
  bag: ['1 kg', '4 lb', '500 g'],
  punnet: ['250 g', '400 g'],
  box: ['250 g', '500 g'],
  basket: ['500 g', '1 kg'],
  tub: ['250 g', '500 g'],
  can: ['400 g', '15 oz'],
  tin: ['400 g', '15 oz'],
  jar: ['340 g', '450 g'],
  bottle: ['250 mL', '500 mL'],
  carton: ['500 mL', '1 L'],
};

/**
 * Amounts that a line may mean whose own cannot be used: one of two that disagree, a usual size of
 * its pack, one of the few.
 */
export const amountOffers = (tokens: readonly Token[], measures: MeasuresId): string[][] => [
  ...oneOfTwo(tokens, measures),
  ...packSizes(tokens),
  ...fewOf(tokens),
  ...halfEach(tokens, measures),
  ...apart(tokens),
];

const readAt = (tokens: readonly Token[], at: number, measures: MeasuresId): AmountRead | null => {
  const read = amountAt(tokens, at, measures);
  return read === null || isFault(read) ? null : read;
};

/** `2 kg, 3 kg plums`, `4 apples (4 kg)`, `1 kg or 500 g plums`: each amount by itself. */
function oneOfTwo(tokens: readonly Token[], measures: MeasuresId): string[][] {
  const number = numberAt(tokens, 0);
  if (number === null) return [];
  const first = unitAt(tokens, number.next)?.next ?? number.next;
  const link = tokens.findIndex(
    (token, at) =>
      at >= first &&
      (isMark(token, '(', '[', ',', '/') || isWord(token, 'or')) &&
      numberAt(tokens, afterHedges(tokens, at + 1)) !== null,
  );
  if (link === -1) return [];
  const hedged = tokens[link + 1];
  const second = readAt(tokens, link + 1, measures);
  if (second === null || hedged === undefined) return [];
  // `half of them` is no amount.
  if (second.amount.kind === 'pieces' && hedged.kind !== 'number') return [];
  const closes = isMark(tokens[second.next], ')', ']') ? 1 : 0;
  const rest = tokens.slice(second.next + closes);
  const name = link > first ? tokens.slice(first, link) : [];
  const head = tokens.slice(0, link);
  const amount = tokens.slice(afterHedges(tokens, link + 1), second.next);
  return [
    [textOf([...head, ...spaced(rest)])],
    [textOf([...amount, ...spaced(name), ...spaced(rest)])],
  ];
}

const spaced = ([first, ...others]: readonly Token[]): readonly Token[] =>
  first === undefined ? [] : [{ ...first, spaced: true, joined: false }, ...others];

/** `2 punnets strawberries`: two of a size that such are sold in. */
function packSizes(tokens: readonly Token[]): string[][] {
  const number = numberAt(tokens, 0);
  const pack = number === null ? null : packAt(tokens[number.next]);
  if (number === null || pack === null || number.low !== number.high) return [];
  const rest = textOf(spaced(tokens.slice(number.next + 1))).replace(/^of /, '');
  return (PACK_SIZES[pack] ?? []).map((size) => [
    number.low === 1 ? `${size} ${rest}` : `${number.low} x ${size} ${rest}`,
  ]);
}

/** `a few kilos of plums`: three to five of them. */
function fewOf(tokens: readonly Token[]): string[][] {
  const at = isWord(tokens[0], 'a') ? 1 : 0;
  const isFew = isWord(tokens[at], 'few', 'several', 'some');
  if (!isFew || unitAt(tokens, at + 1) === null) return [];
  return [3, 4, 5].map((count) => [`${count} ${textOf(tokens.slice(at + 1))}`]);
}

/** `500 g raspberries and blackberries`: half of each, or so much of each. */
function halfEach(tokens: readonly Token[], measures: MeasuresId): string[][] {
  const read = readAt(tokens, 0, measures);
  const and = tokens.findIndex((token) => isWord(token, 'and'));
  if (read === null || and <= read.next || read.amount.kind !== 'mass') return [];
  if (numberAt(tokens, and + 1) !== null) return [];
  const of = isWord(tokens[read.next], 'of', 'mixed') ? read.next + 1 : read.next;
  const [a, b] = [textOf(tokens.slice(of, and)), textOf(tokens.slice(and + 1))];
  const grams = (read.amount.low + read.amount.high) / 4;
  const half = lineInGrams(Number(grams.toFixed(1)));
  return [
    [`${half} ${a}`, `${half} ${b}`],
    [`${textOf(tokens.slice(0, read.next))} ${a}`, `${textOf(tokens.slice(0, read.next))} ${b}`],
  ];
}

/** `2 kgwhite peaches`: a space is missing; `2 kg plums?` is unsure. */
function apart(tokens: readonly Token[]): string[][] {
  const all = textOf(tokens);
  const run = /^(\D*\d[\d.,/ ]* ?(?:kg|g|lb|oz|ml|l|cups?|tsp|tbsp))([a-z]{3,}.*)$/i.exec(all);
  if (run) return [[`${run[1]} ${run[2]}`]];
  return all.endsWith('?') ? [[all.replace(/\s*\?+$/, '')]] : [];
}
