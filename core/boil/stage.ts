import { type Contents } from '../formula/index.ts';

/** What ends a stage of the cook. Minutes count from the start of the stage. */
export type Until =
  | { readonly kind: 'boil' }
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'solubles'; readonly pct: number }
  | { readonly kind: 'temperature'; readonly tempC: number };

/**
 * One stretch of the cook: something may go in, cold, and then it is heated until something
 * happens.
 */
export type Stage = {
  readonly name: string;
  readonly add?: Contents;
  readonly lid?: boolean;
  /** Share of the burner's power: 1 unless given, 0 off the heat. */
  readonly flame?: number;
  /** Whether the fruit meanwhile frees as much pectin as wears away: while it softens. */
  readonly freesPectin?: boolean;
  readonly until: Until;
};

/** The kitchen and the flame that a pot is cooked with, and the stages it goes through. */
export type CookSetting = {
  readonly pressurePa: number;
  /** Heat that reaches the batch, W. */
  readonly netPowerW: number;
  readonly panDiameterCm: number;
  /** Temperature of the kitchen, of the pot before it is lit, and of what is added, °C. */
  readonly startTempC: number;
  /** [H⁺] of the batch, mol per kg of water, by grams of water left. */
  readonly hydrogenAt: (waterG: number) => number;
  /** The [H⁺] by which its sugar inverts, where a pot is known to do so otherwise than its acid says. */
  readonly inversionOf?: (hydrogen: number) => number;
  /**
   * Steam that leaves the surface below the boil, over that of a pan in still air; 1 unless given.
   */
  readonly draughtTimes?: number;
  /**
   * Heat that walls and surface lose on the flame, W per K above the kitchen; 0 unless given. The
   * net power is then what reaches the batch at the boil of water on the full flame.
   */
  readonly lossWPerK?: number;
  readonly stages: readonly Stage[];
};
