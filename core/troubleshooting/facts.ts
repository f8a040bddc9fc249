/** What is wrong with a batch. */
export const SYMPTOMS = [
  'loose',
  'stiff',
  'weeps',
  'crystals',
  'floats',
  'cloudy',
  'scorched',
  'siphoned',
  'unsealed',
  'mould',
  'faded',
  'bubbles',
] as const;

/** One of {@link SYMPTOMS}. */
export type Symptom = (typeof SYMPTOMS)[number];

/** Facts that are figures, with the least and the most that they may be. */
export const FIGURE_FACTS = {
  /** Of the finished spread, g per 100 g. */
  solublesPct: [0, 100],
  /** As the thermometer showed it when the pot came off, °C. */
  stopTempC: [40, 140],
  /** As the same thermometer shows boiling water, °C. */
  waterBoilsC: [60, 105],
  pH: [1.5, 8],
  /** At a rolling boil, or at the boil, min. */
  boilMin: [0, 1440],
  /** From the flame to the stop, min. */
  cookMin: [0, 2880],
  /** How many times the formula was cooked at once. */
  batches: [0.1, 20],
  /** Of the tested formula’s sugar, what went in: 1 for all of it. */
  sugarShare: [0, 5],
  /** Air under the lid as it was filled, mm. */
  headspaceMm: [0, 100],
  /** In the canner with its heat off, min. */
  restMin: [0, 1440],
  /** Off the heat before it was filled, min. */
  standMin: [0, 1440],
  /** Minutes between one stir and the next. */
  stirredMin: [0, 1440],
  monthsOld: [0, 600],
  /** In boiling water or steam, min. */
  processedMin: [0, 600],
} as const;

/** Facts that are so or not. */
export const YES_NO_FACTS = [
  'boilLost',
  'retightened',
  'pressedCloth',
  'waterHard',
  'rimWiped',
  'lidNew',
  'storedWarm',
  'storedLight',
  'jarsHot',
] as const;

/** A fact that is a figure. */
export type FigureFact = keyof typeof FIGURE_FACTS;
/** A fact that is so or not. */
export type YesNoFact = (typeof YES_NO_FACTS)[number];

/** Something about a batch that a cook may know. */
export type Fact = FigureFact | YesNoFact;

/** What is known of a batch; what is left out is not known. */
export type Facts = { readonly [fact in FigureFact]?: number } & {
  readonly [fact in YesNoFact]?: boolean;
};
