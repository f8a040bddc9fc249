import type { Pretreatment } from '../pretreatment/index.ts';
import { HEAT_SOURCES, type HeatId, type HeatSource } from '../boil/index.ts';
import type { BodyStop } from '../gel/index.ts';
import {
  NOT_MEASURED,
  NOTHING_LEARNED,
  type Learned,
  type Measurements,
} from '../forecast/index.ts';
import { DEFAULT_PARSER_KITCHEN, type ParserKitchen, type WeighedLine } from '../parser/index.ts';
import type { Method, Product } from '../method/index.ts';
import {
  NO_SAFETY_EVIDENCE,
  type SafetyEvidence,
  type Canner,
  type Storage,
  type JarPreparation,
} from '../process/index.ts';
import type { JarSize } from '../yield/index.ts';

/** A pot, cm inside. */
export type Pot = { readonly diameterCm: number; readonly heightCm: number };

/** Jars that are emptied into the pot again, and what is known of them. */
export type Remake = {
  /** The formula that they were made by. */
  readonly lines: readonly (string | WeighedLine)[];
  readonly before: Pretreatment | null;
  readonly method: Method | null;
  /** What is in the jars, mL. */
  readonly volumeMl: number;
  /** Soluble solids in them, g per 100 g; null for what they should have. */
  readonly solublesPct: number | null;
  /** Share of the formula's sugar that went in. */
  readonly sugarShare: number;
  readonly problem: 'loose' | 'stiff';
};

/** What a plan is made from. `null` means not given. */
export type PlanRequest = ParserKitchen & {
  readonly product: Product;
  /** Null: chosen, and said why. */
  readonly method: Method | null;
  readonly lines: readonly (string | WeighedLine)[];
  /** What is done first, and gives what the lines then go with; null for nothing. */
  readonly before: Pretreatment | null;
  /** Jars that are emptied into the pot before the lines go in; null for none. */
  readonly remake: Remake | null;
  readonly altitudeM: number | null;
  readonly waterBoilsC: number | null;
  readonly pot: Pot | null;
  /** What the pot stands on. */
  readonly heat: HeatId;
  /** Heat that it puts into the pot, kW; null for its usual. */
  readonly netPowerKw: number | null;
  /**
   * What the kitchen's cooks told. What somebody says of burner or thermometer counts more, and
   * neither shelf nor process goes by any of it.
   */
  readonly learned: Learned;
  /** Soluble solids to stop at, g per 100 g; null for what is usual for the product. */
  readonly targetSolublesPct: number | null;
  /** How thick a butter is wanted, where no solids are asked for. */
  readonly bodyStop: BodyStop;
  /**
   * Minutes at a full rolling boil in the methods that stop by the clock; null for the method's
   * own.
   */
  readonly boilMin: number | null;
  /** Minutes with the lid on in a slow cooker or an oven; null for its usual. */
  readonly lidMin: number | null;
  readonly jars: readonly JarSize[];
  readonly school: JarPreparation;
  readonly canner: Canner;
  /** Half-pints that the canner takes; null for the usual. */
  readonly cannerHolds: number | null;
  /** Where the jars are wanted; null for the best that is safe. */
  readonly storeIn: Storage | null;
  readonly measured: Measurements;
  readonly assurance: SafetyEvidence;
  readonly seed: number;
  /**
   * How many batches are imagined for the ranges; 0 gives the typical figures alone, and no
   * remedies.
   */
  readonly draws: number;
};

export const USUAL_JARS: readonly JarSize[] = [{ name: 'half-pint', volumeMl: 237, count: null }];

/**
 * Enough for p10 and p90 to stand still to half a per cent, and quick enough to follow the typing.
 */
export const USUAL_DRAWS = 2000;

/** Everything that a request need not say. */
export const USUAL_REQUEST: Omit<PlanRequest, 'lines'> = {
  product: 'jam',
  before: null,
  remake: null,
  method: null,
  altitudeM: null,
  waterBoilsC: null,
  pot: null,
  heat: 'medium-burner',
  netPowerKw: null,
  learned: NOTHING_LEARNED,
  targetSolublesPct: null,
  bodyStop: 'mounds',
  boilMin: null,
  lidMin: null,
  jars: USUAL_JARS,
  school: 'ten-minute',
  canner: 'boiling-water',
  cannerHolds: null,
  storeIn: null,
  ...DEFAULT_PARSER_KITCHEN,
  measured: NOT_MEASURED,
  assurance: NO_SAFETY_EVIDENCE,
  seed: 1,
  draws: USUAL_DRAWS,
};

/**
 * What the pot stands on, with the power that this kitchen gives it, and the minutes that this
 * batch has its lid on.
 */
export function heatOf({ heat, netPowerKw, learned, lidMin }: PlanRequest): HeatSource {
  const source = HEAT_SOURCES[heat];
  const powerKw = netPowerKw ?? learned.netPowerKw?.p50 ?? null;
  return {
    ...source,
    ...(powerKw === null ? {} : { powerW: 1000 * powerKw }),
    ...(lidMin === null ? {} : { lidMin }),
  };
}

/**
 * What the thermometer is taken to add to the truth where it was never read in boiling water, K: as
 * its cooks told.
 */
export const learnedOffsetK = ({
  waterBoilsC,
  learned,
}: Pick<PlanRequest, 'waterBoilsC' | 'learned'>): number =>
  waterBoilsC === null ? (learned.thermometerOffsetK?.p50 ?? 0) : 0;
