import { type Text, message } from '@idle-kettle/words/message';
import { USUAL_TARGET_PCT } from '../boil/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { GELLING_SUGAR_MIN, gellingRatioOf, type SetModel } from '../gel/index.ts';
import type { Method } from './method.ts';
import { PRODUCTS, type Product } from './products.ts';

/** By what a cook ends: a thermometer, a clock, the body of a butter, or the thickening of egg. */
export type StopKind = 'temperature' | 'timed-boil' | 'body' | 'egg';

/** What a method is called, what gels, and what ends it. */
export type MethodFacts = {
  readonly name: string;
  readonly setModel: SetModel;
  readonly stopKind: StopKind;
  /** Minutes at a full rolling boil, for methods that stop by the clock; null for the others. */
  readonly boilMin: number | null;
  /** In which order things go in, and what the method does not forgive; common practice. */
  readonly rule: Text;
};

export const METHODS: { readonly [method in Method]: MethodFacts } = {
  'long-boil': {
    name: 'long boil',
    setModel: 'high-methoxyl',
    stopKind: 'temperature',
    boilMin: null,
    rule: message('method.dissolveTheSugarOverLow'),
  },
  'powdered-pectin': {
    name: 'powdered pectin',
    setModel: 'high-methoxyl',
    stopKind: 'timed-boil',
    boilMin: 1,
    rule: message('method.powderIntoTheColdFruit'),
  },
  'liquid-pectin': {
    name: 'liquid pectin',
    setModel: 'high-methoxyl',
    stopKind: 'timed-boil',
    boilMin: 1,
    rule: message('method.fruitAndAllTheSugar'),
  },
  'low-methoxyl': {
    name: 'low-methoxyl pectin',
    setModel: 'low-methoxyl',
    stopKind: 'timed-boil',
    boilMin: 1.5,
    rule: message('method.calciumWaterInTheFruit'),
  },
  'gelling-sugar': {
    name: 'gelling sugar',
    setModel: 'gelling-sugar',
    stopKind: 'timed-boil',
    boilMin: GELLING_SUGAR_MIN.usual,
    rule: message('method.fruitAndGellingSugarIn'),
  },
  reduce: {
    name: 'reducing',
    setModel: 'body',
    stopKind: 'body',
    boilMin: null,
    rule: message('method.cookToASaucePur'),
  },
  egg: {
    name: 'egg',
    setModel: 'egg',
    stopKind: 'egg',
    boilMin: null,
    rule: message('method.whiskOverGentleHeatTo'),
  },
};

export const METHOD_IDS = Object.keys(METHODS) as readonly Method[];

/** A curd is done here, °C; common practice. */
export const CURD_DONE_C = 77;

/** A jellied sauce stands at fewer solids than a jam; common practice. */
export const SAUCE_PCT = 60;

const has = (lines: readonly UnderstoodLine[], test: (line: UnderstoodLine) => boolean): boolean =>
  lines.some(test);

/** Whether a line sweetens with sugars that gel with pectin: a substitute does not. */
export const isSugar = ({ ingredient }: UnderstoodLine): boolean =>
  ingredient.kind === 'sweetener' && ingredient.make.sugarsPct.typical > 0;

/**
 * Soluble solids that a gel is boiled to where none are asked for, g per 100 g of the whole mass; a
 * butter goes by its body.
 */
export const usualTargetPct = (product: Product): number =>
  product === 'sauce' ? SAUCE_PCT : USUAL_TARGET_PCT;

/** A method, and why it was chosen. */
export type MethodChoice = { readonly method: Method; readonly reason: Text };

/** The method that the lines call for, and why. */
export function chooseMethod(product: Product, lines: readonly UnderstoodLine[]): MethodChoice {
  const { methods, name } = PRODUCTS[product];
  const chosen = (method: Method, reason: Text) => ({
    method,
    reason: message('method.chosen', { reason }),
  });
  if (methods.length === 1) {
    const { setModel } = METHODS[methods[0]];
    return chosen(
      methods[0],
      setModel === 'egg'
        ? message('method.aCurdThickensOnIts')
        : message('method.aIsCookedDownUntil', { name }),
    );
  }
  const holds = (test: (line: UnderstoodLine) => boolean) => has(lines, test);
  if (
    holds(({ ingredient }) => ingredient.kind === 'pectin' && ingredient.gelling === 'low-methoxyl')
  )
    return chosen('low-methoxyl', message('method.thePectinInItSets'));
  if (holds(({ ingredient }) => ingredient.id === 'liquid-pectin'))
    return chosen('liquid-pectin', message('method.thereIsLiquidPectinIn'));
  if (holds(({ ingredient }) => ingredient.kind === 'pectin'))
    return chosen('powdered-pectin', message('method.thereIsPowderedPectinIn'));
  if (holds(({ ingredient }) => gellingRatioOf(ingredient) !== null))
    return chosen('gelling-sugar', message('method.thePectinComesWithThe'));
  return chosen(
    'long-boil',
    message('method.andSugarWithoutAddedPectin', { base: PRODUCTS[product].base }),
  );
}

/** Why a product cannot be made by a method; null when it can. */
export function methodFault(product: Product, method: Method): Text | null {
  const { methods, name } = PRODUCTS[product];
  if (methods.includes(method)) return null;
  return message('method.aIsNotMadeBy', {
    name,
    name2: METHODS[method].name,
    methods: methods.join(', '),
  });
}
