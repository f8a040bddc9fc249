import { BURNER_POWER_W } from '../boil/index.ts';
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
  /** Heat that the burner puts into the pot, kW. */
  readonly netPowerKw: number;
  readonly targetSolublesPct: number;
  readonly jars: readonly JarSize[];
  readonly school: School;
  readonly canner: Canner;
  readonly seed: number;
  readonly draws: number;
};

export const USUAL_JARS: readonly JarSize[] = [{ name: 'half-pint', volumeMl: 237, count: null }];

/** Enough for p10 and p90 to stand still to half a per cent, and quick enough to follow the typing. */
export const USUAL_DRAWS = 2000;

/** A medium kitchen burner; common practice. */
export const USUAL_POWER_KW = BURNER_POWER_W.medium / 1000;
