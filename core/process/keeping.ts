import type { Product } from '../method/index.ts';
import { commonPractice } from '../quantity/index.ts';

export const KEEPING_PROVENANCE = commonPractice(
  'spreads 12 months for best quality, curds 3–4; opened 3–4 weeks in the fridge, low sugar less',
);

/** Soluble solids below which an open jar keeps less long, g per 100 g. */
const LOW_SUGAR_PCT = 55;

/** How long a batch keeps, unopened and opened. */
export type Keeping = {
  /** Best quality unopened where the verdict says, months. */
  readonly unopenedMonths: number;
  readonly openedWeeks: { readonly low: number; readonly high: number };
  readonly text: string;
};

/** How long a jar keeps on the shelf, and once it is open. */
export function keepingOf(
  product: Product,
  verdict: 'pantry' | 'fridge' | 'freezer',
  solublesPct: number,
): Keeping {
  const unopenedMonths =
    verdict === 'pantry'
      ? product === 'curd'
        ? 3
        : 12
      : verdict === 'freezer'
        ? 12
        : FRIDGE_MONTHS;
  const openedWeeks =
    product === 'curd' || solublesPct < LOW_SUGAR_PCT ? { low: 2, high: 3 } : { low: 3, high: 4 };
  const unopened = {
    pantry:
      product === 'curd'
        ? '3 to 4 months in a cool dark place'
        : 'about a year in a cool dark place',
    fridge:
      product === 'curd'
        ? 'up to 4 weeks in the fridge, or a year in the freezer'
        : 'about 3 weeks in the fridge, or a year in the freezer',
    freezer: 'a year in the freezer',
  }[verdict];
  return {
    unopenedMonths,
    openedWeeks,
    text: `Unopened ${unopened}; opened ${openedWeeks.low} to ${openedWeeks.high} weeks in the fridge. A jar that did not seal goes in the fridge, or is processed again within 24 hours with a new lid.`,
  };
}

/** Three weeks in the fridge, the cautious end of common practice. */
export const FRIDGE_MONTHS = 0.75;
