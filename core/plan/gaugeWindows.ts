import { LOW_METHOXYL_WINDOW, gellingSolidsPct } from '../gel/index.ts';
import type { Method, Product } from '../method/index.ts';

/**
 * From and to where a method works. All of these are common practice: where tested formulas of each
 * product and method stand, and makers’ windows for calcium gels and gelling sugars.
 */
export type Window = { readonly low: number; readonly high: number };

const between = (low: number, high: number): Window => ({ low, high });

type OfProduct = { readonly [product in Product]: Window };

/**
 * Fruit, g per 100 g of the finished batch, that products boiled down on their own pectin hold.
 * Peppers stand for fruit in a pepper jelly, and an infusion holds none.
 */
const FRUIT_BOILED_DOWN: OfProduct = {
  jam: between(35, 100),
  conserve: between(35, 100),
  sauce: between(50, 140),
  jelly: between(55, 130),
  marmalade: between(20, 70),
  'pepper-jelly': between(5, 60),
  'infusion-jelly': between(0, 60),
  butter: between(80, 260),
  curd: between(15, 35),
};

/** With pectin from a box or a pouch there is more sugar, and less fruit. */
const FRUIT_WITH_PECTIN: OfProduct = {
  ...FRUIT_BOILED_DOWN,
  jam: between(20, 75),
  conserve: between(20, 75),
  sauce: between(20, 90),
  jelly: between(5, 75),
  marmalade: between(20, 60),
  'pepper-jelly': between(5, 45),
};

/** A calcium gel bears little sugar, and so much fruit. */
const FRUIT_WITH_CALCIUM: OfProduct = {
  ...FRUIT_BOILED_DOWN,
  jam: between(50, 100),
  conserve: between(50, 100),
  sauce: between(50, 100),
  jelly: between(50, 100),
  marmalade: between(35, 100),
};

/** pH that sour products bear, where others weep. */
const SOUR: { readonly [product in Product]?: number } = {
  sauce: 2.3,
  marmalade: 2.2,
  'infusion-jelly': 2.4,
  'pepper-jelly': 2.6,
};

/** The windows of a batch's four sides. */
export type Windows = {
  readonly fruit: Window;
  readonly sugar: Window;
  readonly acid: Window;
  readonly pectin: Window;
};

const HIGH_METHOXYL_SETS = between(0.6, 3.3);
const SETS = between(0.75, 2);

const boiledDown = (product: Product): Windows => ({
  fruit: FRUIT_BOILED_DOWN[product],
  sugar: between(product === 'sauce' ? 55 : 60, 68),
  acid: between(SOUR[product] ?? 2.8, 3.6),
  pectin: HIGH_METHOXYL_SETS,
});

const withPectin = (product: Product): Windows => ({
  fruit: FRUIT_WITH_PECTIN[product],
  sugar: between(52, 74),
  acid: between(Math.min(2.4, SOUR[product] ?? 2.4), 3.7),
  pectin: HIGH_METHOXYL_SETS,
});

/** Solids off the figure of a gelling sugar that it bears, g per 100 g. */
const OFF_ITS_SOLIDS = { under: 5, over: 12 };
/** Fruit beyond and short of the figure of a gelling sugar that it bears, over it. */
const OFF_ITS_FRUIT = { under: 0.6, over: 1.25 };

/**
 * Where each side of a batch stands in tested formulas of its product and method.
 * @param gellingRatio fruit that the gelling sugar in it is made for, over that sugar
 */
export function windowsOf(product: Product, method: Method, gellingRatio: number): Windows {
  switch (method) {
    case 'long-boil':
      return boiledDown(product);
    case 'powdered-pectin':
    case 'liquid-pectin':
      return withPectin(product);
    case 'low-methoxyl':
      return {
        fruit: FRUIT_WITH_CALCIUM[product],
        sugar: LOW_METHOXYL_WINDOW.solublesPct,
        acid: LOW_METHOXYL_WINDOW.pH,
        pectin: SETS,
      };
    case 'gelling-sugar': {
      const solids = gellingSolidsPct(gellingRatio);
      const fruit = (100 * gellingRatio) / (gellingRatio + 1);
      return {
        fruit:
          product === 'infusion-jelly'
            ? FRUIT_BOILED_DOWN[product]
            : between(
                Math.round(OFF_ITS_FRUIT.under * fruit),
                Math.round(OFF_ITS_FRUIT.over * fruit),
              ),
        sugar: between(
          Math.round(solids - OFF_ITS_SOLIDS.under),
          Math.round(solids + OFF_ITS_SOLIDS.over),
        ),
        acid: between(2.6, 3.8),
        pectin: SETS,
      };
    }
    case 'reduce':
      return {
        fruit: FRUIT_BOILED_DOWN[product],
        sugar: between(25, 55),
        acid: between(2.8, 4.2),
        pectin: SETS,
      };
    case 'egg':
      return {
        fruit: FRUIT_BOILED_DOWN[product],
        sugar: between(30, 55),
        acid: between(2.2, 3.6),
        pectin: between(0.6, 2),
      };
  }
}
