/** Words that are plural in no regular way, or look plural and are not. */
const IRREGULAR: ReadonlyMap<string, string> = new Map(
  Object.entries({
    leaves: 'leaf',
    halves: 'half',
    loaves: 'loaf',
    knives: 'knife',
    pies: 'pie',
    molasses: 'molasses',
    schnapps: 'schnapps',
    cassis: 'cassis',
    citrus: 'citrus',
    cactus: 'cactus',
    hibiscus: 'hibiscus',
    asparagus: 'asparagus',
    couscous: 'couscous',
    hummus: 'hummus',
    gas: 'gas',
    dates: 'date',
    cloves: 'clove',
    olives: 'olive',
    chives: 'chive',
    cookies: 'cookie',
    brownies: 'brownie',
    smoothies: 'smoothie',
  }),
);

/**
 * Letters without their accents, lower case, with the straight apostrophe: `Jalapeño` → `jalapeno`.
 */
export const unaccented = (text: string): string =>
  ASCII.test(text)
    ? text.toLowerCase()
    : text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '').replace(/[’‘]/g, "'");

/** Most words, which have no accents. */
const ASCII = /^[ -~]*$/;

/**
 * One word as names are compared by it: unaccented, lower case, singular, without a possessive
 * `'s`. `Cherries` → `cherry`, `peaches` → `peach`, `confectioners'` → `confectioner`. Its own
 * plain form of a plain word.
 */
export function plainWord(written: string): string {
  const word = unaccented(written).replace(/'s$|'$/, '');
  const irregular = IRREGULAR.get(word);
  if (irregular !== undefined) return irregular;
  if (word.length <= 3 || !word.endsWith('s') || /(ss|us|is)$/.test(word)) return word;
  if (/ies$/.test(word)) return word.length > 4 ? `${word.slice(0, -3)}y` : word.slice(0, -1);
  if (/(oes|ches|shes|xes|sses|zzes)$/.test(word)) return word.slice(0, -2);
  return word.slice(0, -1);
}
