import type { LearnedFigure } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { joined, quantilesThrough, type Joined } from './joined.ts';
import {
  COMMON_IDS,
  powerInPot,
  powerOf,
  quantityOf,
  setBy,
  solidsIn,
  type KeptEvidence,
  type Quantity,
  type TaughtBurner,
} from './quantities.ts';

/** A quantity as its cooks tell it together. */
export type Estimated = {
  readonly figure: Quantiles;
  /** How many cooks it rests on. */
  readonly batches: number;
  /** Places of those that say what none of the others bears out. */
  readonly setAside: readonly number[];
  /** Place of the first cook after it changed for good; null where it did not. */
  readonly changedAt: number | null;
};

const joinedBy = ({ toldBy, level }: Quantity, kept: readonly KeptEvidence[]): Joined =>
  joined(
    kept.map((one) => toldBy(one)),
    level,
  );

/**
 * A quantity as its cooks tell it together, the first first.
 * @param kept what each told; those before it was forgotten are left out by whoever asks
 */
export function estimateOf(quantity: Quantity, kept: readonly KeptEvidence[]): Estimated {
  const told = joinedBy(quantity, kept);
  return {
    figure: quantilesThrough(told, quantity.through),
    batches: told.count,
    setAside: told.setAside,
    changedAt: told.changedAt,
  };
}

/** An estimate as a plan takes it. */
export const figureOf = ({ figure, batches }: Estimated): LearnedFigure => ({ ...figure, batches });

/**
 * Everything that a kitchen’s cooks may tell: the power of each burner, that of each pot where they
 * stood on it in several, what all of them tell, and how methods set and how sweet fruits are that
 * they speak of.
 */
export function quantitiesOf(
  burners: readonly TaughtBurner[],
  kept: readonly KeptEvidence[],
): readonly Quantity[] {
  return [
    ...burners.flatMap((burner) => [powerOf(burner), ...inEachPot(burner, kept)]),
    ...COMMON_IDS.map((id) => quantityOf(id)),
    ...spokenOf(kept, ({ set }) => set).map((method) => setBy(method)),
    ...spokenOf(kept, ({ solids }) => solids).map((fruit) => solidsIn(fruit)),
  ];
}

function inEachPot(burner: TaughtBurner, kept: readonly KeptEvidence[]): readonly Quantity[] {
  const power = powerOf(burner);
  const telling = kept.filter((one) => power.toldBy(one) !== null);
  const pots = [...new Set(telling.map(({ pot }) => pot))];
  if (pots.length < 2) return [];
  return pots.map((pot) => {
    const { mean, sd } = joinedBy(
      power,
      telling.filter((one) => one.pot !== pot),
    );
    return powerInPot(burner, pot, { mean, sd });
  });
}

const spokenOf = (
  kept: readonly KeptEvidence[],
  of: (evidence: KeptEvidence['evidence']) => { readonly id: string } | null,
): readonly string[] =>
  [...new Set(kept.flatMap(({ evidence }) => of(evidence)?.id ?? []))].toSorted();
