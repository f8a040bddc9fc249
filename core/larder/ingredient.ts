import type { Provenance, Range } from '../quantity/index.ts';

/** How acid a food is before anything is added; this alone decides whether a shelf verdict is open to it. */
export type AcidClass = 'high' | 'borderline' | 'low';

/** The shape in which an ingredient fills a cup. */
export type Form =
  'whole' | 'sliced' | 'chopped' | 'crushed' | 'pureed' | 'packed' | 'liquid' | 'grains';

/** Grams in one US cup (236.6 mL) of that form. */
export type CupWeights = { readonly [form in Form]?: Range };

/**
 * What 100 g of the edible part holds, in g. Solubles are everything a refractometer reads;
 * water is the rest: 100 − solubles − insolubles.
 */
export type Make = {
  readonly solublesPct: Range;
  readonly insolublesPct: Range;
  readonly sugarsPct: Range;
  /** Share of the sugars that is sucrose; the rest counts as hexoses. */
  readonly sucroseShare: number;
};

/** Acids that make food sour. */
export type AcidId = 'citric' | 'malic' | 'tartaric' | 'acetic' | 'phosphoric';

/** How sour the edible part is. */
export type Sourness = {
  readonly pH: Range;
  /** Titratable acidity to pH 8.2, g per 100 g, reckoned as the main acid (the first of `acids`). */
  readonly taPct: Range;
  /** Shares of the acids by moles, the main one first; they add up to 1. */
  readonly acids: readonly (readonly [AcidId, number])[];
};

type Row = {
  readonly id: string;
  readonly name: string;
  /** Other words people write for it, singular and plural, lower case. */
  readonly alsoCalled: readonly string[];
  readonly make: Make;
  /** Absent for what is not sour to speak of: sugar, water. */
  readonly sour?: Sourness;
  /** Pectin that a cook gets out of it, g per 100 g, as 150-grade-equivalent. */
  readonly pectinPct: Range;
  readonly cups: CupWeights;
  /** The form meant when none is written. */
  readonly usualForm: Form;
  readonly provenance: Provenance;
  /** A caution or an explanation that belongs to this row. */
  readonly note?: string;
};

export type Fruit = Row & {
  readonly kind: 'fruit';
  readonly acidClass: AcidClass;
  /** Colour of its jam, as a CSS hex colour. */
  readonly jamColour: string;
  /** One whole piece as bought, g; absent for what nobody counts. */
  readonly pieceG?: Range;
  /** Share left after stoning, coring or peeling, 0 to 1. */
  readonly edibleShare: number;
};

/** What is not fruit, by what it does in the pot. */
export type Pantry = Row & {
  readonly kind: 'sweetener' | 'acid' | 'water' | 'juice' | 'seasoning' | 'spirit' | 'food';
  /** Why nothing that holds it may stand in the pantry; absent when it may. */
  readonly noShelf?: string;
};

export type Ingredient = Fruit | Pantry;
