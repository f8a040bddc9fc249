import { message, type Text } from '@idle-kettle/words/message';
import { inflect } from 'inflection';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import { amountText } from '../parser/index.ts';
import { CARRIER_SUGAR_G } from '../chain/index.ts';
import { linesBrought, simmeredWhole, type Plan, type PlanAct } from '../plan/index.ts';
import { convert, formatGrams } from '../quantity/index.ts';
import { lidsShort, lidsShortInWords, type CountedLids } from './lidsShort.ts';

/**
 * One thing to have in the house: what the batch takes as bought, what is there, and what is
 * lacking in what packs.
 */
export type ToBuy = {
  /** Stable, for ticking off. */
  readonly id: string;
  readonly ingredient: string;
  readonly name: string;
  readonly massG: number;
  /**
   * Its amounts as the cook wrote them, where they are in another measure than grams: `7 cups`,
   * `2 lb + 1 cup`.
   */
  readonly written?: string;
  /** What the cupboard holds of it, g; absent where nobody has said. */
  readonly haveG?: number;
  /** What has to be bought, g. */
  readonly lackG: number;
  /**
   * What is lacking as it is sold: `2 bags of 1 kg`, `1 box`, `6`; absent where nothing is, and for
   * what is sold loose.
   */
  readonly packs?: Text;
};

/** One fruit to prepare: weight as bought, what is left, and what is thrown away. */
export type ToPrepare = {
  readonly id: string;
  readonly name: string;
  readonly boughtG: number;
  readonly preparedG: number;
  readonly wasteG: number;
  /** `sliced`, `crushed`. */
  readonly form: string;
};

/** One thing to have ready before the heat. */
export type Chore = { readonly id: string; readonly text: Text };

/** Everything to do before the heat. */
export type Preparation = {
  readonly shopping: readonly ToBuy[];
  readonly prep: readonly ToPrepare[];
  /** Acts that are done the day before. */
  readonly overnight: readonly PlanAct[];
  /** Acts that come before the pot on the day itself. */
  readonly first: readonly PlanAct[];
  readonly ready: readonly Chore[];
  /**
   * What cooks for hours needs its jars and its canner only near the end; empty for a pot on a
   * burner.
   */
  readonly later: readonly Chore[];
};

/** Sugar is sold in bags of a kilogram, in US kitchens of four pounds; common practice. */
const SUGAR_BAG_G = { metric: 1000, us: convert(4, 'lb', 'g') };

/** What a cupboard holds, g by the id of the ingredient. */
export type Stock = { readonly [ingredient: string]: number };

/**
 * The shopping, the fruit to prepare, the work of the day before, and the checklist before the
 * heat.
 * @param lids new lids as the kitchen counts them
 */
export function prepareOf(
  plan: Plan,
  stock: Stock = {},
  lids: readonly CountedLids[] = [],
): Preparation {
  const totals = new Map<string, Total>();
  const simmered = simmeredWhole(plan);
  for (const { ingredient: id, massG, boughtG, form, text } of linesBrought(plan)) {
    const row = id === undefined ? null : findIngredient(id);
    if (!row || massG === undefined) continue;
    const so = totals.get(row.id);
    totals.set(row.id, {
      row,
      preparedG: (so?.preparedG ?? 0) + massG,
      boughtG: (so?.boughtG ?? 0) + (boughtG ?? boughtOf(row, massG, simmered)),
      form: so?.form ?? form ?? row.usualForm,
      written: [
        ...(so?.written ?? []),
        boughtG === undefined && isOtherWeight(text, massG, boughtOf(row, massG, simmered))
          ? null
          : amountText(text),
      ],
    });
  }
  const all = [...totals.values()];
  return {
    shopping: all.filter(({ row }) => row.kind !== 'water').map((total) => toBuy(total, stock)),
    prep: all
      .filter(({ row, boughtG, preparedG }) => row.kind === 'fruit' && boughtG > preparedG)
      .map(({ row, preparedG, boughtG, form }) => ({
        id: `prep-${row.id}`,
        name: row.name,
        boughtG,
        preparedG,
        wasteG: boughtG - preparedG,
        form,
      })),
    overnight: plan.acts.filter(({ phase }) => phase === 'day-before'),
    first: plan.acts.filter(({ id, phase }) => phase === 'prepare' && !WEIGHING.has(id)),
    ready: [
      ...lidsShort(plan, lids).map((short) => ({
        id: `lids-short-${short.name}`,
        text: lidsShortInWords(short),
      })),
      ...readyList(plan).filter((chore) => !isForLater(plan, chore)),
    ],
    later: readyList(plan).filter((chore) => isForLater(plan, chore)),
  };
}

/** Whether it cooks for hours, in a pot with a heat of its own. */
export const cooksForHours = ({
  acts,
}: {
  readonly acts: readonly Pick<PlanAct, 'id'>[];
}): boolean => acts.some(({ id }) => id === 'slow');

/** What is hot or laid out when the jars are filled, and cold again after a night. */
const AT_THE_END: ReadonlySet<string> = new Set([
  'ready-jars',
  'ready-lids',
  'ready-canner',
  'ready-plate',
]);

const isForLater = (plan: Plan, { id }: Chore): boolean =>
  cooksForHours(plan) && AT_THE_END.has(id);

/** What is weighed and mixed is said by the list with its grams. */
const WEIGHING: ReadonlySet<string> = new Set(['weigh', 'carry-pectin']);

/** What of one ingredient goes into a batch. */
type Total = {
  readonly row: Ingredient;
  readonly preparedG: number;
  readonly boughtG: number;
  readonly form: string;
  /**
   * The amount of each of its lines as it is written; null for so many pieces, and for what is less
   * than was bought.
   */
  readonly written: readonly (string | null)[];
};

/** A weight of what is left in the pot is no weight to buy; a measure of it is. */
const isOtherWeight = (text: string, saidG: number, boughtG: number): boolean =>
  saidG < boughtG && WEIGHT.test(amountText(text) ?? '');

const WEIGHT = /(?:\b|\d)(?:lbs?|oz|pounds?|ounces?)\b/i;
const GRAMS = /(?:\b|\d)(?:k?g|kilos?|kilograms?|grams?)\b/i;

/** What so much of something was before it was prepared, g; what is simmered whole is as bought. */
const boughtOf = (
  row: Ingredient,
  massG: number,
  simmered: ReadonlySet<string | undefined>,
): number => (simmered.has(row.id) ? massG : massG / row.edibleShare);

function toBuy({ row, boughtG: massG, written }: Total, stock: Stock): ToBuy {
  const haveG = stock[row.id];
  const lackG = Math.max(0, massG - (haveG ?? 0));
  const packs = lackG === 0 ? null : packsOf(row, lackG);
  return {
    id: `buy-${row.id}`,
    ingredient: row.id,
    name: row.name,
    massG,
    ...(written.every((amount) => amount !== null && !GRAMS.test(amount))
      ? { written: written.join(' + ') }
      : {}),
    ...(haveG === undefined ? {} : { haveG }),
    lackG,
    ...(packs === null ? {} : { packs }),
  };
}

function packsOf(row: Ingredient, massG: number): Text | null {
  if (row.id === 'sugar')
    return message('core.either', {
      metric: message('prepare.bagsOfSugar', { count: Math.ceil(massG / SUGAR_BAG_G.metric) }),
      us: message('prepare.usBagsOfSugar', { count: Math.ceil(massG / SUGAR_BAG_G.us) }),
    });
  if (row.pieceG && (row.kind === 'food' || row.kind === 'seasoning')) {
    return String(Math.ceil(massG / row.pieceG.typical - 0.05));
  }
  const [word, packG] = Object.entries(row.kind === 'fruit' ? {} : (row.packs ?? {}))[0] ?? [];
  if (word === undefined || packG === undefined) return null;
  const count = Math.ceil(massG / packG - 0.02);
  return message('prepare.packsOf', {
    packs: `${count} ${inflect(word, count)}`,
    size: formatGrams(packG),
  });
}

function readyList(plan: Plan): Chore[] {
  const { process, yield: jars } = plan;
  const sugar = plan.lines
    .map(({ ingredient: id, massG }) => ({ row: findIngredient(id ?? ''), massG: massG ?? 0 }))
    .filter(({ row }) => row !== null && isSugarRow(row));
  const sugarG = sugar.reduce((sum, { massG }) => sum + massG, 0);
  const carries = plan.acts.some(({ id }) => id === 'carry-pectin');
  const texts: (readonly [id: string, text: Text | null])[] = [
    [
      'jars',
      jars ? message('prepare.heatJarsCheckedForChips', { jarsToHeat: jars.jarsToHeat }) : null,
    ],
    ['lids', message('prepare.layOutNewLidsBands')],
    [
      'sugar',
      sugarG === 0
        ? null
        : carries
          ? message('prepare.weighOfTheSugarInto', {
              grams: formatGrams(sugarG - CARRIER_SUGAR_G),
              grams2: formatGrams(CARRIER_SUGAR_G),
            })
          : message('prepare.weighOfSugarIntoIts', { grams: formatGrams(sugarG) }),
    ],
    ['plate', plan.stop.kind === 'temperature' ? message('prepare.putTwoPlatesInThe') : null],
    [
      'thermometer',
      plan.stop.kind === 'timed-boil' ? null : message('prepare.checkTheThermometerInBoiling'),
    ],
    [
      'canner',
      process.method === 'none'
        ? null
        : plan.product === 'curd'
          ? message('prepare.heatTheCannersWaterTo')
          : message('prepare.fillTheAndHeatIt', {
              part:
                process.method === 'steam'
                  ? message('prepare.steamCanner')
                  : message('prepare.canner1To2In'),
            }),
    ],
    ['room', message('prepare.clearTheWayFromStove')],
  ];
  return texts.flatMap(([id, text]) => (text === null ? [] : [{ id: `ready-${id}`, text }]));
}

const isSugarRow = (row: Ingredient): boolean =>
  row.kind === 'sweetener' && row.make.sugarsPct.typical > 0;
