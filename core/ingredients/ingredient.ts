import type { PlainMessageId } from '@idle-kettle/words';
import type { Provenance, Range } from '../quantity/index.ts';

/**
 * How acid a food is before anything is added; this alone decides whether a shelf verdict is open
 * to it.
 */
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
  /** What the insolubles are: cell walls and seeds, fat, or the solids of egg. */
  readonly insolublesAre: 'fibre' | 'fat' | 'egg';
};

/** How a fruit comes: what was done to it before it reached the kitchen, or to get its juice. */
export type FruitState = 'fresh' | 'frozen' | 'dried' | 'canned' | 'juice';

/** What makes a pectin gel: sugar and acid, or calcium. */
export type Gelling = 'high-methoxyl' | 'low-methoxyl';

/** Acids that make food sour. */
export type AcidId = 'citric' | 'malic' | 'tartaric' | 'acetic' | 'phosphoric';

/** How sour the edible part is. */
export type Sourness = {
  readonly pH: Range;
  /**
   * Titratable acidity to pH 8.2, g per 100 g, reckoned as the main acid (the first of `acids`).
   */
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
  /**
   * Pectin that a cook gets out of it, g per 100 g: 150-grade-equivalent where it gels with sugar,
   * as it is where it gels with calcium.
   */
  readonly pectinPct: Range;
  readonly gelling: Gelling;
  /** It was cooked before: no cook frees more of its pectin. */
  readonly pectinIsOut?: true;
  /** Calcium, mg per 100 g. */
  readonly calciumMg: Range;
  readonly cups: CupWeights;
  /** The form meant when none is written. */
  readonly usualForm: Form;
  /** One whole piece as bought, g; absent for what nobody counts. */
  readonly pieceG?: Range;
  /** Share of a piece as bought that is left after stoning, coring, peeling or shelling, 0 to 1. */
  readonly edibleShare: number;
  /** Grams in one pack or bundle, by the word for it: a box, a pouch, a stick, a bunch. */
  readonly packs?: { readonly [word: string]: number };
  readonly provenance: Provenance;
  /** A caution or an explanation that belongs to this row. */
  readonly note?: PlainMessageId;
};

/** A fruit or vegetable, in one state of it. */
export type Fruit = Row & {
  readonly kind: 'fruit';
  readonly acidClass: AcidClass;
  /** Colour of its jam, as a CSS hex colour. */
  readonly jamColour: string;
  readonly state: FruitState;
  /** A bushel as bought, kg; absent for what is not sold by it. */
  readonly bushelKg?: number;
  /** What can hurt with this fruit, said with every plan that holds it. */
  readonly cautions: readonly PlainMessageId[];
  /** Share of a piece as bought that is peel, where some cook it with the peel on. */
  readonly peelShare?: number;
};

/** What is not fruit, by what it does in the pot. */
export type OtherIngredient = Row & {
  readonly kind:
    | 'sweetener'
    | 'acid'
    | 'water'
    | 'juice'
    | 'pectin'
    | 'calcium'
    | 'seasoning'
    | 'spirit'
    | 'food';
  /** For juices that stand for fruit in a jelly. */
  readonly acidClass?: AcidClass;
  /** Prepared fruit that a gram of a gelling sugar is made for, g. */
  readonly setsFruit?: 1 | 2 | 3;
  /** A sweetener that loses its sweetness in the kettle or the canner. */
  readonly fadesInHeat?: boolean;
  /** Why nothing that holds it may stand in the pantry; absent when it may. */
  readonly noShelf?: PlainMessageId;
};

/** A row of the ingredient table. */
export type Ingredient = Fruit | OtherIngredient;
