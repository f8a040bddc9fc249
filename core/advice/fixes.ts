import { message, type Text } from '@idle-kettle/words/message';
import { scaleLine } from '../formula/index.ts';
import { gellingRatioOf } from '../gel/index.ts';
import type { LineReading } from '../parser/index.ts';
import { METHODS } from '../method/index.ts';
import { type Boil, type Change, readingKitchen, type Evaluation } from '../evaluate/index.ts';
import { fixing, type Fix, type Kitchen } from './fixing.ts';
import { leastSteps } from './leastSteps.ts';
import {
  boxesOrSpoons,
  count,
  grams,
  lineOf,
  millilitres,
  partInWords,
  type Part,
} from './parts.ts';
import { boxesIn, juiceMl, juiceSteps, powderG, powderSteps } from './spoons.ts';
import type { ShortSide } from './diagnosis.ts';

type Replan = (change: Change, draws: number) => Boil | null;

/** The thickest target worth boiling to, g per 100 g: beyond it a jam is rubber. */
const MOST_TARGET_PCT = 68;
const MOST_BUTTER_PCT = 60;
/** Acid at which high-methoxyl pectin links best. */
const BEST_PH = 3.2;
/**
 * Most low-sugar pectin to a kilogram in the pot: makers advise no more than 1.2 % pectin in a
 * spread.
 */
const LOW_SUGAR_PER_KG_G = 32;
/** Sugar is added by this much at a time, g: a quarter of a cup. */
const SUGAR_STEP_G = 50;
/** Sugar that is added is no more than this much of what is there: more is another formula. */
const MOST_MORE_SUGAR = 0.2;
/** Fruit that is kept back is no more than this much of it. */
const MOST_TAKEN_OUT = 0.5;
const POWDER_PER_KG_G = 22;
const FRUIT_PER_KG_G = 125;
/** Fruit that is added is weighed out by this much, g. */
const FRUIT_STEP_G = 50;
/**
 * Of lemon juice and powder together no more than so much of what either may be alone: with both at
 * their most it is no jam of that fruit.
 */
const MOST_OF_BOTH = 1.6;
/** Beyond this a batch wants something else, mL a kilogram. */
const LEMON_PER_KG_ML = 100;

/** Yolks to a kilogram of curd. */
const MOST_YOLKS_PER_KG = 12;

/** What could mend a short side of this batch, the smallest interference first. */
export function fixesFor(
  worked: Evaluation,
  readings: readonly LineReading[],
  short: ShortSide,
  replan: Replan,
): Fix[] {
  const kitchen = fixing(worked, readings);
  switch (METHODS[worked.choice.method].setModel) {
    case 'high-methoxyl':
      return sugarGelFixes(kitchen, short, replan);
    case 'low-methoxyl':
      return calciumGelFixes(kitchen, short);
    case 'gelling-sugar':
      return gellingSugarFixes(kitchen, short);
    case 'body':
      return short === 'fruit' ? [kitchen.boilFurther(MOST_BUTTER_PCT)] : [];
    case 'egg':
      return short === 'egg'
        ? [
            kitchen.addParts(
              (n) => [count(n, n === 1 ? 'egg yolk' : 'egg yolks')],
              Math.floor(MOST_YOLKS_PER_KG * kitchen.potKg),
              message('advice.thickenIt'),
            ),
          ]
        : [];
  }
}

function sugarGelFixes(kitchen: Kitchen, short: ShortSide, replan: Replan): Fix[] {
  const timed = METHODS[kitchen.method].stopKind === 'timed-boil';
  const lemon = lemonJuice(kitchen, message('advice.helpThePectinSet'));
  const powder = powderAdded(kitchen);
  const fruit = pectinFruit(kitchen);
  const calcium = calciumInstead(kitchen);
  if (short === 'sugar') {
    return [
      ...moreSugar(kitchen),
      ...(timed ? [] : [kitchen.boilFurther(MOST_TARGET_PCT)]),
      ...calcium,
      ...(timed ? takenOut(kitchen) : []),
      ...(timed && kitchen.offers('long-boil') ? [longBoilInstead()] : []),
    ];
  }
  const both = lemonAndPowder(kitchen, replan);
  const less = timed ? takenOut(kitchen) : inTwoPots(kitchen);
  return short === 'acid'
    ? [lemon, powder, ...fruit, ...less, ...both, ...calcium]
    : [...less, powder, lemon, ...fruit, ...both, ...calcium];
}

const lemonJuice = ({ addParts, potKg }: Kitchen, does: Text): Fix =>
  addParts(
    (n) => [millilitres(juiceMl(n), 'bottled lemon juice')],
    juiceSteps(LEMON_PER_KG_ML * potKg),
    does,
  );

/** A pectin powder, by the spoon and the box. */
function powder({ request }: Kitchen, n: number, name: string, id: string): Part {
  const massG = powderG(n, id, request.packs);
  return grams(massG, name, boxesOrSpoons(massG, boxesIn(massG, id, request.packs)));
}

const usualPowder = (kitchen: Kitchen, n: number): Part =>
  powder(kitchen, n, 'powdered pectin', 'powdered-pectin');

const powderAdded = (kitchen: Kitchen): Fix =>
  kitchen.addParts(
    (n) => [usualPowder(kitchen, n)],
    powderSteps(POWDER_PER_KG_G * kitchen.potKg),
    message('advice.addThePectinTheFruit'),
  );

/** Fruit, or in a jelly juice, that brings pectin and acid of its own. */
const pectinFruit = ({ isJelly, addParts, potKg }: Kitchen): Fix[] =>
  (isJelly
    ? [(massG: number) => millilitres(massG, 'crab apple juice')]
    : [
        (massG: number) => grams(massG, 'chopped under-ripe apples'),
        (massG: number) => grams(massG, 'redcurrants'),
      ]
  ).map((part) =>
    addParts(
      (n) => [part(n * FRUIT_STEP_G)],
      Math.floor((FRUIT_PER_KG_G * potKg) / FRUIT_STEP_G),
      message('advice.addPectinAndAcid'),
    ),
  );

/** More sugar, as long as it is the same formula. */
const moreSugar = ({ addParts, sugarG, potKg }: Kitchen): Fix[] => [
  addParts(
    (n) => [grams(SUGAR_STEP_G * n, 'sugar')],
    Math.floor((sugarG === 0 ? 1000 * potKg : MOST_MORE_SUGAR * sugarG) / SUGAR_STEP_G),
    message('advice.helpThePectinSet'),
  ),
];

/**
 * Water left out, or fruit kept back for a second batch: what is left holds more sugar and pectin.
 */
function takenOut({ indexesOf, takeOut, names, isJelly }: Kitchen): Fix[] {
  const base = isJelly ? 'juice' : 'fruit';
  const water = indexesOf((_, kind) => kind === 'water');
  const fruit = indexesOf((_, kind) => kind === 'fruit' || kind === 'juice');
  return [
    ...water.flatMap((index) =>
      takeOut(index, 1, (mass) => message('advice.leaveOutOfTheWater', { mass }), '.'),
    ),
    ...fruit.flatMap((index) =>
      takeOut(
        index,
        MOST_TAKEN_OUT,
        (mass) =>
          message('advice.keepBackOfThe', {
            mass,
            part: fruit.length === 1 ? base : names([index]),
          }),
        message('advice.forASecondBatch'),
      ),
    ),
  ];
}

/** A pot boiled in two or more, one after another: each boils down sooner and wears less pectin. */
function inTwoPots({ boil, understood, method, request, readings }: Kitchen): Fix[] {
  if (boil === null || understood.length !== readings.length) return [];
  const pots = (n: number) => n + 1;
  return [
    {
      change: (n) => ({
        drop: readings.map((_, index) => index),
        add: understood.map((line) => scaleLine(line, 1 / pots(n), readingKitchen(request))),
        method,
      }),
      act: (n) => message('advice.cookItInPotsOne', { value: NUMBER_WORDS[pots(n)] ?? pots(n) }),
      why: message('advice.aSmallBatchBoilsDown'),
      most: 3,
      potsOf: pots,
    },
  ];
}

const NUMBER_WORDS: { readonly [n: number]: string } = { 2: 'two', 3: 'three', 4: 'four' };

/** Lemon juice as far as the acid is best, and then powder: for what is short of both. */
function lemonAndPowder(kitchen: Kitchen, replan: Replan): Fix[] {
  const { addParts, potKg, method } = kitchen;
  const most = juiceSteps(LEMON_PER_KG_ML * potKg);
  const lemon = (n: number) => millilitres(juiceMl(n), 'bottled lemon juice');
  const sour = (n: number) => (replan({ add: [lineOf(lemon(n))], method }, 0)?.pH ?? 0) <= BEST_PH;
  const steps = leastSteps(most, sour) ?? most;
  if (steps < 1) return [];
  const share = juiceMl(steps) / (LEMON_PER_KG_ML * potKg);
  return [
    {
      ...addParts(
        (n) => [lemon(steps), usualPowder(kitchen, n)],
        powderSteps(POWDER_PER_KG_G * potKg * Math.min(1, MOST_OF_BOTH - share)),
        message('advice.helpThePectinSetAnd'),
      ),
      isTwo: true,
    },
  ];
}

/** The same batch boiled down to a jam's solids instead of by the clock. */
const longBoilInstead = (): Fix => ({
  change: () => ({ method: 'long-boil' }),
  act: () => message('advice.useTheLongBoilMethod'),
  why: message('advice.itTakesLongerAndMakes'),
  most: 1,
});

/** A gel that sets on calcium: the sugar is then free. */
function calciumInstead(kitchen: Kitchen): Fix[] {
  if (!kitchen.offers('low-methoxyl')) return [];
  const drop = kitchen.indexesOf((_, kind) => kind === 'pectin');
  const instead =
    drop.length === 0 ? '' : message('advice.inPlaceOfThe', { names: kitchen.names(drop) });
  const pectin = (n: number) => powder(kitchen, n, 'low-sugar pectin', 'low-sugar-pectin');
  return [
    {
      change: (n) => ({ drop, add: [lineOf(pectin(n))], method: 'low-methoxyl' }),
      act: (n) =>
        message('advice.useTheLowMethoxylMethod', { part: partInWords(pectin(n)), instead }),
      why: message('advice.thenAnyAmountOfSugar'),
      most: powderSteps(LOW_SUGAR_PER_KG_G * kitchen.potKg),
    },
  ];
}

/** More of the same gelling sugar, or less fruit and water for it. */
function gellingSugarFixes(kitchen: Kitchen, short: ShortSide): Fix[] {
  if (short === 'acid') return [lemonJuice(kitchen, message('advice.addTheAcid'))];
  if (short !== 'sugar') return [];
  const own = kitchen.understood.find(({ ingredient }) => gellingRatioOf(ingredient) !== null);
  const name = own?.ingredient.name ?? '2:1 gelling sugar';
  return [
    kitchen.addParts(
      (n) => [grams(SUGAR_STEP_G * n, name)],
      Math.floor((1000 * kitchen.potKg) / SUGAR_STEP_G),
      message('advice.moreGellingSugar'),
    ),
    ...takenOut(kitchen),
  ];
}

function calciumGelFixes(kitchen: Kitchen, short: ShortSide): Fix[] {
  const own = kitchen.understood.find(({ ingredient }) => ingredient.gelling === 'low-methoxyl');
  const [name, id] =
    own?.ingredient.id === 'low-methoxyl-pectin'
      ? ['low-methoxyl pectin', 'low-methoxyl-pectin']
      : ['low-sugar pectin', 'low-sugar-pectin'];
  switch (short) {
    case 'pectin':
      return [
        kitchen.addParts(
          (n) => [powder(kitchen, n, name, id)],
          powderSteps(LOW_SUGAR_PER_KG_G * kitchen.potKg),
          message('advice.addTheMissingPectin'),
        ),
      ];
    case 'calcium':
      return [
        kitchen.addParts(
          (n) => [millilitres(juiceMl(n), 'calcium water')],
          juiceSteps(MOST_CALCIUM_PER_KG_ML * kitchen.potKg),
          message('advice.helpThePectinSet'),
        ),
      ];
    case 'acid':
      return [lemonJuice(kitchen, message('advice.addTheAcid'))];
    default:
      return [];
  }
}
const MOST_CALCIUM_PER_KG_ML = 100;
