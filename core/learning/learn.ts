import type { Quantiles } from '../quantity/index.ts';
import { FLAME_SD, LOSS_SD, UNCHECKED_OFFSET_SD } from '../stove/index.ts';
import { SKIM_AND_CLING } from '../yield/index.ts';
import type { CookRecord } from './cookRecord.ts';
import { evidenceOf, type CookEvidence } from './evidence.ts';
import { joined, quantilesThrough, type Joined, type Level } from './joined.ts';

/** A figure that was learned, and how many cooks it rests on. */
export type LearnedFigure = Quantiles & { readonly batches: number };

/** A burner as its cooks tell it. */
export type LearnedBurner = {
  readonly id: string;
  /** Heat that goes into the pot at the boil, W. */
  readonly netPowerW: Quantiles;
  readonly batches: number;
  /** Place of the first cook after it changed for good; null where it did not. */
  readonly changedAt: number | null;
};

/** What the cooks of a kitchen tell of it, the last of them last. */
export type Learned = {
  readonly burners: readonly LearnedBurner[];
  /** What the thermometer adds to the truth, K. */
  readonly thermometerOffsetC: LearnedFigure;
  /** Skimmings, and what clings to pot and spoon, as a share of the batch. */
  readonly lossShare: LearnedFigure;
  /** What reaches the jars over what is foretold. */
  readonly yieldBias: LearnedFigure;
  /** Places of the cooks that say what none of the others bears out, and count for nothing. */
  readonly setAside: readonly number[];
};

/** A burner before anything was learned of it. */
export type TaughtBurner = { readonly id: string; readonly powerW: number };

/** How the same burner differs from cook to cook, logarithm: how far it is turned. Judgement. */
const FLAME_BETWEEN = 0.05;
const LEVELS: { readonly [of in keyof Omit<CookEvidence, 'rests'>]: Level } = {
  flame: {
    prior: { mean: 0, sd: Math.hypot(FLAME_SD.value, LOSS_SD.value) },
    between: FLAME_BETWEEN,
    common: 0.07,
  },
  offsetK: { prior: { mean: 0, sd: UNCHECKED_OFFSET_SD.value }, between: 0.15, common: 0.12 },
  lossShare: {
    prior: { mean: SKIM_AND_CLING.share.typical, sd: 0.02 },
    between: 0.01,
    common: 0.005,
  },
  yield: { prior: { mean: 0, sd: 0.1 }, between: 0.04, common: 0.01 },
};

const LEAST_LOSS = 0.002;

/**
 * What a kitchen's cooks tell of it, in the order they were cooked: each quantity from all that say
 * something of it, shrunk to what is usual by how little that is.
 * @param burners of the kitchen; one that no cook stood on has what is usual
 */
export function learn(burners: readonly TaughtBurner[], records: readonly CookRecord[]): Learned {
  const evidence = records.map(evidenceOf);
  const of = (what: keyof typeof LEVELS, counts: (index: number) => boolean = () => true) =>
    joined(
      evidence.map((one, index) => (counts(index) ? one[what] : null)),
      LEVELS[what],
    );
  const flames = burners.map(({ id, powerW }) => ({
    id,
    powerW,
    told: of('flame', (index) => records[index]?.burner === id),
  }));
  const [offset, loss, bias] = [of('offsetK'), of('lossShare'), of('yield')];
  return {
    burners: flames.map(({ id, powerW, told }) => ({
      id,
      netPowerW: quantilesThrough(told, (value) => powerW * Math.exp(value)),
      batches: told.count,
      changedAt: told.changedAt,
    })),
    thermometerOffsetC: figure(offset),
    lossShare: figure(loss, (value) => Math.max(LEAST_LOSS, value)),
    yieldBias: figure(bias, Math.exp),
    setAside: [
      ...new Set(
        [...flames.map(({ told }) => told), offset, loss, bias].flatMap((one) => one.setAside),
      ),
    ].toSorted((a, b) => a - b),
  };
}

const figure = (told: Joined, through?: (value: number) => number): LearnedFigure => ({
  ...quantilesThrough(told, through),
  batches: told.count,
});
