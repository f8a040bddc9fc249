import type { Product } from './products.ts';

/** What stands before “butter” and makes no fruit butter of it. */
const OTHER_BUTTER =
  /\b(?:peanut|almond|cashew|nut|cocoa|cacao|shea|brown|melted|salted|unsalted|with|and|in) butter\b/;
/** What is steeped for a jelly. */
const STEEPED =
  /\b(?:mint|rosemary|thyme|sage|basil|lavender|herb|tea|coffee|wine|port|champagne|prosecco|cider|flower|blossom|elderflower|rose petal|dandelion|violet|infusion)\b/;
const PEPPERS = /\b(?:pepper|peppers|chilli|chili|chile|jalapeno|habanero|capsicum)s?\b/;

/** How a title names what is made, the plainest sign first. */
const SIGNS: readonly (readonly [Product, (title: string) => boolean])[] = [
  ['curd', (title) => /\bcurds?\b/.test(title)],
  ['marmalade', (title) => /\bmarmalade\b/.test(title)],
  ['butter', (title) => /\b[a-z]+ butter\b/.test(title) && !OTHER_BUTTER.test(title)],
  ['pepper-jelly', (title) => /\bjell(?:y|ies)\b/.test(title) && PEPPERS.test(title)],
  ['infusion-jelly', (title) => /\bjell(?:y|ies)\b/.test(title) && STEEPED.test(title)],
  ['jelly', (title) => /\bjell(?:y|ies)\b/.test(title)],
  ['conserve', (title) => /\bconserve\b/.test(title)],
  ['sauce', (title) => /\b(?:jellied|cranberry) sauce\b/.test(title)],
  ['jam', (title) => /\b(?:jam|preserves?|spread)\b/.test(title)],
];

/**
 * What a title says is made: `Overnight slow cooker apple butter` is a butter, `Red pepper jelly` a
 * pepper jelly.
 * @returns null where the title does not say
 */
export function productOfTitle(title: string): Product | null {
  const plain = title
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ');
  return SIGNS.find(([, says]) => says(plain))?.[0] ?? null;
}
