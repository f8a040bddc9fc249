import { message } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import type { Amount } from './amount.ts';
import { type Obstacle, obstacle } from './description.ts';
import { isUnitWord } from './measures.ts';
import type { Found } from './noun.ts';
import type { Item, Segment } from './segments.ts';
import type { Token } from './tokens.ts';
import { TURNING_WORDS, type Effect, type Part } from './words.ts';

/** Words in quotes, for a message. */
export const quoted = (tokens: readonly Token[]): string =>
  tokens.map(({ text }) => `“${text}”`).join(tokens.length === 2 ? ' and ' : ', ');

/** Most words of a name that nobody told us of. */
const MOST_VARIETY_WORDS = 3;

/**
 * What is not understood: as far as it stands before a fruit or egg, or follows in brackets, it may
 * be a variety of it.
 */
export function unknownIn(
  segments: readonly Segment[],
  at: Found | null,
  row: Ingredient,
  used: ReadonlySet<Item>,
): { readonly left: readonly Token[]; readonly varieties: readonly Token[] } {
  const hasKinds = row.kind === 'fruit' || row.make.insolublesAre === 'egg';
  const left: Token[] = [];
  const varieties: Token[] = [];
  let follow = false;
  segments.forEach(({ items, bracket }, segment) => {
    const alone = items.every(
      (item) =>
        item.kind === 'unknown' || (item.kind === 'phrase' && item.effect.kind === 'variety'),
    );
    const kindsFollow = items.some(
      (item) => item.kind === 'phrase' && item.effect.kindsFollow === true,
    );
    items.forEach((item, index) => {
      if (used.has(item)) return;
      const kindItem = item.kind === 'phrase' && item.effect.kind !== undefined;
      if (
        item.kind === 'percent' &&
        !PERCENT_KINDS.has(row.kind) &&
        row.id !== 'chocolate' &&
        row.id !== 'cream' &&
        row.id !== 'cocoa' &&
        item.value !== 100
      )
        left.push(...item.tokens);
      if (kindItem && !hasKinds && row.kind !== 'juice') left.push(...item.tokens);
      if (item.kind === 'phrase' && !belongs(item.effect, row)) left.push(...item.tokens);
      if (item.kind !== 'unknown') return;
      const [token] = item.tokens;
      if (token === undefined) return;
      const before =
        at !== null && (segment < at.segment || (segment === at.segment && index < at.item));
      const after =
        (kindsFollow || follow || ((bracket || segment > (at?.segment ?? 0)) && alone)) &&
        /^\p{Lu}/u.test(token.text);
      const may =
        hasKinds &&
        token.kind === 'word' &&
        /^[\p{L}\p{M}'’]{2,}$/u.test(token.text) &&
        !TURNING_WORDS.has(token.word) &&
        !isUnitWord(token);
      if (may && (before || after)) varieties.push(token);
      else left.push(token);
    });
    follow = kindsFollow;
  });
  return varieties.length > MOST_VARIETY_WORDS
    ? { left: [...left, ...varieties], varieties: [] }
    : { left, varieties };
}

/** Fruit and spice of which `seeds` means what is eaten. */
const SEEDY: ReadonlySet<string> = new Set([
  'vanilla-pod',
  'cardamom',
  'pomegranate',
  'passion-fruit',
]);

/**
 * Whether a part can be named of it: the juice of a fruit or a juice, the yolk of an egg; no juice
 * of vinegar.
 */
function hasPart(row: Ingredient, part: Part): boolean {
  if (row.kind === 'fruit') return part !== 'yolk' && part !== 'white';
  if (row.make.insolublesAre === 'egg') return part === 'yolk' || part === 'white';
  if (part === 'juice') return row.kind === 'juice' || /-juice/.test(row.id);
  return (part === 'zest' || part === 'peel') && (row.id === 'zest' || row.id === 'citrus-peel');
}

/**
 * Whether a word can be said of this thing without making another of it: the leaves of a herb, the
 * stalks of rhubarb, dried fruit.
 */
export function belongs({ grows, seeds, state, part }: Effect, row: Ingredient): boolean {
  if (part !== undefined && !hasPart(row, part)) return false;
  if (state === 'dried' && row.kind !== 'fruit') return false;
  if (state === 'canned' && row.kind !== 'fruit' && row.kind !== 'juice' && row.kind !== 'acid')
    return false;
  if (seeds === true) return SEEDY.has(row.id);
  if (grows === undefined) return true;
  return row.kind === 'seasoning' || row.packs?.[grows] !== undefined;
}

/**
 * `2 trugs plums`, `1 colander strawberries`: a word between a number and a name is a measure that
 * we do not know, and no kind, where it is in the plural or the name is not as many as the number.
 */
export function unknownUnit(
  { kind, low, high }: Amount,
  segments: readonly Segment[],
  at: Found | null,
  row: Ingredient,
  varieties: readonly Token[],
): Obstacle | null {
  const measure = varieties.find(isMeasureLike);
  if (measure !== undefined) return notAUnit(measure);
  const [first] = segments[0]?.items[0]?.tokens ?? [];
  const suspect = first !== undefined && varieties.includes(first) ? first : null;
  if (kind !== 'pieces' || suspect === null || at === null) return null;
  const isMany = (token: Token | undefined): boolean =>
    token !== undefined && token.word !== token.lower;
  const followedByOf = segments[0]?.items[1]?.tokens[0]?.lower === 'of';
  const one = low === high && low <= 1;
  const tiny = (row.pieceG?.typical ?? SMALLEST_NAMED_G) < SMALLEST_NAMED_G;
  return tiny ||
    followedByOf ||
    RUN_TOGETHER.test(suspect.lower) ||
    isMany(suspect) ||
    (one && isMany(at.name.tokens.at(-1)))
    ? notAUnit(suspect)
    : null;
}

const notAUnit = (token: Token): Obstacle =>
  obstacle('unit', message('parser.isntAKnownUnitUse', { text: token.text }), {
    words: [token.text],
    unknown: [token],
    // An amount without its unit is another amount.
    food: true,
  });

/** A measure of another day or of no size, or letters that no name is made of: `lbz`. */
const isMeasureLike = ({ word, lower }: Token): boolean =>
  OTHER_MEASURES.has(word) || /^[b-df-hj-np-tv-xz]{2,5}$/.test(lower);

/** Measures of another day, or of no size: never a kind of fruit. */
const OTHER_MEASURES: ReadonlySet<string> = new Set([
  'stone', 'firkin', 'hundredweight', 'cwt', 'quarter', 'trug', 'colander', 'mug', 'ladle', 'bowl', 'bowlful', 'pottle', 'bin', 'barrow', 'pan', 'panful', 'jug', 'glass', 'scoop', 'helping', 'portion', 'drachm', 'dram', 'grain', 'hogshead', 'kilderkin', 'noggin', 'peckful', 'pail', 'trayful',
]); // prettier-ignore

/** Smaller pieces than this, g, are measured and not counted by kind: `2 mug strawberries`. */
const SMALLEST_NAMED_G = 25;

/** A unit with a word run on to it: `2 kgwhite peaches`. */
const RUN_TOGETHER = /^(?:kg|lb|oz|ml|cup|tsp|tbsp|gram|pint|quart)/;

/** Rows of which a percentage says how strong they are. */
const PERCENT_KINDS: ReadonlySet<string> = new Set(['acid', 'spirit']);

/** The vinegar that tables and tested formulas mean. */
const VINEGAR_PCT = { least: 5, most: 10 };

/** A vinegar whose strength is not one that formulas are written for; null for none. */
export function percentFault(segments: readonly Segment[], row: Ingredient): Obstacle | null {
  const percent = segments.flatMap(({ items }) => items).find((item) => item.kind === 'percent');
  if (percent?.kind !== 'percent' || row.kind !== 'acid' || !/vinegar/.test(row.id)) return null;
  const { least, most } = VINEGAR_PCT;
  return percent.value >= least && percent.value <= most
    ? null
    : obstacle('ingredient', message('parser.vinegarOfIsntThe5', { value: percent.value }), {
        words: percent.tokens.map(({ text }) => text),
        food: true,
      });
}
