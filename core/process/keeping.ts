import { message, type Text } from '@idle-kettle/words/message';
import type { Product } from '../method/index.ts';
import { fromMemory } from '../quantity/index.ts';

export const KEEPING_PROVENANCE = fromMemory(
  'extension pages: spreads 12 months for best quality, curds 3–4; in the fridge, never processed, cooked spreads of acid fruit at 60 % solids and more up to 3 months, curds 4 weeks, all else 3 weeks; frozen a year; opened a month, low sugar less, curds a week',
);

/** Where filled jars belong. */
export const STORAGES = ['pantry', 'fridge', 'freezer'] as const;
/** One of {@link STORAGES}. */
export type Storage = (typeof STORAGES)[number];

/**
 * Where the jars of a batch belong by our rules; `by-source` where only the formula that the cook
 * names puts them on a shelf.
 */
export type Verdict = Storage | 'by-source';

/** Whether jars of a verdict are processed, and stand on a shelf. */
export const isProcessed = (verdict: Verdict): verdict is 'pantry' | 'by-source' =>
  verdict === 'pantry' || verdict === 'by-source';

/** How long something keeps: whole months, or whole weeks. */
export type Span = { readonly months: number } | { readonly weeks: number };

/**
 * Soluble solids from which a cooked spread of acid fruit keeps for months in a fridge, g per 100
 * g.
 */
const KEEPS_WELL_PCT = 60;
/** Soluble solids below which an open jar keeps less long, g per 100 g. */
const LOW_SUGAR_PCT = 55;

/** What keeping goes by. */
export type KeepingCase = {
  readonly product: Product;
  /** Soluble solids at the stop, g per 100 g. */
  readonly solublesPct: number;
  /** Whether nothing in the pot stands against the pantry: a cooked spread of acid fruit. */
  readonly isAcid: boolean;
};

/** How long an unopened jar keeps, counted from the day it was filled, by where it is kept. */
const KEEPS: { readonly [place in Storage]: (batch: KeepingCase) => Span } = {
  pantry: ({ product }) => ({ months: product === 'curd' ? 3 : 12 }),
  fridge: ({ product, solublesPct, isAcid }) =>
    product === 'curd'
      ? { weeks: 4 }
      : isAcid && solublesPct >= KEEPS_WELL_PCT
        ? { months: 3 }
        : { weeks: 3 },
  freezer: () => ({ months: 12 }),
};

/** How long a batch keeps, unopened and opened. */
export type Keeping = {
  /** Best quality unopened where the verdict says, months; a week counts as a quarter. */
  readonly unopenedMonths: number;
  /** The same by every place where a jar of it may be. */
  readonly unopened: { readonly [place in Storage]: Span };
  readonly openedWeeks: { readonly low: number; readonly high: number };
  readonly text: Text;
};

/** A span in months, a week as a quarter of one. */
export const monthsOf = (span: Span): number => ('months' in span ? span.months : span.weeks / 4);

/** How long a jar keeps where the verdict says, and once it is open. */
export function keepingOf(batch: KeepingCase, verdict: Verdict): Keeping {
  const place = isProcessed(verdict) ? 'pantry' : verdict;
  const unopened = {
    pantry: KEEPS.pantry(batch),
    fridge: KEEPS.fridge(batch),
    freezer: KEEPS.freezer(batch),
  };
  const openedWeeks = openedOf(batch);
  const { low, high } = openedWeeks;
  return {
    unopenedMonths: monthsOf(unopened[place]),
    unopened,
    openedWeeks,
    text: message('process.unopenedOpened', {
      unopened: message(UNOPENED[place], { span: spanInWords(unopened[place]) }),
      opened:
        low === high
          ? message('process.weeks', { count: high })
          : message('process.lowToHighWeeks', { low, high }),
    }),
  };
}

const openedOf = ({ product, solublesPct }: KeepingCase) =>
  product === 'curd'
    ? { low: 1, high: 1 }
    : solublesPct < LOW_SUGAR_PCT
      ? { low: 2, high: 3 }
      : { low: 4, high: 4 };

/** `12 months`, `3 weeks`. */
export const spanInWords = (span: Span): Text =>
  'months' in span
    ? message('process.months', { count: span.months })
    : message('process.weeks', { count: span.weeks });

const UNOPENED = {
  pantry: 'process.unopenedInAPantry',
  fridge: 'process.unopenedInAFridge',
  freezer: 'process.unopenedInAFreezer',
} as const;
