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

type Row = {
  readonly id: string;
  readonly name: string;
  /** Other words people write for it, singular and plural, lower case. */
  readonly alsoCalled: readonly string[];
  readonly make: Make;
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
};

/** `sweetener`, `acid` and `water` are the only other things a shelf-stable jam may hold so far. */
export type Pantry = Row & { readonly kind: 'sweetener' | 'acid' | 'water' };

export type Ingredient = Fruit | Pantry;

/** Water in 100 g, at the middle of the ranges. */
export const typicalWaterPct = ({ make }: Ingredient): number =>
  100 - make.solublesPct.typical - make.insolublesPct.typical;
