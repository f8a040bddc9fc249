import { findIngredient, type Ingredient } from '../larder/index.ts';
import { range, readAmount, type Range } from '../quantity/index.ts';
import { blended } from './blend.ts';

/** What one piece gives, in grams, low to high; common practice (a lemon gives about 3 tbsp of juice). */
const JUICE_G: { readonly [fruit: string]: Range } = {
  lemon: range(32, 45, 58),
  lime: range(20, 29, 38),
  orange: range(60, 82, 105),
};
const ZEST_G = range(3, 6, 10);

/** A knob of butter, and what “to taste” comes to for salt and spice, grams; common practice. */
const KNOB_G = range(5, 10, 15);
const TO_TASTE_G = range(0, 1, 4);

export type Phrase = {
  readonly ingredient: Ingredient;
  readonly massG: Range;
  readonly assumed: string;
};

const FRUIT = '(?:large |medium |small |unwaxed )*(lemon|lime|orange)s?';
const PART =
  '((?:finely )?(?:grated )?(?:juice|zest|rind)(?:,? (?:and|&|plus) (?:finely )?(?:grated )?(?:juice|zest|rind))?)';
/** `juice of half a lemon`, `zest and juice of 2 oranges` */
const PART_OF = new RegExp(`^${PART} (?:of|from) (.+?) ${FRUIT}$`);
/** `2 oranges, zest and juice`, `3 lemons, juiced` */
const FRUIT_PARTED = new RegExp(
  `^(.+?) ${FRUIT},? (juiced|zested|(?:juice|zest|rind)(?: only)?|(?:zested and juiced)|(?:juiced and zested)|${PART.slice(1, -1)})$`,
);

/**
 * Reads the phrases that measure by the piece what is not the piece: `juice of half a lemon`, `zest and
 * juice of 2 oranges`, `2 limes, juiced`, `a knob of butter`, `salt to taste`. Null for any other line.
 */
export function readPhrase(line: string): Phrase | null {
  const text = line.toLowerCase().replace(/[()]/g, ' ').replace(/\s+/g, ' ').trim();
  if (/^(1 |a )?(small |large )?knob (of )?(unsalted )?butter$/.test(text)) {
    return phrase('butter', KNOB_G, 'A knob is taken as 10 g.');
  }
  const [, tasted] = /^(.+?),? to taste$/.exec(text) ?? [];
  if (tasted !== undefined) return toTaste(tasted);
  const [, part, count, fruit] = PART_OF.exec(text) ?? [];
  if (part !== undefined) return given(part, count, fruit);
  const [, counted, of, how] = FRUIT_PARTED.exec(text) ?? [];
  return how === undefined ? null : given(how, counted, of);
}

function toTaste(name: string): Phrase | null {
  const ingredient = findIngredient(name.replace(/^(a )?(pinch|little|bit) (of )?/, ''));
  return ingredient?.kind === 'seasoning'
    ? { ingredient, massG: TO_TASTE_G, assumed: 'Taken as a gram: too little to change the sums.' }
    : null;
}

function given(part: string, countText = '', fruit = ''): Phrase | null {
  const count = countOf(countText);
  const juice = findIngredient(`${fruit}-juice`);
  const zest = findIngredient('zest');
  const eachG = JUICE_G[fruit];
  if (count === null || !eachG || !juice || juice.kind === 'fruit' || !zest) return null;
  const times = ({ low, typical, high }: Range) =>
    range(low * count, typical * count, high * count);
  const juicy = { ingredient: juice, massG: times(eachG) };
  const zesty = { ingredient: zest, massG: times(ZEST_G) };
  const wantsZest = /zest|rind/.test(part);
  if (!/juice/.test(part)) {
    return { ...zesty, assumed: `Taken as ${ZEST_G.typical} g of zest from each.` };
  }
  if (!wantsZest) {
    return { ...juicy, assumed: `Taken as ${eachG.typical} g of juice from each.` };
  }
  return {
    ingredient: blended(`${fruit} juice and zest`, juicy, zesty),
    massG: range(
      juicy.massG.low + zesty.massG.low,
      juicy.massG.typical + zesty.massG.typical,
      juicy.massG.high + zesty.massG.high,
    ),
    assumed: `Taken as ${eachG.typical} g of juice and ${ZEST_G.typical} g of zest from each.`,
  };
}

function countOf(text: string): number | null {
  const plain = text
    .replace(/^(half|1\/2|½)( of)?( an?)?$/, '1/2')
    .replace(/^(an?|one)$/, '1')
    .replace(/^two$/, '2')
    .replace(/^three$/, '3')
    .replace(/^four$/, '4');
  const count = readAmount(plain);
  return count !== null && count > 0 ? count : null;
}

function phrase(id: string, massG: Range, assumed: string): Phrase | null {
  const ingredient = findIngredient(id);
  return ingredient && { ingredient, massG, assumed };
}
