/** What preparing takes away. */
export type Loss = 'peel' | 'core';

const PEEL = ['skin', 'peel', 'rind', 'pith'];
const CORE = [
  'stone', 'pit', 'core', 'seed', 'pip', 'stem', 'stalk', 'hull', 'cap', 'leaf', 'top', 'membrane', 'end', 'tail', 'rib', 'vein', 'green',
]; // prettier-ignore
const GONE = [
  'removed', 'discarded', 'off', 'out', 'taken out', 'taken off', 'cut off', 'cut out', 'trimmed', 'trimmed off',
]; // prettier-ignore
const REMOVING = ['remove', 'discard', 'take out', 'cut out', 'pick out'];
const OF_THEM = [
  'the', 'any', 'all the', 'their', 'as many', 'as many of the', 'most of the',
]; // prettier-ignore
const AS_FAR = ['as you can', 'as possible', 'as you go'];

const any = (words: readonly string[]): string => `(?:${words.join('|')})`;
const WASTE = `(${[...PEEL, ...CORE].join('|')})`;
/** `skin removed`, `skin and stone taken out`. */
const IS_GONE = new RegExp(`^${WASTE}(?: (?:and|,) ${WASTE})? ${any(GONE)}$`);
/** `remove as many stone as you can` */
const IS_REMOVED = new RegExp(
  `^${any(REMOVING)}(?: ${any(OF_THEM)})? ${WASTE}(?: ${any(AS_FAR)})?$`,
);

const wordsOf = (phrases: readonly string[]): string[] =>
  phrases.flatMap((phrase) => phrase.split(' '));

/** Every word that such a phrase may have, and the comma. */
export const TAKEN_OUT_WORDS: ReadonlySet<string> = new Set(
  wordsOf([...PEEL, ...CORE, 'and', ',', ...GONE, ...REMOVING, ...OF_THEM, ...AS_FAR]),
);

/** How many words the longest has: `take out as many of the stone as you can`. */
export const LONGEST_TAKEN_OUT = 10;

const lossOf = (part: string): Loss => (PEEL.includes(part) ? 'peel' : 'core');

/**
 * What a phrase in plain words says is thrown away, as `skin and stone removed` or `remove the
 * skin`; null for any other. There are over ten thousand of them: they are read, and not listed.
 */
export function takenOut(phrase: string): Loss | null {
  const [, gone, besides] = IS_GONE.exec(phrase) ?? [];
  if (gone !== undefined && gone !== besides) return besides === undefined ? lossOf(gone) : 'core';
  const removed = IS_REMOVED.exec(phrase)?.[1];
  return removed === undefined ? null : lossOf(removed);
}
