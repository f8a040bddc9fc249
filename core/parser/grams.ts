import { message, type Text } from '@idle-kettle/words/message';
import { isVegetable, type Form, type Ingredient } from '../ingredients/index.ts';
import { exactly, range, timesRange, type Range } from '../quantity/index.ts';
import type { Amount } from './amount.ts';
import { looseMl } from './measuredAmount.ts';
import type { Description } from './description.ts';
import { ML_PER_CUP } from './measures.ts';
import { partOf } from './parts.ts';

/**
 * A piece of that size over an ordinary one; common practice (3 lb of apples: 5 very large or 10
 * medium).
 */
const FRUIT_SIZES: { readonly [size: string]: number } = {
  tiny: 0.45, 'very small': 0.5, small: 0.7, smallish: 0.8, little: 0.7, medium: 0.85, 'medium-sized': 0.85, 'medium size': 0.85, average: 0.85,
  large: 1.25, 'large-sized': 1.25, largish: 1.15, big: 1.25, 'very large': 1.6, 'extra large': 1.6, 'extra-large': 1.6, xl: 1.6, jumbo: 1.8, huge: 1.8,
}; // prettier-ignore
/** An egg of that size over a large one, which recipes mean; common practice. */
const EGG_SIZES: { readonly [size: string]: number } = {
  small: 0.76, little: 0.76, medium: 0.88, 'medium-sized': 0.88, large: 1, big: 1, 'very large': 1.12, 'extra large': 1.12, 'extra-large': 1.12, xl: 1.12, jumbo: 1.26,
}; // prettier-ignore

/** Fruit that loses this little in preparing is the same weight before and after. */
const HARDLY_ANY_WASTE = 0.97;

/** Measures by hand of herbs, petals and fresh roots, g; common practice. */
const HANDFUL_G = range(8, 15, 25);
const KNOB_G = range(5, 10, 15);
const THUMB_G = range(10, 15, 25);
/** A centimetre of root as thick as a thumb, g. */
const ROOT_G_PER_CM = range(3, 5, 8);
/** A centimetre of cinnamon stick, g. */
const STICK_G_PER_CM = range(0.25, 0.4, 0.6);

/** The least of a tin’s net weight that is fruit when its juice is poured away; common practice. */
const DRAINED_SHARE = 0.55;

/** What a line weighs, g, and what was taken for granted. */
export type Grams = {
  readonly massG: Range;
  readonly assumed: Text;
  /** What it weighs as bought, g, where the line says that and not what is left. */
  readonly boughtG?: number;
  /** It was measured by cups or spoons. */
  readonly byVolume?: true;
};
type NoGrams = { readonly trouble: Text };

/** A range for each unit, so many times over: the ends of both widen it. */
const spread = ({ low, high }: Amount, each: Range): Range =>
  range(low * each.low, ((low + high) / 2) * each.typical, high * each.high);

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Grams of the prepared ingredient that an amount stands for, or why nobody can tell. */
export function gramsOf(said: Description): Grams | NoGrams {
  if (said.parts.size > 0) return partGrams(said);
  const { amount } = said;
  switch (amount.kind) {
    case 'mass':
      return byWeight(said);
    case 'volume':
      return byVolume(said);
    case 'pieces':
      return byThePiece(said);
    case 'container':
      return byThePack(said);
    case 'bushels':
      return byTheBushel(said);
    case 'loose':
      return byHand(said);
    case 'length':
      if (said.row.id === 'cinnamon') {
        return { massG: spread(amount, STICK_G_PER_CM), assumed: message('parser.countsAs04G') };
      }
      return said.row.id === 'ginger' || said.row.id === 'candied-ginger'
        ? { massG: spread(amount, ROOT_G_PER_CM), assumed: message('parser.countsAs5GA') }
        : { trouble: message('parser.aLengthSaysLittleAbout', { name: said.row.name }) };
  }
}

/** What of the fruit is left when what the line says, and no more, is thrown away. */
function shareLeft({ row, loses, keepsPeel }: Description): number {
  const peel = row.kind === 'fruit' ? (row.peelShare ?? 0) : 0;
  const onlyCore = loses.has('core') && !loses.has('peel');
  return Math.min(1, row.edibleShare + (keepsPeel || (onlyCore && peel > 0) ? peel : 0));
}

/** What is left of fruit as bought; how much waste it has differs by a tenth of the waste. */
function afterWaste({ low, typical, high }: Range, share: number): Range {
  const waste = (1 - share) * 0.1;
  return range(low * (share - waste), typical * share, high * Math.min(1, share + waste));
}

function byWeight(said: Description): Grams {
  const { amount, weighed, drained, keepsPeel, form, formAfter } = said;
  const share = shareLeft(said);
  const massG = range(amount.low, (amount.low + amount.high) / 2, amount.high);
  if (amount.tinned === true && drained) {
    return {
      massG: { ...massG, low: DRAINED_SHARE * massG.low },
      assumed: message('parser.theWeightOnTheTin', { percent: percent(DRAINED_SHARE) }),
    };
  }
  // `5 lb apples, skins on` are five pounds at the shop, and five pounds in the pot as far as the
  // line tells.
  const asItCame = weighed === null && keepsPeel && (form === null || formAfter);
  return weighed !== 'as bought' || share > HARDLY_ANY_WASTE
    ? { massG, assumed: '', ...(asItCame ? { boughtG: massG.typical } : {}) }
    : {
        massG: afterWaste(massG, share),
        boughtG: massG.typical,
        assumed: message('parser.weighedBeforePreparingAboutOf', { percent: percent(share) }),
      };
}

function byVolume({ row, form: written, formAfter, fine, amount }: Description): Grams | NoGrams {
  const form: Form = written ?? row.usualForm;
  const coarse = row.cups[form] ?? (written === null ? undefined : liquidOr(row, written));
  const cup = fine && coarse !== undefined ? finer(row, coarse) : coarse;
  if (!cup) {
    return { trouble: message('parser.thereIsNoCupWeight', { form, name: row.name }) };
  }
  const cups = { ...amount, low: amount.low / ML_PER_CUP, high: amount.high / ML_PER_CUP };
  const whole = row.cups[row.usualForm];
  // `4 cups strawberries, crushed` may be four cups before crushing.
  const before = formAfter && whole !== undefined && whole.low < cup.low ? whole.low : cup.low;
  const massG = spread(cups, range(before, cup.typical, cup.high));
  const several = Object.keys(row.cups).length > 1;
  const said =
    written === null && several
      ? message('parser.countsAsGACup', { form, round: Math.round(cup.typical) })
      : formAfter && several && form !== row.usualForm
        ? message('parser.measuredAsGACup', { form, round: Math.round(cup.typical) })
        : '';
  return { massG, assumed: said, byVolume: true };
}

/**
 * How far fruit that is chopped fine fills its cup as crushed fruit does, over coarse pieces: it runs
 * together in its juice, and vegetables do not; common practice, judgement.
 */
const FINE = 0.75;

function finer(row: Ingredient, coarse: Range): Range {
  const crushed = row.cups.crushed;
  if (row.kind !== 'fruit' || isVegetable(row.id) || crushed === undefined) return coarse;
  if (crushed.typical <= coarse.typical) return coarse;
  const between = (end: keyof Range) => coarse[end] + FINE * (crushed[end] - coarse[end]);
  return range(between('low'), between('typical'), between('high'));
}

/**
 * What is liquid, or fills its cup in one way alone, is not changed by a word for how it was cut.
 */
const liquidOr = (row: Ingredient, form: Form): Range | undefined =>
  row.kind !== 'fruit' && form !== 'whole' ? row.cups[row.usualForm] : undefined;

/** Whole pieces as bought: what is left of them after stoning, coring or peeling. */
function byThePiece(said: Description): Grams | NoGrams {
  const { row, amount, size } = said;
  const { pieceG } = row;
  if (!pieceG) {
    return {
      trouble:
        said.form === 'sliced' || row.cups.whole !== undefined || row.kind === 'fruit'
          ? message('parser.theWeightOfOneIsnt', { name: row.name })
          : message('parser.noUnitFoundGiveA'),
    };
  }
  const by = sizeOf(row, size);
  const share = shareLeft(said);
  const left =
    share < 1 ? message('parser.ofItLeftAfterPreparing', { percent: percent(share) }) : '';
  const eachG = by * pieceG.typical;
  return {
    massG: timesRange(spread(amount, pieceG), by * share),
    assumed: message('parser.countsAsGEach', {
      part: eachG < 10 ? Number(eachG.toPrecision(2)) : Math.round(eachG),
      left,
    }),
  };
}

const sizeOf = (row: Ingredient, size: string | null): number =>
  (row.make.insolublesAre === 'egg' ? EGG_SIZES : FRUIT_SIZES)[size ?? ''] ?? 1;

function byThePack(said: Description): Grams | NoGrams {
  const { row, amount, size } = said;
  const packG = row.packs?.[amount.name];
  if (packG !== undefined) {
    const by = GROWN_BY_SIZE.has(amount.name) ? sizeOf(row, size) : 1;
    if (size !== null && by === 1 && size !== 'medium')
      return { trouble: message('parser.howMuchIsInOne', { size, name: amount.name }) };
    return {
      massG: spread(amount, exactly(packG * by)),
      assumed: message('parser.oneCountsAsG', {
        name: amount.name,
        packG,
        part: GROWN_BY_SIZE.has(amount.name) ? '' : message('parser.checkYours'),
      }),
    };
  }
  if (COUNTED[amount.name]?.includes(row.id) === true && row.pieceG) return byThePiece(said);
  return {
    trouble: message('parser.howMuchIsInOneWrite', {
      name: amount.name,
      value: said.called || row.name,
    }),
  };
}

const GROWN_BY_SIZE: ReadonlySet<string> = new Set([
  'bunch',
  'sprig',
  'head',
  'handful',
  'stalk',
  'stem',
  'leaf',
  'bulb',
]);
/** Words that count whole pieces, and of what. */
const COUNTED: { readonly [word: string]: readonly string[] } = {
  clove: ['garlic'],
  stick: ['cinnamon'],
  pod: ['vanilla-pod', 'cardamom'],
  leaf: ['bay'],
};

/** Bushels weigh within a tenth of one another. */
function byTheBushel(said: Description): Grams | NoGrams {
  const { row, amount, weighed } = said;
  const bushelKg = row.kind === 'fruit' ? row.bushelKg : undefined;
  if (bushelKg === undefined) {
    return { trouble: message('parser.theWeightOfABushel', { name: row.name }) };
  }
  const bought = spread(amount, timesRange(range(0.9, 1, 1.1), 1000 * bushelKg));
  const share = shareLeft(said);
  return {
    massG: weighed === 'prepared' ? bought : afterWaste(bought, share),
    ...(weighed === 'prepared' ? {} : { boughtG: bought.typical }),
    assumed: message('parser.countsAsKgABushel', {
      round: Math.round(bushelKg),
      percent: percent(share),
    }),
  };
}

/**
 * Pinches, splashes and handfuls: small ranges for what hardly counts; of anything else it must be
 * said.
 */
function byHand({ row, amount, size }: Description): Grams | NoGrams {
  const ask = {
    trouble: message('parser.aOfCanBeAny', { name: amount.name, name2: row.name }),
  };
  const by =
    size === 'small' || size === 'little' || size === 'tiny'
      ? 0.7
      : size === 'large' || size === 'big'
        ? 1.4
        : 1;
  const as = (each: Range, said: Text): Grams => ({
    massG: timesRange(spread(amount, each), by),
    assumed: said,
  });
  const ml = looseMl(amount.name);
  if (amount.name === 'handful') {
    const dried = row.id === 'tea' || row.cups.grains !== undefined;
    return row.kind === 'seasoning' && !dried
      ? as(HANDFUL_G, message('parser.aHandfulCountsAs15'))
      : ask;
  }
  if (amount.name === 'knob') {
    return row.id === 'butter' || row.id === 'ginger' || row.id === 'margarine'
      ? as(KNOB_G, message('parser.aKnobCountsAs10'))
      : ask;
  }
  if (amount.name === 'thumb')
    return row.id === 'ginger' ? as(THUMB_G, message('parser.aThumbCountsAs15')) : ask;
  const cup = row.cups[row.usualForm];
  if (ml === null || !cup) return ask;
  const small = amount.name === 'pinch' || amount.name === 'dash' || amount.name === 'drop';
  const wet =
    row.kind === 'spirit' ||
    row.kind === 'acid' ||
    row.id === 'vanilla-extract' ||
    row.id === 'extract' ||
    row.id === 'food-colouring' ||
    row.id === 'flower-water';
  if (!small && !wet) return ask;
  if (small && (row.kind === 'fruit' || row.kind === 'juice')) return ask;
  return as(
    timesRange(ml, cup.typical / ML_PER_CUP),
    message('parser.aCountsAsMl', { name: amount.name, typical: ml.typical }),
  );
}

/** Juice, zest, yolks: by the piece, or from a weight of the whole. */
function partGrams(said: Description): Grams | NoGrams {
  const { row, parts, amount } = said;
  const part = partOf(row, parts);
  const named = [...parts].join(' and ');
  if (part === null) {
    return {
      trouble: message('parser.howMuchItGivesVaries', { named }),
    };
  }
  if (amount.kind === 'pieces') {
    return {
      massG: timesRange(spread(amount, part.perPieceG), sizeOf(row, said.size)),
      assumed: part.said,
    };
  }
  if (amount.kind === 'mass' && row.pieceG) {
    const share = part.perPieceG.typical / row.pieceG.typical;
    return {
      massG: spread(amount, range(share * 0.75, share, Math.min(0.95, share * 1.25))),
      assumed: message('parser.countsAsOfItsWeight', { percent: percent(share) }),
    };
  }
  return { trouble: message('parser.countOrWeighTheOr', { name: row.name, named }) };
}
