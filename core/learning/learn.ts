import type { LearnedFigure } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import type { CookRecord } from './cookRecord.ts';
import { evidenceOf } from './evidence.ts';
import { estimateOf, powerOf, quantityOf, type Estimated, type KeptEvidence } from './estimate.ts';

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
export type LearnedOfCooks = {
  readonly burners: readonly LearnedBurner[];
  /** What the thermometer adds to the truth, K. */
  readonly thermometerOffsetC: LearnedFigure;
  /** Skimmings, and what clings to pot and spoon, as a share of the batch. */
  readonly lossShare: LearnedFigure;
  /** What reaches the jars over what is foretold. */
  readonly yieldBias: LearnedFigure;
  /** How long a cook takes over what is foretold of it on its burner. */
  readonly minutesBias: LearnedFigure;
  /** Places of the cooks that say what none of the others bears out, and count for nothing. */
  readonly setAside: readonly number[];
};

/** A burner before anything was learned of it. */
export type TaughtBurner = { readonly id: string; readonly powerW: number };

/**
 * What a kitchen's cooks tell of it, in the order they were cooked: each quantity from all that say
 * something of it, shrunk to what is usual by how little that is.
 * @param burners of the kitchen; one that no cook stood on has what is usual
 */
export function learn(
  burners: readonly TaughtBurner[],
  records: readonly CookRecord[],
): LearnedOfCooks {
  const kept = records.map((record): KeptEvidence => ({
    burner: record.burner,
    evidence: evidenceOf(record),
  }));
  const flames = burners.map((burner) => ({
    burner,
    told: estimateOf(powerOf(burner), kept),
  }));
  const of = (what: 'thermometer' | 'loss' | 'yield' | 'minutes') =>
    estimateOf(quantityOf(what), kept);
  const [offset, loss, bias, minutes] = [of('thermometer'), of('loss'), of('yield'), of('minutes')];
  return {
    burners: flames.map(({ burner: { id }, told }) => ({
      id,
      netPowerW: told.figure,
      batches: told.batches,
      changedAt: told.changedAt,
    })),
    thermometerOffsetC: figure(offset),
    lossShare: figure(loss),
    yieldBias: figure(bias),
    minutesBias: figure(minutes),
    setAside: [
      ...new Set(
        [...flames.map(({ told }) => told), offset, loss, bias].flatMap((one) => one.setAside),
      ),
    ].toSorted((a, b) => a - b),
  };
}

const figure = ({ figure: quantiles, batches }: Estimated): LearnedFigure => ({
  ...quantiles,
  batches,
});
