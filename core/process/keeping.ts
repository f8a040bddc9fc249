import { message, type Text } from '@idle-kettle/words/message';
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
  readonly text: Text;
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
    pantry: product === 'curd' ? message('process.3To4MonthsIn') : message('process.aboutAYearInA'),
    fridge:
      product === 'curd' ? message('process.upTo4WeeksIn') : message('process.about3WeeksInThe'),
    freezer: message('process.aYearInTheFreezer'),
  }[verdict];
  return {
    unopenedMonths,
    openedWeeks,
    text: message('process.unopenedOpenedWeeksInThe', {
      unopened,
      low: openedWeeks.low,
      high: openedWeeks.high,
    }),
  };
}

/** Three weeks in the fridge, the cautious end of common practice. */
export const FRIDGE_MONTHS = 0.75;
