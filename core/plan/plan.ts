import type { ToConfirm } from '../parser/index.ts';
import type { Caution, Diagnosis, Remedy } from '../advice/index.ts';
import type { PretreatmentKind, Clot } from '../pretreatment/index.ts';
import type { BoilOver } from '../boil/index.ts';
import type { CloudPoint, Contributor } from '../forecast/index.ts';
import type { Definition, SpoonNutrition } from '../label/index.ts';
import type { Form, FruitState } from '../ingredients/index.ts';
import type { Act, Addition, Takes } from '../chain/index.ts';
import type { Method, Product, StopKind } from '../method/index.ts';
import type { Range, Quantiles } from '../quantity/index.ts';
import type { Keeping, StorageVerdict } from '../process/index.ts';
import type { Change } from '../evaluate/index.ts';
import type { CannerHeat } from './cannerHeat.ts';
import type { Gauge } from './gauge.ts';
import type { LearnedOfPlan } from './learnedOfPlan.ts';
import type { InWords, Text } from '@idle-kettle/words/message';

/** One line of the formula as the plan used it. */
export type PlanLine = {
  readonly text: string;
  readonly understood: boolean;
  readonly ingredient?: string;
  readonly name?: string;
  /** As the cook named it, where that is another name than the row's. */
  readonly called?: string;
  readonly form?: Form;
  readonly state?: FruitState;
  /** 0 (green) to 1 (over-ripe), where the line says. */
  readonly ripeness?: number;
  readonly massG?: number;
  /** What it weighs as bought, g, where that is what the line says. */
  readonly boughtG?: number;
  /** Least and most that the words may stand for; absent for what was weighed. */
  readonly massRangeG?: { readonly low: number; readonly high: number };
  /** What was taken for granted. */
  readonly assumed?: Text;
  /** Words that were guessed, to be confirmed before the line may open the pantry. */
  readonly toConfirm?: ToConfirm;
  /** What was not understood, and what would mend it. */
  readonly trouble?: Text;
  /** The words that were not understood. */
  readonly words?: readonly string[];
  /** What may be meant instead, likeliest first: each is one line or more. */
  readonly offers?: readonly (readonly string[])[];
  /** A name that the kitchen could be taught. */
  readonly unknownName?: string;
};

/** What a batch holds, by layers, g. */
export type Layers = {
  readonly waterG: number;
  readonly sugarsG: number;
  readonly otherSolublesG: number;
  readonly insolublesG: number;
  readonly fatG: number;
  readonly eggSolidsG: number;
};

/** Where a figure comes from, in words a cook can follow. */
export type Why = {
  readonly stop: Text;
  readonly yield?: Text;
  readonly label?: Text;
  readonly minutes?: Text;
  readonly set?: Text;
  readonly spoon?: Text;
  readonly process: Text;
};

/** Something that a cook could do to narrow a range, and by how much. */
export type Narrowing = {
  readonly id: 'weigh' | 'thermometer' | 'burner';
  readonly figure: 'jars' | 'minutes';
  /** By what share the range narrows, 0 to 1. */
  readonly share: number;
  /** `Weigh the fruit: 7–9 becomes 8 jars.` */
  readonly text: Text;
};

/**
 * Everything that can be told about a batch before the kettle is lit. Masses in g, volumes in mL,
 * temperatures in °C unless the key says °F, shares in g per 100 g. Parts that need fruit and
 * sugar on the lines are absent until there are some.
 */
export type Plan = {
  readonly lines: readonly PlanLine[];
  /** What is done first, and what it gives; absent where nothing is. */
  readonly before?: {
    readonly kind: PretreatmentKind;
    readonly lines: readonly PlanLine[];
    /** Water that goes in besides the lines, g. */
    readonly waterG: number;
    readonly hours: number;
    /** What it gives: a forecast until it is measured. Least, typical and most. */
    readonly obtained: {
      readonly massG: Range;
      readonly volumeMl: Range;
      readonly measured: boolean;
    };
    /** What goes into the pot of it, by ingredient. */
    readonly gives: readonly {
      readonly name: string;
      readonly massG: number;
      readonly solublesPct: number;
      readonly pectinPct: number;
      readonly pH: number | null;
    }[];
    /** How juice is expected to clot in spirit; absent for what is no juice of fruit. */
    readonly clot?: Clot;
  };
  /** Jars that are emptied into the pot, and what went into them once; absent for none. */
  readonly remake?: {
    readonly problem: 'loose' | 'stiff';
    readonly volumeMl: number;
    readonly massG: number;
    readonly solublesPct: number;
    readonly lines: readonly PlanLine[];
  };
  readonly product: Product;
  readonly method: Method;
  readonly methodReason: Text;
  readonly start?: {
    readonly massG: number;
    readonly solublesPct: number;
    readonly layers: Layers;
    /** Absent where nothing in the batch is sour. */
    readonly pH?: Quantiles;
  };
  readonly finish?: {
    readonly massG: Quantiles;
    readonly solublesPct: number;
    readonly syrupBrix: number;
    readonly steamG: number;
    /** Absent where nothing in the batch is sour. */
    readonly pH?: Quantiles;
    /**
     * g of 150-grade pectin per 100 g, after what boiling wears away; absent when the cook cannot
     * be followed.
     */
    readonly pectinPct?: number;
    /** Sucrose that has inverted, %; absent when the cook cannot be followed. */
    readonly invertPct?: number;
    readonly fruitPer100g: number;
    readonly sugarsPer100g: number;
    readonly layers: Layers;
  };
  readonly stop: {
    readonly kind: StopKind;
    /** Minutes at a full rolling boil, where the clock decides; null where it does not. */
    readonly boilMin: number | null;
    readonly waterBoilsC: number;
    readonly waterBoilsF: number;
    readonly ruleTempC: number;
    readonly ruleTempF: number;
    /** How warm this recipe is when it is done; absent until there is a recipe. */
    readonly tempC?: number;
    readonly tempF?: number;
    readonly aboveWaterC?: number;
  };
  /** From cold to the stop on this burner; absent when the burner cannot get there. */
  readonly minutes?: Quantiles;
  /** Minutes with the lid on and off, where it cooks for hours; absent on a burner. */
  readonly lid?: { readonly onMin: number; readonly offMin: number };
  /** Absent where nothing in the batch is sour, or the cook cannot be followed. */
  readonly set?: Diagnosis & {
    /**
     * The least changes that mend the short side, each planned again to prove it; empty when none
     * is short.
     */
    readonly remedies: readonly Remedy[];
    /**
     * Where something is short and nothing sensible mends it: what it would take, and what to make
     * instead.
     */
    readonly beyond?: Text;
  };
  readonly yield?: {
    readonly volumeMl: Quantiles;
    readonly jars: readonly { readonly name: string; readonly count: number }[];
    readonly partMl: number;
    /**
     * Full jars of each size in a poor and in a good outcome, those that neither fills left out.
     */
    readonly sizes: readonly {
      readonly name: string;
      readonly poor: number;
      readonly good: number;
    }[];
    /** Full jars in a poor, a middling and a good outcome. */
    readonly fullJars: Quantiles;
    /** Jars to heat: one more than the good outcome fills. */
    readonly jarsToHeat: number;
  };
  /** The four sides of the batch, those that can be told; absent until there is a recipe. */
  readonly gauges?: readonly Gauge[];
  /** How the pot behaves; absent until there is a recipe. */
  readonly pot?: {
    /** Absent where no pot is given, or nothing foams. */
    readonly boilOver?: BoilOver;
    /**
     * How much of it the raw batch takes, 1 for the brim; told where it never boils hard, and is
     * more than fits under a lid.
     */
    readonly overfull?: number;
    /** 1 for a jam at its stop on a medium burner. */
    readonly scorchIndex: { readonly start: number; readonly finish: number };
    /** Minutes it may be left unstirred at the start and at the end; 0 is constantly. */
    readonly stirEveryMin: { readonly start: number; readonly finish: number };
  };
  /** Minutes that the canner heats: from cold until jars may go in, and from there to the boil. */
  readonly canner?: CannerHeat;
  /**
   * The chain of acts, from the fruit to the shelf: what, how long, who, on what. Their words are
   * beside the interface.
   */
  readonly acts: readonly PlanAct[];
  /** What a label prints; absent until there is a recipe. */
  readonly label?: {
    readonly statement: Text;
    readonly definitions: readonly Definition[];
    readonly spoon: SpoonNutrition;
  };
  readonly keeping: Keeping;
  /** What the spread of the jars comes from, the biggest first. */
  readonly contributors: readonly Contributor[];
  /** The same for the other figures. */
  readonly contributorsTo: {
    readonly minutes: readonly Contributor[];
    readonly set: readonly Contributor[];
  };
  /** What would narrow the ranges of jars and minutes, the most first. */
  readonly narrowing: readonly Narrowing[];
  /** What of it was learned from the kitchen's cooks; absent where nothing was. */
  readonly learned?: readonly LearnedOfPlan[];
  /** Some of the imagined batches, for the gel map. */
  readonly cloud: readonly CloudPoint[];
  readonly shelf: Pick<StorageVerdict, 'verdict' | 'months' | 'reasons'> & {
    /** The lines that stand against the pantry, by their place in `lines`, each with its reason. */
    readonly decides: readonly { readonly line: number; readonly text: Text }[];
    /**
     * Other products that the same lines would be for the pantry as; absent where there are none,
     * or it is open.
     */
    readonly as?: readonly Product[];
    /**
     * What would open it, planned again to prove it; absent where there is no safe way, or it is
     * open.
     */
    readonly way?: { readonly text: Text; readonly change: Change };
  };
  readonly process: {
    readonly method: 'boiling-water' | 'steam' | 'none';
    /** Null for a named formula whose own minutes were not given: they are printed in it. */
    readonly minutes: number | null;
    readonly presterilise: boolean;
    readonly headspaceMm: number;
    readonly notes: readonly Text[];
  };
  readonly cautions: readonly Caution[];
  readonly why: Why;
};

/** An act of the chain as a plan tells it; minutes are null where nothing tells them. */
export type PlanAct = Omit<Act, 'ahead' | 'adds' | 'takes'> & {
  readonly by: Takes['by'];
  readonly minutes: Quantiles | null;
  readonly adds: Pick<Addition, 'id' | 'massG'> | null;
};

/** A plan whose messages are put into words. */
export type PlanInWords = InWords<Plan>;

/** Something wrong with a request: which field, and what would be right. */
export type Fault = { readonly field: string; readonly message: Text };

/** A plan, or every fault of its request with the field. */
export type PlanOutcome =
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly faults: readonly Fault[] };
