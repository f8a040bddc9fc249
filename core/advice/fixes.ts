import { message } from '@idle-kettle/words/message';
import { scaleLine } from '../formula/index.ts';
import type { LineReading } from '../parser/index.ts';
import { METHODS } from '../method/index.ts';
import { type Boil, type Change, readingKitchen, type Evaluation } from '../evaluate/index.ts';
import { fixing, type Fix, type Kitchen } from './fixing.ts';
import { leastSteps } from './leastSteps.ts';
import { count, grams, lineOf, millilitres, partInWords } from './parts.ts';
import type { ShortSide } from './diagnosis.ts';

type Replan = (change: Change, draws: number) => Boil | null;

/** The thickest target worth boiling to, g per 100 g. */
const MOST_TARGET_PCT = 70;
const MOST_BUTTER_PCT = 60;
/** Acid at which high-methoxyl pectin links best. */
const BEST_PH = 3.2;
/**
 * Most low-sugar pectin to a kilogram in the pot: makers advise no more than 1.2 % pectin in a
 * spread.
 */
const LOW_SUGAR_PER_KG_G = 32;
/** Sugar is added by this much at a time, g. */
const SUGAR_STEP_G = 10;
/** Sugar that is added is no more than this much of what is there: more is another formula. */
const MOST_MORE_SUGAR = 0.4;
/** Fruit that is kept back is no more than this much of it. */
const MOST_TAKEN_OUT = 0.5;
const POWDER_PER_KG_G = 20;
const FRUIT_PER_KG_G = 250;
/** A pot in which so much of the pectin's power boils away is better cooked in two. */
const WORN_PECTIN = 0.8;
/** A level teaspoon of powder, g: beside lemon juice less than that is not worth fetching it. */
const LEAST_POWDER_G = 3;
/**
 * Of lemon juice and powder together no more than so much of what either may be alone: with both at
 * their most it is no jam of that fruit.
 */
const MOST_OF_BOTH = 1.6;
/**
 * Lemon juice is measured by the teaspoon, and beyond the second figure a batch wants something
 * else.
 */
const LEMON_STEP_ML = 5;
const LEMON_PER_KG_ML = 80;

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
    case 'body':
      return short === 'fruit' ? [kitchen.boilFurther(MOST_BUTTER_PCT)] : [];
    case 'egg':
      return short === 'egg'
        ? [
            kitchen.add(
              (n) => count(n, n === 1 ? 'egg yolk' : 'egg yolks'),
              1,
              12,
              message('advice.thickenIt'),
            ),
          ]
        : [];
  }
}

function sugarGelFixes(kitchen: Kitchen, short: ShortSide, replan: Replan): Fix[] {
  const timed = METHODS[kitchen.method].stopKind === 'timed-boil';
  const lemon = kitchen.add(
    (mL) => millilitres(mL, 'bottled lemon juice'),
    LEMON_STEP_ML,
    LEMON_PER_KG_ML,
    message('advice.helpThePectinSet'),
  );
  const powder = kitchen.add(
    (g) => grams(g, 'powdered pectin'),
    1,
    POWDER_PER_KG_G,
    message('advice.addThePectinTheFruit'),
  );
  const fruit = kitchen.isJelly
    ? [
        kitchen.add(
          (mL) => millilitres(mL, 'crab apple juice'),
          10,
          FRUIT_PER_KG_G,
          message('advice.addPectinAndAcid'),
        ),
      ]
    : [
        kitchen.add(
          (g) => grams(g, 'chopped under-ripe apples'),
          10,
          FRUIT_PER_KG_G,
          message('advice.addPectinAndAcid'),
        ),
        kitchen.add(
          (g) => grams(g, 'redcurrants'),
          10,
          FRUIT_PER_KG_G,
          message('advice.addPectinAndAcid'),
        ),
      ];
  const calcium = calciumInstead(kitchen);
  if (short === 'sugar') {
    return [
      ...moreSugar(kitchen),
      ...(timed ? takenOut(kitchen) : []),
      ...(timed && kitchen.offers('long-boil') ? [longBoilInstead()] : []),
      ...(timed ? [] : [kitchen.boilFurther(MOST_TARGET_PCT)]),
      ...calcium,
    ];
  }
  const both = lemonAndPowder(kitchen, lemon, replan);
  const less = timed ? takenOut(kitchen) : inTwoPots(kitchen);
  return short === 'acid'
    ? [lemon, ...both, ...fruit, powder, ...less, ...calcium]
    : [...less, powder, ...fruit, lemon, ...both, ...calcium];
}

/** More sugar, as long as it is the same formula. */
const moreSugar = ({ addParts, sugarG, potKg }: Kitchen): Fix[] => [
  {
    ...addParts(
      (n) => [grams(SUGAR_STEP_G * n, 'sugar')],
      Math.floor((sugarG === 0 ? 1000 * potKg : MOST_MORE_SUGAR * sugarG) / SUGAR_STEP_G),
      message('advice.helpThePectinSet'),
    ),
    gramsA: SUGAR_STEP_G,
  },
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

/** A large pot boiled in two, where the hours wear its pectin away. */
function inTwoPots({ boil, understood, method, request, readings }: Kitchen): Fix[] {
  const unread = understood.length !== readings.length;
  if (boil === null || unread || boil.cook.pectinLeft >= WORN_PECTIN) return [];
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
    },
  ];
}

const NUMBER_WORDS: { readonly [n: number]: string } = { 2: 'two', 3: 'three', 4: 'four' };

/** Lemon juice as far as the acid is best, and then powder: for what is short of both. */
function lemonAndPowder({ addParts, potKg, method }: Kitchen, alone: Fix, replan: Replan): Fix[] {
  const most = Math.floor((LEMON_PER_KG_ML * potKg) / LEMON_STEP_ML);
  const lemon = (n: number) => millilitres(n * LEMON_STEP_ML, 'bottled lemon juice');
  const sour = (n: number) => (replan({ add: [lineOf(lemon(n))], method }, 0)?.pH ?? 0) <= BEST_PH;
  const steps = leastSteps(most, sour) ?? most;
  // A spoon of lemon beside the powder is no other way of mending it.
  if (steps < 2) return [];
  return [
    {
      ...addParts(
        (n) => [lemon(steps), grams(LEAST_POWDER_G - 1 + n, 'powdered pectin')],
        Math.floor(POWDER_PER_KG_G * potKg * Math.min(1, MOST_OF_BOTH - steps / most)) -
          (LEAST_POWDER_G - 1),
        message('advice.helpThePectinSetAnd'),
      ),
      failing: alone,
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
  const pectin = (n: number) => grams(2 * n, 'low-sugar pectin');
  return [
    {
      change: (n) => ({ drop, add: [lineOf(pectin(n))], method: 'low-methoxyl' }),
      act: (n) =>
        message('advice.useTheLowMethoxylMethod', { part: partInWords(pectin(n)), instead }),
      why: message('advice.thenAnyAmountOfSugar'),
      most: Math.floor((LOW_SUGAR_PER_KG_G * kitchen.potKg) / 2),
    },
  ];
}

function calciumGelFixes(kitchen: Kitchen, short: ShortSide): Fix[] {
  const own = kitchen.indexesOf((id) => id === 'low-methoxyl-pectin');
  const name = own.length > 0 ? 'low-methoxyl pectin' : 'low-sugar pectin';
  switch (short) {
    case 'pectin':
      return [kitchen.add((g) => grams(g, name), 1, 30, message('advice.addTheMissingPectin'))];
    case 'calcium':
      return [
        kitchen.add(
          (mL) => millilitres(mL, 'calcium water'),
          5,
          100,
          message('advice.helpThePectinSet'),
        ),
      ];
    case 'acid':
      return [
        kitchen.add(
          (mL) => millilitres(mL, 'bottled lemon juice'),
          LEMON_STEP_ML,
          80,
          message('advice.addTheAcid'),
        ),
      ];
    default:
      return [];
  }
}
