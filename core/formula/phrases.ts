import { findIngredient, type Ingredient } from '../larder/index.ts';
import { range, readAmount, type Range } from '../quantity/index.ts';

/** What one piece gives, in grams, low to high; common practice (a lemon gives about 3 tbsp of juice). */
type Yielding = {
  readonly fruit: RegExp;
  readonly ingredient: string;
  readonly eachG: Range;
  readonly part: string;
};

const GIVES: readonly Yielding[] = [
  { fruit: /^lemons?$/, ingredient: 'lemon-juice', eachG: range(32, 45, 58), part: 'juice' },
  { fruit: /^limes?$/, ingredient: 'lime-juice', eachG: range(20, 29, 38), part: 'juice' },
  { fruit: /^oranges?$/, ingredient: 'orange-juice', eachG: range(60, 82, 105), part: 'juice' },
  {
    fruit: /^(lemons?|limes?|oranges?)$/,
    ingredient: 'zest',
    eachG: range(3, 6, 10),
    part: 'zest',
  },
];

/** A knob of butter, grams; common practice. */
const KNOB_G = range(5, 10, 15);

export type Phrase = {
  readonly ingredient: Ingredient;
  readonly massG: Range;
  readonly assumed: string;
};

const PART_OF = /^(juice|zest|grated zest) of (.+?) (lemons?|limes?|oranges?)$/;
const FRUIT_PARTED =
  /^(.+?) (?:large |medium |small )?(lemons?|limes?|oranges?),? (juiced|juice only|zested|zest only)$/;

/**
 * Reads the phrases that measure by the piece what is not the piece: `juice of half a lemon`,
 * `2 limes, juiced`, `zest of 1 orange`, `a knob of butter`. Null for any other line.
 */
export function readPhrase(line: string): Phrase | null {
  const text = line.toLowerCase().trim();
  if (/^(1 |a )?(small |large )?knob of butter$/.test(text)) {
    return phrase('butter', KNOB_G, 'A knob is taken as 10 g.');
  }
  const [, part, count, fruit] = PART_OF.exec(text) ?? [];
  if (part !== undefined) return given(part.endsWith('zest') ? 'zest' : 'juice', count, fruit);
  const [, counted, of, how] = FRUIT_PARTED.exec(text) ?? [];
  return how === undefined ? null : given(how.startsWith('zest') ? 'zest' : 'juice', counted, of);
}

function given(part: string, countText = '', fruit = ''): Phrase | null {
  const count = countOf(countText);
  const found = GIVES.find((row) => row.part === part && row.fruit.test(fruit));
  if (count === null || !found) return null;
  const { low, typical, high } = found.eachG;
  const massG = range(low * count, typical * count, high * count);
  return phrase(found.ingredient, massG, `Taken as ${typical} g of ${part} from each.`);
}

function countOf(text: string): number | null {
  const plain = text
    .replace(/^(half|1\/2|½)( of)?( an?)?$/, '1/2')
    .replace(/^(an?|one)$/, '1')
    .replace(/^two$/, '2');
  const count = readAmount(plain);
  return count !== null && count > 0 ? count : null;
}

function phrase(id: string, massG: Range, assumed: string): Phrase | null {
  const ingredient = findIngredient(id);
  return ingredient && { ingredient, massG, assumed };
}
