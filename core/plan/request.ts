import type { WeighedLine } from '../formula/index.ts';
import type { Canner, School } from '../process/index.ts';
import type { JarSize } from '../yield/index.ts';

export type Product = 'jam';
export type Method = 'long-boil';

export type Pot = { readonly diameterCm: number; readonly heightCm: number };

/** What a plan is made from. `null` means not given. */
export type PlanRequest = {
  readonly product: Product;
  /** Null: chosen, and said why. */
  readonly method: Method | null;
  readonly lines: readonly (string | WeighedLine)[];
  readonly altitudeM: number | null;
  readonly waterBoilsC: number | null;
  readonly pot: Pot | null;
  readonly targetSolublesPct: number;
  readonly jars: readonly JarSize[];
  readonly school: School;
  readonly canner: Canner;
  readonly seed: number;
  readonly draws: number;
};

export const USUAL_JARS: readonly JarSize[] = [{ name: 'half-pint', volumeMl: 237, count: null }];

export const USUAL_DRAWS = 10_000;
