/**
 * What the fit to tested formulas moved (`./kettle calibrate`), each in standard deviations of its
 * prior. A fruit's figures are moved within their published range, never past an end of it; what is
 * not named stands at its prior.
 */
export type CalibrationOffsets = { readonly [parameter: string]: number };

/**
 * A figure that the fit may move: where it stands by judgement, and the standard deviation of its
 * logarithm.
 */
export type Prior = { readonly value: number; readonly logSd: number };

/**
 * Figures that hold for every formula. Values are engineering judgement from how preservers work;
 * the deviations say how sure of them one can be before any formula is looked at.
 */
export const PRIORS = {
  'strength of the pectin of fruit that holds twice as much': { value: 1, logSd: 0.2 },
  'pectin of vegetables that gels with sugar, over what is tabled': { value: 0.4, logSd: 0.3 },
  'pectin that boiling whole fruit frees, over what is tabled': { value: 1, logSd: 0.2 },
  'pectin into the juice of hard fruit': { value: 0.75, logSd: 0.12 },
  'pectin into the juice of soft fruit': { value: 0.65, logSd: 0.25 },
  'pectin need at 50 % solids': { value: 4, logSd: 0.05 },
  'pectin need at 55 % solids': { value: 1.9, logSd: 0.05 },
  'pectin need at 60 % solids': { value: 1.25, logSd: 0.06 },
  'pectin need at 68 % solids': { value: 0.9, logSd: 0.05 },
  'solubles that a gram of added pectin needs': { value: 60, logSd: 0.1 },
  'pectin need at pH 2.8': { value: 1.05, logSd: 0.05 },
  'pectin need at pH 3.4': { value: 1.35, logSd: 0.1 },
  'pectin need at pH 3.6, over that at 3.4': { value: 1.85, logSd: 0.25 },
  'pectin need at pH 4, over that at 3.6': { value: 3.2, logSd: 0.25 },
  'wear of pectin, a minute at 104 °C and pH 3.1': { value: 0.007, logSd: 0.4 },
} as const satisfies { readonly [id: string]: Prior };

/** A figure that the fit may move, other than those of one fruit. */
export type PriorId = keyof typeof PRIORS;

export const PRIOR_IDS = Object.keys(PRIORS) as readonly PriorId[];

export const CALIBRATION_OFFSETS: CalibrationOffsets = {
  'strength of the pectin of fruit that holds twice as much': 1.23,
  'pectin that boiling whole fruit frees, over what is tabled': 1.3,
  'pectin into the juice of hard fruit': 1.23,
  'pectin into the juice of soft fruit': 0.76,
  'pectin need at 50 % solids': 0.09,
  'pectin need at 55 % solids': -0.39,
  'pectin need at 60 % solids': -0.35,
  'pectin need at pH 2.8': -0.66,
  'pectin need at pH 3.4': -0.26,
  'pectin need at pH 3.6, over that at 3.4': -0.62,
  'wear of pectin, a minute at 104 °C and pH 3.1': -0.31,
  'pectin of blackberry': 0.41,
  'acid of blackberry': 0.31,
  'pectin of raspberry': 0.99,
  'pectin of apricot': 0.14,
  'acid of apricot': 0.22,
  'acid of strawberry': -0.25,
  'pectin of apple': 0.13,
  'acid of apple': 0.05,
  'pectin of crab-apple': 0.72,
  'pectin of cranberry': 1.08,
  'pectin of seville-orange': -0.99,
  'acid of seville-orange': 0.05,
  'pectin of fox-grape': 0.11,
  'pectin of redcurrant': 1.11,
  'acid of redcurrant': -0.1,
  'pectin of peach': 0.42,
  'acid of peach': 0.71,
  'pectin of fig': -0.03,
  'pectin of wild-blackberry': 0.28,
  'acid of wild-blackberry': 0.17,
  'pectin of rhubarb': 0.48,
  'pectin of grapefruit': 0.25,
  'pectin of lemon': 0.24,
  'pectin of orange': 0.32,
  'pectin of elderberry': 0.09,
  'acid of elderberry': 0.81,
};

/** A figure that holds for every formula, where the fit put it. */
export const calibrated = (id: PriorId, moves: CalibrationOffsets = CALIBRATION_OFFSETS): number =>
  PRIORS[id].value * Math.exp((moves[id] ?? 0) * PRIORS[id].logSd);

/** Fruit that holds so much pectin has it at the strength of the tables, g per 100 g. */
const USUAL_PECTIN_PCT = 0.6;

/**
 * How strong the pectin of a fruit is that holds `pectinPct` of it, over what is tabled: fruit rich
 * in it, as apples and currants are, tends to have longer chains than fruit that is poor. It is no
 * stronger beyond twice the usual, nor weaker below half.
 */
export const pectinStrength = (
  pectinPct: number,
  moves: CalibrationOffsets = CALIBRATION_OFFSETS,
): number =>
  calibrated('strength of the pectin of fruit that holds twice as much', moves) **
  Math.max(-1, Math.min(1, Math.log2(pectinPct / USUAL_PECTIN_PCT)));

/**
 * Their pectin is mostly low in methoxyl by nature: it gels with calcium, and hardly with sugar;
 * common practice, judgement.
 */
const VEGETABLES: ReadonlySet<string> = new Set([
  'sweet-pepper', 'chilli', 'carrot', 'beetroot', 'onion', 'shallot', 'pumpkin', 'squash', 'courgette', 'sweet-potato',
]); // prettier-ignore

/** Whether a row of the ingredient table is moved with the vegetables. */
export const isVegetable = (fruit: string): boolean => VEGETABLES.has(fruit);

/** The names under which a fruit's own figures are moved. */
export const pectinOffset = (fruit: string): string => `pectin of ${fruit}`;
/** The name under which a fruit’s acid is moved. */
export const acidOffset = (fruit: string): string => `acid of ${fruit}`;

/**
 * A published range is taken to hold nine fruits in ten: this many standard deviations from end to
 * end.
 */
const DEVIATIONS_IN_RANGE = 3.29;

type Ends = { readonly low: number; readonly high: number };

/** Standard deviation of the logarithm of a figure with this published range. */
export const logDeviation = ({ low, high }: Ends): number =>
  Math.log(high / low) / DEVIATIONS_IN_RANGE;

/** Standard deviation of a figure with this published range. */
export const deviation = ({ low, high }: Ends): number => (high - low) / DEVIATIONS_IN_RANGE;
