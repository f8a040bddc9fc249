import { message } from '@idle-kettle/words/message';
import type { Description } from './description.ts';
import type { MeasuresId } from './measures.ts';
import type { Token } from './tokens.ts';

const ONE_TO_THREE: ReadonlyMap<string, string> = new Map([
  ['one', '1'],
  ['two', '2'],
  ['three', '3'],
]);
const digitOf = (word: string): string => ONE_TO_THREE.get(word.toLowerCase()) ?? word;
/** `2 to 1 gelling sugar`, `2+1 jam sugar`: the ratio of a sugar with pectin, however it is written. */
const RATIO_BEFORE =
  /(?<![\d.,/])([123]|one|two|three)\s?(?::|to|-|–|\+|-to-)\s?(?:1|one)(?![\d.,/:])\s+(?=(?:extra )?(?:gelling|jam|jelly|preserving)\b[^,;]*\bsugar)/giu;
const RATIO_BEHIND =
  /(?<=\b(?:gelling|jam|jelly|setting) sugar|\bsugar with (?:added )?pectin)\s*[,(]?\s*(?<![\d.,/])([123]|one|two|three)\s?(?::|to|-|–|\+|-to-)\s?(?:1|one)(?![\d.,/:])\s*\)?/giu;

/** A text with the ratio of its gelling sugar as packs print it: `2:1`. */
export const withRatioAsPrinted = (text: string): string =>
  text
    .replace(RATIO_BEFORE, (_, fruit: string) => `${digitOf(fruit)}:1 `)
    .replace(RATIO_BEHIND, (_, fruit: string) => ` ${digitOf(fruit)}:1`);

/**
 * A gelling sugar without a ratio is read as 1:1, and the line says that this was assumed. Jam sugar
 * in a UK kitchen is always 1:1, and nothing is said.
 */
export const plainGellingSugar = (
  said: Description,
  tokens: readonly Token[],
  measures: MeasuresId,
): Description =>
  said.row.id !== 'jam-sugar' ||
  tokens.some(({ lower }) => lower === '1:1') ||
  (measures === 'uk' && !tokens.some(({ lower }) => lower === 'gelling'))
    ? said
    : { ...said, assumed: [...said.assumed, message('parser.noRatioCountsAsOneToOne')] };
