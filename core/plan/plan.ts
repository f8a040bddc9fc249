import type { SetClass } from '../gel/index.ts';
import type { Form } from '../larder/index.ts';
import type { Spread } from '../quantity/index.ts';
import type { ShelfVerdict } from '../process/index.ts';
import type { Method } from './request.ts';

/** One line of the formula as the plan used it. */
export type PlanLine = {
  readonly text: string;
  readonly understood: boolean;
  readonly ingredient?: string;
  readonly name?: string;
  readonly form?: Form;
  readonly massG?: number;
  /** What was taken for granted. */
  readonly assumed?: string;
  /** What was not understood, and what would mend it. */
  readonly trouble?: string;
};

export type Layers = {
  readonly waterG: number;
  readonly sugarsG: number;
  readonly otherSolublesG: number;
  readonly insolublesG: number;
};

export type Caution = {
  readonly code: string;
  /** `stop`: do not go on like this. `warn`: it will probably disappoint. `note`: worth knowing. */
  readonly level: 'stop' | 'warn' | 'note';
  readonly text: string;
};

/** Where a figure comes from, in words a cook can follow. */
export type Why = {
  readonly stop: string;
  readonly yield?: string;
  readonly label?: string;
  readonly minutes?: string;
  readonly set?: string;
  readonly process: string;
};

/** A line to add, and what the batch sets like with it. */
export type Remedy = {
  readonly text: string;
  readonly change: { readonly addLine: string };
  readonly forecast: SetClass;
};

/**
 * Everything that can be told about a batch before the kettle is lit. Masses in g, volumes in mL,
 * temperatures in °C unless the key says °F, shares in g per 100 g. Parts that need fruit and
 * sugar on the lines are absent until there are some.
 */
export type Plan = {
  readonly lines: readonly PlanLine[];
  readonly method: Method;
  readonly methodReason: string;
  readonly start?: {
    readonly massG: number;
    readonly solublesPct: number;
    readonly layers: Layers;
    /** Absent where nothing in the batch is sour. */
    readonly pH?: Spread;
  };
  readonly finish?: {
    readonly massG: Spread;
    readonly solublesPct: number;
    readonly syrupBrix: number;
    readonly steamG: number;
    /** Absent where nothing in the batch is sour. */
    readonly pH?: Spread;
    /** g of 150-grade pectin per 100 g, after what boiling wears away; absent when the cook cannot be followed. */
    readonly pectinPct?: number;
    /** Sucrose that has inverted, %; absent when the cook cannot be followed. */
    readonly invertPct?: number;
    readonly fruitPer100g: number;
    readonly sugarsPer100g: number;
    readonly layers: Layers;
  };
  readonly stop: {
    readonly kind: 'temperature';
    readonly waterBoilsC: number;
    readonly waterBoilsF: number;
    readonly ruleTempC: number;
    readonly ruleTempF: number;
    /** What this recipe's own syrup boils at when it is done; absent until there is a recipe. */
    readonly tempC?: number;
    readonly tempF?: number;
    readonly aboveWaterC?: number;
  };
  /** From cold to the stop on this burner; absent when the burner cannot get there. */
  readonly minutes?: Spread;
  /** Absent where nothing in the batch is sour, or the cook cannot be followed. */
  readonly set?: {
    readonly forecast: SetClass;
    /** Share of the imagined batches in each class. */
    readonly share: { readonly [set in SetClass]: number };
    readonly short: 'sugar' | 'acid' | 'pectin' | 'none';
    readonly text: string;
    /** The least changes that mend the short side, each planned again to prove it; empty when none is short. */
    readonly remedies: readonly Remedy[];
  };
  readonly yield?: {
    readonly volumeMl: Spread;
    readonly jars: readonly { readonly name: string; readonly count: number }[];
    readonly partMl: number;
    /** Full jars in a poor, a middling and a good outcome. */
    readonly fullJars: Spread;
    /** Jars to heat: one more than the good outcome fills. */
    readonly jarsToHeat: number;
  };
  readonly shelf: ShelfVerdict;
  readonly process: {
    readonly method: 'boiling-water' | 'steam' | 'none';
    readonly minutes: number;
    readonly presterilise: boolean;
    readonly headspaceMm: number;
    readonly notes: readonly string[];
  };
  readonly cautions: readonly Caution[];
  readonly why: Why;
};

/** Something wrong with a request: which field, and what would be right. */
export type Fault = { readonly field: string; readonly message: string };

export type PlanOutcome =
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly faults: readonly Fault[] };
