import { message } from '@idle-kettle/words/message';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import { type Obstacle, obstacle, written } from './description.ts';
import type { MeasuresId } from './measures.ts';
import type { Meaning } from './ingredientNames.ts';
import type { NameBook } from './names.ts';
import type { Item, Segment } from './segments.ts';
import { LONE_VARIETIES, type Effect } from './words.ts';

/** A name that was found in a line, and where. */
export type Found = {
  readonly segment: number;
  readonly item: number;
  readonly name: Item & { kind: 'name' };
};

type Noun = {
  readonly at: Found | null;
  readonly row: Ingredient;
  /** Items that are part of the name wherever they stand: the `brown` of `sugar, brown`. */
  readonly used: ReadonlySet<Item>;
};

const NONE: ReadonlySet<Item> = new Set();

/** The one thing that is named; what is named beside it must be the same. */
export function nounOf(
  names: readonly Found[],
  segments: readonly Segment[],
  book: NameBook,
  measures: MeasuresId,
): Noun | Obstacle {
  const main = names.find(({ segment }) => segments[segment]?.bracket === false) ?? names[0];
  if (main === undefined) return partAlone(segments) ?? nothingNamed(segments);
  const refined = refinedBy(main, names, segments, book);
  if ('message' in refined) return refined;
  const row = refined.row;
  const { meaning } = main.name;
  if (row === null && meaning.kind === 'double') {
    const usual = measures === 'us' ? findIngredient(meaning.double.inUsKitchens ?? '') : null;
    if (usual !== null) return { at: main, row: usual, used: NONE };
    return obstacle('ingredient', meaning.double.question, {
      words: main.name.tokens.map(({ text }) => text),
      choices: meaning.double.choices,
    });
  }
  if (row === null) {
    return obstacle(
      'ingredient',
      message('parser.isntAKnownIngredientAnd', { written: written(main.name.tokens) }),
      {
        words: main.name.tokens.map(({ text }) => text),
        food: true,
      },
    );
  }
  return { at: main, row, used: refined.used };
}

/**
 * The row that a name and the words around it make: `peaches, white` are white peaches,
 * `vinegar, cider` is one thing.
 */
function refinedBy(
  main: Found,
  names: readonly Found[],
  segments: readonly Segment[],
  book: NameBook,
): { readonly row: Ingredient | null; readonly used: ReadonlySet<Item> } | Obstacle {
  const own = rowOf(main.name.meaning);
  const key = main.name.key;
  const kinds = new Map<Ingredient, string>();
  const used = new Set<Item>();
  for (const item of itemsAround(segments, main)) {
    if (
      item.kind === 'name' &&
      !names.some((other) => other.name === item && isKindAlone(other, segments, main))
    )
      continue;
    const word = item.tokens.map(({ word: plain }) => plain).join(' ');
    const meaning = book(`${word} ${key}`);
    const row = rowOf(meaning);
    if (row !== null) used.add(item);
    if (row !== null && row !== own) kinds.set(row, word);
    const clash = item.kind === 'unknown' ? suffixRow(word, key, book) : null;
    if (clash !== null && clash !== own) {
      return obstacle(
        'ingredient',
        message('parser.isItOr', { name: clash.name, value: own?.name ?? key }),
        {
          words: [word],
        },
      );
    }
    if (meaning?.kind === 'stranger') {
      return obstacle('ingredient', message('parser.isntAKnownIngredientAndMust', { word, key }), {
        words: [word, key],
        food: true,
      });
    }
  }
  const rows = [...kinds.keys()];
  if (rows.length > 1) {
    return obstacle(
      'ingredient',
      message('parser.isIt', { value: rows.map(({ name }) => name).join(' or ') }),
      {
        words: [...kinds.values()],
      },
    );
  }
  const row = rows[0] ?? own;
  for (const other of names) {
    if (other === main) continue;
    const { meaning } = other.name;
    const theirs = rowOf(meaning);
    const asKind = isKindAlone(other, segments, main)
      ? rowOf(book(`${other.name.key} ${key}`))
      : null;
    if (
      theirs !== null &&
      row !== null &&
      (theirs === row ||
        theirs === own ||
        asKind === row ||
        isBase(theirs, row, segments[other.segment]))
    )
      continue;
    if (
      meaning.kind === 'double' &&
      theirs === null &&
      row?.kind === 'fruit' &&
      PLAIN_FRUIT.has(other.name.key)
    )
      continue;
    return obstacle(
      'ingredient',
      message('parser.andAreTwoThingsWrite', {
        written: written(main.name.tokens),
        written2: written(other.name.tokens),
      }),
      {
        words: other.name.tokens.map(({ text }) => text),
        food: true,
        secondAt: segments[other.segment]?.amount ? (segments[other.segment]?.from ?? null) : null,
      },
    );
  }
  return { row, used };
}

/**
 * A name alone between commas, in the singular, that may say the kind of another: the `cider` of
 * `vinegar, cider`.
 */
function isKindAlone({ segment, name }: Found, segments: readonly Segment[], main: Found): boolean {
  const last = name.tokens.at(-1);
  return (
    segment !== main.segment &&
    segments[segment]?.items.length === 1 &&
    segments[segment].amount === null &&
    last?.lower === last?.word
  );
}

/** General words for what a line names already: `plums (stone fruit)`. */
const PLAIN_FRUIT: ReadonlySet<string> = new Set([
  'fruit',
  'berry',
  'soft fruit',
  'stone fruit',
  'citrus',
  'citrus fruit',
  'juice',
]);

/** `½ cup lemon juice (about 3 lemons)`: where the juice comes from, and no second thing. */
const isBase = (base: Ingredient, row: Ingredient, segment: Segment | undefined): boolean =>
  base.kind === 'fruit' &&
  (row.id === `${base.id}-juice` || row.id === `${base.id}-juice-bottled`) &&
  (segment?.bracket === true || segment?.amount != null || segment?.link === 'from');

/** The row of the ingredient table that a word means; null where it means none. */
export const rowOf = (meaning: Meaning | undefined): Ingredient | null =>
  meaning?.kind === 'row' ? meaning.row : null;

/**
 * `bottled` with the `lemon juice` of `fresh lemon juice`: told as another row, so that the two are
 * noticed.
 */
function suffixRow(word: string, key: string, book: NameBook): Ingredient | null {
  for (let space = key.indexOf(' '); space !== -1; space = key.indexOf(' ', space + 1)) {
    const row = rowOf(book(`${word} ${key.slice(space + 1)}`));
    if (row !== null) return row;
  }
  return null;
}

/**
 * What stands around a name and may say its kind: phrases, words that are not understood, other
 * names.
 */
function* itemsAround(segments: readonly Segment[], main: Found): Generator<Item> {
  for (const { items } of segments) {
    for (const item of items) {
      if (item !== main.name && item.kind !== 'or' && item.kind !== 'percent') yield item;
    }
  }
}

/** `grated zest`, `3 yolks`: a part that has a row of its own and needs no more. */
function partAlone(segments: readonly Segment[]): Noun | null {
  const parts = new Set(
    effects(segments).flatMap(({ part }) => (part === undefined ? [] : [part])),
  );
  const id =
    parts.size === 1
      ? { zest: 'zest', yolk: 'egg-yolk', peel: null, juice: null, pulp: null, white: null }[
          [...parts][0] ?? 'juice'
        ]
      : null;
  const row = id === null ? null : findIngredient(id);
  const clean = segments.every(({ items }) =>
    items.every(({ kind }) => kind === 'phrase' || kind === 'quiet'),
  );
  return row === null || !clean ? loneVariety(segments) : { at: null, row, used: NONE };
}

/** `6 Bramleys`: a variety named alone. */
function loneVariety(segments: readonly Segment[]): Noun | null {
  for (const { items } of segments) {
    for (const item of items) {
      const id = LONE_VARIETIES.get(item.tokens.map(({ word }) => word).join(' '));
      const row = id === undefined ? null : findIngredient(id);
      if (row !== null && item.kind === 'phrase') return { at: null, row, used: NONE };
    }
  }
  return null;
}

/** What the phrases of a line say of what it names. */
export const effects = (segments: readonly Segment[]): Effect[] =>
  segments.flatMap(({ items }) =>
    items.flatMap((item) => (item.kind === 'phrase' ? [item.effect] : [])),
  );

function nothingNamed(segments: readonly Segment[]): Obstacle {
  const unknown = segments.flatMap(({ items }) =>
    items.flatMap((item) => (item.kind === 'unknown' ? item.tokens : [])),
  );
  const parts = effects(segments).some(({ part }) => part !== undefined);
  const all = segments.flatMap(({ items }) => items.flatMap(({ tokens }) => tokens));
  if (unknown.length === 0) {
    return obstacle(
      'ingredient',
      parts ? message('parser.ofWhichFruitNameIt') : message('parser.whichIngredientNameItAfter'),
      {
        words: all.map(({ text }) => text),
      },
    );
  }
  return obstacle(
    'ingredient',
    message('parser.isntAKnownIngredientYet', { written: written(all) }),
    {
      words: unknown.map(({ text }) => text),
      unknown,
      nameless: true,
    },
  );
}

/** A second amount with a thing of its own: `2 kg plums, 1 kg pumpkin`. */
export function secondThing(
  segments: readonly Segment[],
  at: Found | null,
  row: Ingredient,
): Obstacle | null {
  const isOther = (segment: Segment): boolean =>
    segment.items.some(
      (item) =>
        item.kind === 'name' &&
        rowOf(item.meaning) !== row &&
        !isBase(rowOf(item.meaning) ?? row, row, segment),
    );
  // `4 eggs plus 2 yolks`: a part of the same has an amount of its own.
  const isPart = ({ items, link }: Segment): boolean =>
    (link === 'plus' || link === 'and') &&
    items.some((item) => item.kind === 'phrase' && item.effect.part !== undefined);
  const second = segments.find(
    (segment, index) =>
      segment.amount !== null &&
      index !== at?.segment &&
      (isPart(segment) || (!segment.bracket && isOther(segment))),
  );
  return second === undefined
    ? null
    : obstacle('ingredient', message('parser.thereAreTwoAmountsOf'), {
        secondAt: second.from,
        food: true,
      });
}
