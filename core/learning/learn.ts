import type { LearnedFigure } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import type { CookRecord } from './cookRecord.ts';
import { evidenceOf } from './evidence.ts';
import { estimateOf, figureOf, quantitiesOf } from './estimate.ts';
import type { KeptEvidence, QuantityId, TaughtBurner } from './quantities.ts';

/** A burner as its cooks tell it. */
export type LearnedBurner = {
  readonly id: string;
  /** Heat that goes into the pot at the boil, W. */
  readonly netPowerW: Quantiles;
  readonly batches: number;
  /** Place of the first cook after it changed for good; null where it did not. */
  readonly changedAt: number | null;
};

/** What one pot takes up of a burner, as the cooks in it tell. */
export type LearnedPot = {
  readonly burner: string;
  readonly id: string;
  readonly netPowerW: Quantiles;
  readonly batches: number;
};

/** What is told of a method or of a fruit. */
export type LearnedThing = LearnedFigure & { readonly id: string };

/** What the cooks of a kitchen tell of it, the last of them last. */
export type LearnedOfCooks = {
  readonly burners: readonly LearnedBurner[];
  /** Where cooks stood on one burner in several pots. */
  readonly pots: readonly LearnedPot[];
  /** What the thermometer adds to the truth, K. */
  readonly thermometerOffsetC: LearnedFigure;
  /** Skimmings, and what clings to pot and spoon, as a share of the batch. */
  readonly lossShare: LearnedFigure;
  /** What reaches the jars over what is foretold. */
  readonly yieldBias: LearnedFigure;
  /** How long a cook takes over what is foretold of it on its burner. */
  readonly minutesBias: LearnedFigure;
  /** How firmly each method sets over what is foretold. */
  readonly setBias: readonly LearnedThing[];
  /** What a cup of fruit weighs over the table. */
  readonly cupTimes: LearnedFigure;
  /** Soluble solids of each fruit over the table. */
  readonly fruitSolids: readonly LearnedThing[];
  /** Places of the cooks that say what none of the others bears out, and count for nothing. */
  readonly setAside: readonly number[];
};

/** What says nothing against a cook: the minutes of its hands, and fruit that differs. */
const NEVER_SET_ASIDE: ReadonlySet<QuantityId> = new Set(['minutes', 'pot', 'set', 'solids']);

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
    pot: record.pot,
    evidence: evidenceOf(record),
  }));
  const told = quantitiesOf(burners, kept).map((quantity) => ({
    ...quantity,
    ...estimateOf(quantity, kept),
  }));
  const all = (what: QuantityId) => told.filter(({ id }) => id === what);
  const one = (what: QuantityId): LearnedFigure => {
    const [found] = all(what);
    if (found === undefined) throw new TypeError(what);
    return figureOf(found);
  };
  const each = (what: QuantityId): readonly LearnedThing[] =>
    all(what).map((found) => ({ id: found.of ?? '', ...figureOf(found) }));
  return {
    burners: all('power').map(({ burner, figure, batches, changedAt }) => ({
      id: burner ?? '',
      netPowerW: figure,
      batches,
      changedAt,
    })),
    pots: all('pot').map(({ burner, of, figure, batches }) => ({
      burner: burner ?? '',
      id: of ?? '',
      netPowerW: figure,
      batches,
    })),
    thermometerOffsetC: one('thermometer'),
    lossShare: one('loss'),
    yieldBias: one('yield'),
    minutesBias: one('minutes'),
    setBias: each('set'),
    cupTimes: one('cup'),
    fruitSolids: each('solids'),
    setAside: [
      ...new Set(
        told.filter(({ id }) => !NEVER_SET_ASIDE.has(id)).flatMap(({ setAside }) => setAside),
      ),
    ].toSorted((a, b) => a - b),
  };
}
