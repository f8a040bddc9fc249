import {
  findIngredient,
  inState,
  ripened,
  type Form,
  type Fruit,
  type FruitState,
  type Ingredient,
} from '../larder/index.ts';
import { agreed, amountAt, isFault, type Amount, type AmountFault } from './amounts.ts';
import type { LineTrouble } from './line.ts';
import { isUnitWord, type MeasuresId } from './measures.ts';
import type { Meaning, NameBook } from './names.ts';
import { isCitrus, juiceRow } from './parts.ts';
import { segmentsOf, type Item, type Segment } from './segments.ts';
import type { Token } from './tokens.ts';
import { LONE_VARIETIES, TURNING_WORDS, type Effect, type Loss, type Part } from './words.ts';

/** What the words of a line say, every one of them taken in. */
export type Description = {
  readonly row: Ingredient;
  /** As the cook named it. */
  readonly called: string;
  readonly amount: Amount;
  /** Null when no form is written. */
  readonly form: Form | null;
  /** The form stands after the name and a comma: the fruit may have been measured before. */
  readonly formAfter: boolean;
  readonly ripeness: number | null;
  readonly size: string | null;
  /** What preparing takes away, and whether the amount is of the fruit before that or after; null when the words do not say. */
  readonly loses: ReadonlySet<Loss>;
  readonly keepsPeel: boolean;
  readonly weighed: 'as bought' | 'prepared' | null;
  /** Parts meant instead of the whole; the amount is of the whole. */
  readonly parts: ReadonlySet<Part>;
  readonly assumed: readonly string[];
  /** Words taken for a variety that nobody told us of. */
  readonly varieties: readonly Token[];
};

/** Why it cannot be told, and the tokens that stand in the way. */
export type Obstacle = {
  readonly about: LineTrouble['about'];
  readonly message: string;
  readonly words: readonly string[];
  /** Tokens that mean nothing to us. */
  readonly unknown: readonly Token[];
  /** Where an `or` stands in the description; null for none. */
  readonly orAt: number | null;
  /** The lines that such an `or` leaves to choose from. */
  readonly either: readonly (readonly Token[])[];
  /** Where a second amount with its own thing begins. */
  readonly secondAt: number | null;
  /** The question of a name that means two things, and what to write. */
  readonly choices: readonly string[];
  /** Whether the words that stand in the way name some food. */
  readonly food: boolean;
  /** Whether nothing is named that we know. */
  readonly nameless: boolean;
};

/** An obstacle with the amount that was found and the tokens of the rest. */
export type Unread = Obstacle & {
  readonly amountTokens: readonly Token[];
  readonly rest: readonly Token[];
};

export const isObstacle = (read: Description | Obstacle): read is Obstacle => 'unknown' in read;

const NO_OBSTACLE = {
  words: [],
  unknown: [],
  orAt: null,
  either: [],
  secondAt: null,
  choices: [],
  food: false,
  nameless: false,
};
const obstacle = (
  about: Obstacle['about'],
  message: string,
  more: Partial<Obstacle> = {},
): Obstacle => ({ ...NO_OBSTACLE, about, message, ...more });

const written = (tokens: readonly Token[]): string =>
  tokens
    .map(
      ({ text, joined, spaced }, index) =>
        `${index === 0 ? '' : joined ? '-' : spaced ? ' ' : ''}${text}`,
    )
    .join('');

type Found = {
  readonly segment: number;
  readonly item: number;
  readonly name: Item & { kind: 'name' };
};

/** Says what a description means, or what of it stands in the way. */
export function describe(
  tokens: readonly Token[],
  main: Amount,
  book: NameBook,
  measures: MeasuresId,
): Description | Obstacle {
  const segments = segmentsOf(tokens, book, measures);
  const [next] = segments;
  if (
    next?.amount != null &&
    next.from === 0 &&
    !next.bracket &&
    next.link === null &&
    tokens[0]?.kind === 'number'
  ) {
    return obstacle('amount', 'Two amounts stand side by side. Which of them is meant?');
  }
  const or = orIn(segments, tokens);
  if (or !== null) return or;
  const names = segments.flatMap(({ items }, segment) =>
    items.flatMap((item, index) =>
      item.kind === 'name' ? [{ segment, item: index, name: item } satisfies Found] : [],
    ),
  );
  const noun = nounOf(names, segments, book, measures);
  if ('message' in noun) return noun;
  const { at, row, used } = noun;
  const second = secondThing(segments, at, row);
  if (second !== null) return second;
  const unknown = unknownIn(segments, at, row, used);
  if (unknown.left.length > 0) {
    return obstacle(
      'ingredient',
      `${quoted(unknown.left)} ${unknown.left.length === 1 ? 'is' : 'are'} not understood, so the line is not used.`,
      {
        words: unknown.left.map(({ text }) => text),
        unknown: unknown.left,
      },
    );
  }
  const unit = unknownUnit(main, segments, at, row, unknown.varieties);
  if (unit !== null) return unit;
  const percent = percentFault(segments, row);
  if (percent !== null) return percent;
  const amount = amountOf(main, segments, row);
  if (isFault(amount)) return obstacle(amount.about, amount.message);
  return described(segments, at, row, amount, unknown.varieties);
}

const quoted = (tokens: readonly Token[]): string =>
  tokens.map(({ text }) => `“${text}”`).join(tokens.length === 2 ? ' and ' : ', ');

/** An `or` that belongs to no remark. */
function orIn(segments: readonly Segment[], tokens: readonly Token[]): Obstacle | null {
  const or = segments.flatMap(({ items }) => items).find(({ kind }) => kind === 'or');
  const at = or === undefined ? -1 : tokens.indexOf(or.tokens[0] as Token);
  return at === -1
    ? null
    : obstacle('ingredient', 'Two things are named with “or”. Which goes in?', {
        words: ['or'],
        orAt: at,
      });
}

type Noun = {
  readonly at: Found | null;
  readonly row: Ingredient;
  /** Items that are part of the name wherever they stand: the `brown` of `sugar, brown`. */
  readonly used: ReadonlySet<Item>;
  readonly assumed?: string;
};

const NONE: ReadonlySet<Item> = new Set();

/** The one thing that is named; what is named beside it must be the same. */
function nounOf(
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
      `“${written(main.name.tokens)}” is not in the larder, and must not be taken for something else.`,
      {
        words: main.name.tokens.map(({ text }) => text),
        food: true,
      },
    );
  }
  return { at: main, row, used: refined.used };
}

/** The row that a name and the words around it make: `peaches, white` are white peaches, `vinegar, cider` is one thing. */
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
      return obstacle('ingredient', `Is it ${clash.name} or ${own?.name ?? key}?`, {
        words: [word],
      });
    }
    if (meaning?.kind === 'stranger') {
      return obstacle(
        'ingredient',
        `“${word} ${key}” is not in the larder, and must not be taken for ${key}.`,
        { words: [word, key], food: true },
      );
    }
  }
  const rows = [...kinds.keys()];
  if (rows.length > 1) {
    return obstacle('ingredient', `Is it ${rows.map(({ name }) => name).join(' or ')}?`, {
      words: [...kinds.values()],
    });
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
      `“${written(main.name.tokens)}” and “${written(other.name.tokens)}” are two things. Write a line for each.`,
      {
        words: other.name.tokens.map(({ text }) => text),
        food: true,
        secondAt: segments[other.segment]?.amount ? (segments[other.segment]?.from ?? null) : null,
      },
    );
  }
  return { row, used };
}

/** A name alone between commas, in the singular, that may say the kind of another: the `cider` of `vinegar, cider`. */
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

const rowOf = (meaning: Meaning | undefined): Ingredient | null =>
  meaning?.kind === 'row' ? meaning.row : null;

/** `bottled` with the `lemon juice` of `fresh lemon juice`: told as another row, so that the two are noticed. */
function suffixRow(word: string, key: string, book: NameBook): Ingredient | null {
  for (let space = key.indexOf(' '); space !== -1; space = key.indexOf(' ', space + 1)) {
    const row = rowOf(book(`${word} ${key.slice(space + 1)}`));
    if (row !== null) return row;
  }
  return null;
}

/** What stands around a name and may say its kind: phrases, words that are not understood, other names. */
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

const effects = (segments: readonly Segment[]): Effect[] =>
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
      parts ? 'Of which fruit? Name it.' : 'Which ingredient? Name it after the amount.',
      {
        words: all.map(({ text }) => text),
      },
    );
  }
  return obstacle('ingredient', `“${written(all)}” is not in the larder yet.`, {
    words: unknown.map(({ text }) => text),
    unknown,
    nameless: true,
  });
}

/** A second amount with a thing of its own: `2 kg plums, 1 kg pumpkin`. */
function secondThing(
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
    : obstacle('ingredient', 'There are two amounts, of two things. Write a line for each.', {
        secondAt: second.from,
        food: true,
      });
}

/** Most words of a name that nobody told us of. */
const MOST_VARIETY_WORDS = 3;

/** What is not understood: as far as it stands before a fruit or egg, or follows in brackets, it may be a variety of it. */
function unknownIn(
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

/** Whether a word can be said of this thing without making another of it: the leaves of a herb, the stalks of rhubarb, dried fruit. */
function belongs({ grows, seeds, state }: Effect, row: Ingredient): boolean {
  if (state === 'dried' && row.kind !== 'fruit') return false;
  if (state === 'canned' && row.kind !== 'fruit' && row.kind !== 'juice' && row.kind !== 'acid')
    return false;
  if (seeds === true) return SEEDY.has(row.id);
  if (grows === undefined) return true;
  return row.kind === 'seasoning' || row.packs?.[grows] !== undefined;
}

/**
 * `2 trugs plums`, `1 colander strawberries`: a word between a number and a name is a measure that we do not know, and no
 * kind, where it is in the plural or the name is not as many as the number.
 */
function unknownUnit(
  { kind, low, high }: Amount,
  segments: readonly Segment[],
  at: Found | null,
  row: Ingredient,
  varieties: readonly Token[],
): Obstacle | null {
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
    ? obstacle(
        'unit',
        `“${suspect.text}” is not a unit we know. Use g, kg, oz, lb, mL, L, tsp, tbsp, cup, pint, quart or gallon.`,
        { words: [suspect.text] },
      )
    : null;
}

/** Smaller pieces than this, g, are measured and not counted by kind: `2 mug strawberries`. */
const SMALLEST_NAMED_G = 25;

/** A unit with a word run on to it: `2 kgwhite peaches`. */
const RUN_TOGETHER = /^(?:kg|lb|oz|ml|cup|tsp|tbsp|gram|pint|quart)/;

/** Rows of which a percentage says how strong they are. */
const PERCENT_KINDS: ReadonlySet<string> = new Set(['acid', 'spirit']);
/** The vinegar that tables and tested formulas mean. */
const VINEGAR_PCT = { least: 5, most: 10 };

function percentFault(segments: readonly Segment[], row: Ingredient): Obstacle | null {
  const percent = segments.flatMap(({ items }) => items).find((item) => item.kind === 'percent');
  if (percent?.kind !== 'percent' || row.kind !== 'acid' || !/vinegar/.test(row.id)) return null;
  const { least, most } = VINEGAR_PCT;
  return percent.value >= least && percent.value <= most
    ? null
    : obstacle(
        'ingredient',
        `Vinegar of ${percent.value} % is not the 5 % vinegar that formulas mean.`,
        {
          words: percent.tokens.map(({ text }) => text),
          food: true,
        },
      );
}

/** `1 x 5 cm piece of ginger`: so many pieces of a length, where nobody knows what a piece weighs. */
function lengthOf(main: Amount, segments: readonly Segment[]): Amount {
  const first = segments[0]?.items[0];
  const read = first?.kind === 'quiet' ? amountAt(first.tokens, 0, 'us') : null;
  return read === null || isFault(read) || read.amount.kind !== 'length'
    ? main
    : { ...read.amount, low: main.low * read.amount.low, high: main.high * read.amount.high };
}

/** The main amount with what else is said of it: a written weight wins, what comes on top is added. */
function amountOf(
  main: Amount,
  segments: readonly Segment[],
  row: Ingredient,
): Amount | AmountFault {
  let amount = main.kind === 'pieces' && row.pieceG === undefined ? lengthOf(main, segments) : main;
  for (const { amount: other, items, link, bracket } of segments) {
    // `4 cups juice from 3 lb apples`: what it was made of.
    if (other === null || link === 'from') continue;
    if (isFault(other)) return other;
    const each = items.some(({ tokens }) =>
      tokens.some(({ lower }) => lower === 'each' || lower === 'apiece'),
    );
    if (link === 'plus' || link === 'and') {
      if (other.kind !== amount.kind)
        return {
          about: 'amount',
          message: 'What comes on top is in another measure. Write a line for each.',
        };
      amount = { ...amount, low: amount.low + other.low, high: amount.high + other.high };
      continue;
    }
    const counted = amount.kind === 'pieces' || amount.kind === 'container';
    if (each && counted && (other.kind === 'mass' || other.kind === 'volume')) {
      amount = {
        ...other,
        low: other.low * amount.low,
        high: other.high * amount.high,
        size: null,
        packed: amount.packed,
      };
      continue;
    }
    if (other.kind === 'length') {
      if (counted && row.pieceG === undefined) amount = other;
      continue;
    }
    // A count beside a measure is a remark, and so are cups of it in another form.
    if (
      other.kind === 'volume' &&
      amount.kind === 'volume' &&
      ((bracket && isBefore(other, amount, segments)) ||
        items.some((item) => item.kind === 'phrase' && item.effect.form !== undefined))
    )
      continue;
    if ((other.kind === 'pieces' || other.kind === 'container') && !counted) continue;
    if (items.some((item) => item.kind === 'phrase' && item.effect.part === 'juice')) {
      amount = { ...other, packed: false };
      continue;
    }
    const joint = agreed(amount, other);
    if (joint === null) {
      return {
        about: 'amount',
        message: 'It says two amounts that are not the same. Which of them is meant?',
      };
    }
    amount = joint;
  }
  return amount;
}

/** `4 cups crushed strawberries (about 2 quarts)`: how much fruit it takes, before it is crushed. */
const isBefore = (other: Amount, amount: Amount, segments: readonly Segment[]): boolean =>
  other.low >= amount.low &&
  other.high <= 3 * amount.high &&
  effects(segments).some(
    ({ form, weighed }) =>
      weighed === 'prepared' ||
      form === 'crushed' ||
      form === 'pureed' ||
      form === 'chopped' ||
      form === 'sliced',
  );

function described(
  segments: readonly Segment[],
  at: Found | null,
  noun: Ingredient,
  amount: Amount,
  varieties: readonly Token[],
): Description {
  let form: Form | null = amount.packed ? 'packed' : null;
  let formAfter = false;
  let state: FruitState | null = null;
  let ripeness: number | null = null;
  let size = amount.size;
  let measure = amount;
  let keepsPeel = false;
  let extracted = false;
  let direct = false;
  let weighed: Description['weighed'] = null;
  const loses = new Set<Loss>();
  const parts = new Set<Part>();
  const assumed: string[] = [...amount.assumed];
  const known: string[] = [];
  segments.forEach(({ items, amount: own, bracket }, segment) => {
    items.forEach((item, index) => {
      if (item.kind !== 'phrase') return;
      const { effect } = item;
      const head = at !== null && segment === at.segment;
      if (effect.form !== undefined && form === null) {
        form = effect.form;
        formAfter = at !== null && segment > at.segment;
      }
      if (
        effect.grows !== undefined &&
        noun.packs?.[effect.grows] !== undefined &&
        measure.kind === 'pieces'
      ) {
        measure = { ...measure, kind: 'container', name: effect.grows };
      }
      state ??= effect.state ?? null;
      ripeness ??= effect.ripeness ?? null;
      size ??= effect.size ?? null;
      keepsPeel ||= effect.keepsPeel === true;
      extracted ||= effect.extracted === true;
      weighed ??= effect.weighed ?? null;
      if (effect.kind === 'variety') known.push(written(item.tokens));
      if (effect.loses !== undefined) {
        loses.add(effect.loses);
        weighed ??=
          own !== null || (head && !bracket) || (at !== null && segment < at.segment)
            ? 'prepared'
            : 'as bought';
      }
      if (effect.part !== undefined) {
        parts.add(effect.part);
        // `plum juice`, `juice of lemon` after a measure, `lemons (about ½ cup juice)`.
        const beside =
          (head && Math.abs(index - at.item) <= 2) || (at !== null && segment < at.segment);
        direct ||=
          own !== null || (beside && amount.kind !== 'pieces' && amount.kind !== 'container');
      }
    });
  });
  if (noun.id === 'egg' && wordsAfter(segments, at).has('white')) parts.add('white');
  const fruit = measure.kind === 'pieces' ? fruitOfPart(noun, at) : null;
  if (fruit !== null) parts.add(fruit.part);
  const whole = direct || parts.size > 0 || (at !== null && rowOf(at.name.meaning) !== noun);
  const called = whole ? '' : calledOf(segments, at, varieties);
  for (const variety of [...varieties.map(({ text }) => text), ...known]) {
    assumed.push(`“${variety}” is taken as a kind of ${noun.name}.`);
  }
  const taught = at?.name.meaning.kind === 'row' ? at.name.meaning.taught : undefined;
  if (taught !== undefined) assumed.push(`“${taught}” is ${noun.name} in this kitchen.`);
  return {
    row: rowInState(fruit?.row ?? noun, state, parts, direct, extracted, ripeness),
    called,
    amount: measure,
    form: direct && parts.has('pulp') ? (form ?? 'pureed') : form,
    formAfter,
    ripeness,
    size,
    loses,
    keepsPeel,
    weighed,
    parts: direct ? new Set() : parts,
    assumed,
    varieties,
  };
}

const wordsAfter = (segments: readonly Segment[], at: Found | null): Set<string> =>
  new Set(
    segments
      .filter((_, index) => index > (at?.segment ?? -1))
      .flatMap(({ items }) => items.flatMap(({ tokens }) => tokens.map(({ word }) => word))),
  );

const PART_WORDS: ReadonlyMap<string, Part> = new Map([
  ['juice', 'juice'],
  ['zest', 'zest'],
  ['rind', 'zest'],
  ['peel', 'peel'],
]);

/** `1 lemon's juice`, `2 orange zests`: so many of the fruit, of which a part is meant. */
function fruitOfPart(
  row: Ingredient,
  at: Found | null,
): { readonly row: Ingredient; readonly part: Part } | null {
  const words = at?.name.key.split(' ') ?? [];
  const part = PART_WORDS.get(words.at(-1) ?? '');
  const fruit =
    part === undefined || row.pieceG !== undefined
      ? null
      : findIngredient(words.slice(0, -1).join(' '));
  return fruit !== null && part !== undefined && isCitrus(fruit.id) ? { row: fruit, part } : null;
}

/** The row for a fruit dried, canned or pressed, and as ripe as it is said to be. */
function rowInState(
  row: Ingredient,
  state: FruitState | null,
  parts: ReadonlySet<Part>,
  direct: boolean,
  extracted: boolean,
  ripeness: number | null,
): Ingredient {
  if (direct && parts.has('zest')) return findIngredient('zest') ?? row;
  if (direct && parts.has('peel')) return findIngredient('citrus-peel') ?? row;
  if (extracted && row.kind === 'juice') {
    const fruit = findIngredient(row.id.replace(/-juice$/, ''));
    return fruit?.kind === 'fruit' ? inState(fruit, 'juice') : row;
  }
  if (row.kind !== 'fruit') return row;
  const ripe: Fruit = ripeness === null ? row : ripened(row, ripeness);
  if (direct && parts.has('juice')) return juiceRow(ripe, extracted);
  return state === null ? ripe : inState(ripe, state);
}

/** The name with the kind before it, as it is written. */
function calledOf(
  segments: readonly Segment[],
  at: Found | null,
  varieties: readonly Token[],
): string {
  if (at === null) return '';
  const items = segments[at.segment]?.items ?? [];
  const kinds = items
    .slice(0, at.item)
    .filter(
      (item) =>
        (item.kind === 'unknown' && varieties.includes(item.tokens[0] as Token)) ||
        (item.kind === 'phrase' && item.effect.kind !== undefined),
    );
  return written(
    [...kinds.flatMap(({ tokens }) => tokens), ...at.name.tokens].map((token, index) =>
      index === 0 ? token : { ...token, spaced: !token.joined },
    ),
  );
}
