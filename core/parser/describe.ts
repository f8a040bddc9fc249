import { message, type Text } from '@idle-kettle/words/message';
import {
  findIngredient,
  inState,
  isVegetable,
  ripened,
  type Form,
  type Fruit,
  type FruitState,
  type Ingredient,
} from '../ingredients/index.ts';
import { amountOf } from './amountSaid.ts';
import { isFault, type Amount } from './amount.ts';
import { type Description, type Obstacle, obstacle, written } from './description.ts';
import { quoted, unknownIn, unknownUnit, percentFault } from './leftovers.ts';
import type { MeasuresId } from './measures.ts';
import type { NameBook } from './names.ts';
import { type Found, nounOf, rowOf, secondThing } from './noun.ts';
import { isCitrus, juiceRow } from './parts.ts';
import { segmentsOf, type Segment } from './segments.ts';
import type { Token } from './tokens.ts';
import type { Loss } from './takenOut.ts';
import type { Part } from './words.ts';

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
    return obstacle('amount', message('parser.thereAreTwoAmountsSide'));
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
      message('parser.notRecognizedSoThisLine', {
        quoted: quoted(unknown.left),
        part: unknown.left.length === 1 ? 'is' : 'are',
      }),
      {
        words: unknown.left.map(({ text }) => text),
        unknown: unknown.left,
        // `mango nectar`: what stands beside a name may make another food of it.
        food: at !== null && unknown.left.some((token) => standsBeside(token, segments, at)),
      },
    );
  }
  const peel = strangePeel(segments, at, row);
  if (peel !== null) return peel;
  const unit = unknownUnit(main, segments, at, row, unknown.varieties);
  if (unit !== null) return unit;
  const percent = percentFault(segments, row);
  if (percent !== null) return percent;
  const amount = amountOf(main, segments, row);
  if (isFault(amount)) return obstacle(amount.about, amount.message);
  return described(segments, at, row, amount, unknown.varieties);
}

/** Peel and zest of citrus fruit have rows; of any other fruit they are something else. */
function strangePeel(
  segments: readonly Segment[],
  at: Found | null,
  row: Ingredient,
): Obstacle | null {
  if (row.kind !== 'fruit' || isCitrus(row.id) || at === null) return null;
  const rind = segments
    .filter((_, segment) => segment <= at.segment)
    .flatMap(({ items }) => items)
    .find(
      (item) =>
        item.kind === 'phrase' && (item.effect.part === 'peel' || item.effect.part === 'zest'),
    );
  return rind === undefined
    ? null
    : obstacle('ingredient', message('parser.onlyCitrusPeel', { name: row.name }), {
        words: rind.tokens.map(({ text }) => text),
        food: true,
      });
}

const standsBeside = (token: Token, segments: readonly Segment[], at: Found): boolean =>
  segments[at.segment]?.items.some(({ tokens }) => tokens.includes(token)) === true;

/** An `or` that belongs to no remark. */
function orIn(segments: readonly Segment[], tokens: readonly Token[]): Obstacle | null {
  const or = segments.flatMap(({ items }) => items).find(({ kind }) => kind === 'or');
  const at = or === undefined ? -1 : tokens.indexOf(or.tokens[0] as Token);
  return at === -1
    ? null
    : obstacle('ingredient', message('parser.twoThingsAreNamedWith'), {
        words: ['or'],
        orAt: at,
      });
}

function described(
  segments: readonly Segment[],
  at: Found | null,
  noun: Ingredient,
  amount: Amount,
  varieties: readonly Token[],
): Description {
  let form: Form | null = amount.packed ? 'packed' : null;
  let formAfter = false;
  let fine = false;
  let state: FruitState | null = null;
  let ripeness: number | null = null;
  let size = amount.size;
  let measure = amount;
  let keepsPeel = false;
  let extracted = false;
  let direct = false;
  let weighed: Description['weighed'] = amount.isLeft === true ? 'prepared' : null;
  let drained = false;
  let optional = false;
  const loses = new Set<Loss>();
  const parts = new Set<Part>();
  const assumed: Text[] = [...amount.assumed];
  const known: string[] = [];
  segments.forEach(({ items, amount: own, bracket }, segment) => {
    items.forEach((item, index) => {
      if (item.kind !== 'phrase') return;
      const { effect } = item;
      const head = at !== null && segment === at.segment;
      if (effect.form !== undefined && form === null) {
        form = effect.form;
        formAfter = at !== null && segment > at.segment;
        fine = effect.fine === true;
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
      if (effect.isGreen === true && isUnripeWhenGreen(noun)) {
        ripeness ??= GREEN;
        assumed.push(message('parser.greenCountsAsUnripe'));
      }
      size ??= effect.size ?? null;
      keepsPeel ||= effect.keepsPeel === true;
      extracted ||= effect.extracted === true;
      weighed ??= effect.weighed ?? null;
      drained ||= effect.drained === true && amount.isLeft !== true;
      optional ||= effect.optional === true;
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
    assumed.push(message('parser.countsAsAKindOf', { variety, name: noun.name }));
  }
  const taught = at?.name.meaning.kind === 'row' ? at.name.meaning.taught : undefined;
  if (taught !== undefined)
    assumed.push(message('parser.isInThisKitchen', { taught, name: noun.name }));
  const brewed = isBrewed(at, noun, measure) ? findIngredient('infusion') : null;
  if (brewed !== null) assumed.push(message('parser.countsAsBrewed'));
  return {
    row: brewed ?? rowInState(fruit?.row ?? noun, state, parts, direct, extracted, ripeness),
    called,
    amount: measure,
    form: direct && parts.has('pulp') ? (form ?? 'pureed') : form,
    formAfter,
    fine,
    ripeness,
    size,
    loses,
    keepsPeel,
    weighed,
    drained,
    optional,
    parts: direct || at === null ? new Set() : parts,
    assumed,
    varieties,
  };
}

/** Ripeness of fruit that is still green; common practice. */
const GREEN = 0.15;

/** Fruit that has kinds which are green when they are ripe, or is cooked green as a rule. */
const GREEN_WHEN_RIPE: ReadonlySet<string> = new Set([
  'apple', 'pear', 'grape', 'fox-grape', 'muscadine', 'fig', 'plum', 'greengage', 'gooseberry', 'amla', 'lime', 'lemon', 'kiwi', 'melon', 'guava', 'feijoa', 'green-tomato', 'tomato', 'courgette', 'watermelon-rind',
]); // prettier-ignore

const isUnripeWhenGreen = (row: Ingredient): boolean =>
  row.kind === 'fruit' && !GREEN_WHEN_RIPE.has(row.id) && !isVegetable(row.id);

/** More of tea or coffee than this by volume is the drink, and no leaves, mL; common practice. */
const SPOONS_ML = 50;

const isBrewed = (at: Found | null, { id }: Ingredient, { kind, low }: Amount): boolean =>
  (id === 'tea' || id === 'coffee') &&
  kind === 'volume' &&
  low > SPOONS_ML &&
  !DRY.test(at?.name.key ?? '');
const DRY = /\b(?:ground|bean|instant|powder|leaf|leave|loose)\b/;

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
    return fruit?.kind === 'fruit' ? juiceRow(fruit, true, ripeness) : row;
  }
  if (row.kind !== 'fruit') return row;
  const ripe: Fruit = ripeness === null ? row : ripened(row, ripeness);
  if (direct && parts.has('juice')) return juiceRow(ripe, extracted, ripeness);
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
