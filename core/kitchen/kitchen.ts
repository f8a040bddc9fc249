import type { HeatId } from '../boil/index.ts';
import type { BodyStop } from '../gel/index.ts';
import type { Pot } from '../evaluate/index.ts';
import type { Learned, LearnedFigure } from '../forecast/index.ts';
import type { Method, Product } from '../method/index.ts';
import type { ParserKitchen } from '../parser/index.ts';
import type { Clot, PretreatmentKind } from '../pretreatment/index.ts';
import type { Canner, JarPreparation, Storage } from '../process/index.ts';

/** A thing of the kitchen: its id, and the name that older formulas call it by. */
type Named = { readonly id?: string; readonly name: string };

/** A pot of the kitchen, cm inside. */
export type KitchenPot = Named & Pot;

/** What a pot stands on or in. Heat that reaches the pot in kW; left out for what is usual. */
export type KitchenBurner = Named & {
  readonly heat: HeatId;
  readonly netPowerKw?: number | null;
};

/** A size of jar on hand, mL at its usual headspace; without a count there is no limit. */
export type KitchenJar = Named & {
  readonly volumeMl: number;
  readonly count?: number | null;
  readonly prefer?: boolean;
  readonly gift?: number;
};

/** What a kitchen's cooks told of it (`core/learning`); null for what none told. */
export type KitchenKnowledge = Pick<Learned, 'thermometerOffsetK' | 'yieldTimes' | 'minutesTimes'> &
  // Kitchens that were kept before these were learned are without them.
  Partial<Pick<Learned, 'setTimes' | 'cupTimes' | 'solidsTimes'>> & {
    /**
     * Heat that its burners put into the pot at the boil, W; those that no cook told of are absent.
     */
    readonly burners: readonly (KnownPower & {
      /** Into each pot, where its cooks stood on it in several. */
      readonly pots?: readonly KnownPower[];
    })[];
  };

/** Heat that goes into a pot at the boil, W. */
type KnownPower = { readonly id: string; readonly netPowerW: LearnedFigure };

/**
 * The parts of a kitchen that a plan depends on. Altitude in m, boiling water in °C as its
 * thermometer shows it; null for not known.
 */
export type PlanningKitchen = Pick<ParserKitchen, 'packs' | 'measures' | 'names'> & {
  readonly altitudeM: number | null;
  readonly waterBoilsC: number | null;
  readonly school: JarPreparation;
  readonly canner: Canner;
  /** Half-pints that it takes; null or left out for the usual. */
  readonly cannerHolds?: number | null;
  /** The first is taken where a formula names none; so of the burners. */
  readonly pots: readonly KitchenPot[];
  readonly burners: readonly KitchenBurner[];
  /** An empty list means as many half-pints as it takes. */
  readonly jars: readonly KitchenJar[];
  /** Null or left out for nothing. */
  readonly knowledge?: KitchenKnowledge | null;
};

/** A kitchen that nobody has set up: sea level, as many half-pints as it takes, a medium burner. */
export const BARE_KITCHEN: PlanningKitchen = {
  altitudeM: null,
  waterBoilsC: null,
  school: 'ten-minute',
  canner: 'boiling-water',
  pots: [],
  burners: [],
  jars: [],
  packs: [],
  measures: 'us',
  names: [],
};

/**
 * What is done before the pot, as a formula keeps it: water in mL, what it gave in mL or g, °Brix
 * of the juice.
 */
export type StoredPretreatment = {
  readonly kind: PretreatmentKind;
  readonly lines: readonly string[];
  readonly water?: number | null;
  readonly hours?: number | null;
  readonly obtained?: {
    readonly massG?: number | null;
    readonly volumeMl?: number | null;
  } | null;
  readonly brix?: number | null;
  readonly clot?: Clot | null;
};

/**
 * Jars that are emptied into the pot again, as a formula keeps it: whose they are, what they were
 * made by, and what is known of them. mL; g per 100 g.
 */
export type StoredRemake = {
  /** The cook that they are of. */
  readonly cook: string;
  readonly lines: readonly string[];
  readonly before?: StoredPretreatment | null;
  readonly method?: Method | null;
  readonly volumeMl: number;
  readonly solublesPct?: number | null;
  readonly sugarShare?: number | null;
  readonly problem: 'loose' | 'stiff';
};

/** What a formula says besides its lines; whatever is left out is as usual. */
export type Settings = {
  readonly product?: Product;
  /** Chosen by the lines where it is left out. */
  readonly method?: Method | null;
  /** Soluble solids to stop at, g per 100 g. */
  readonly targetSolublesPct?: number | null;
  readonly bodyStop?: BodyStop;
  readonly before?: StoredPretreatment | null;
  readonly remake?: StoredRemake | null;
  readonly boilMin?: number | null;
  /** Minutes with the lid on, in something slow. */
  readonly lidMin?: number | null;
  /** Where the jars are wanted; the best that is safe where it is left out. */
  readonly storeIn?: Storage | null;
  /** The recipe that it was begun from, and which version of it; no sum goes by it. */
  readonly recipe?: { readonly id: string; readonly number: number } | null;
  /** Id or name of one of the kitchen's pots; so of the burner. */
  readonly pot?: string | null;
  readonly burner?: string | null;
  /** °Brix and pH of the raw batch. */
  readonly measured?: { readonly startBrix?: number | null; readonly startPH?: number | null };
  readonly assurance?: {
    readonly testedFormula?: string | null;
    readonly source?: string | null;
    readonly minutes?: number | null;
    readonly jarMl?: number | null;
    readonly meterPH?: number | null;
  };
};

/** What a batch is made from: its lines as written, and what is said besides. */
export type Formula = { readonly lines: readonly string[]; readonly settings: Settings };
