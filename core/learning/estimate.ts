import { UNCHECKED_OFFSET_SD, FLAME_SD, LOSS_SD } from '../stove/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { SKIM_AND_CLING } from '../yield/index.ts';
import type { CookEvidence } from './evidence.ts';
import { joined, quantilesThrough, type Level, type Told } from './joined.ts';

/** What a kitchen's cooks tell: each of its burners, and what all of its cooks have in common. */
export type QuantityId = 'power' | 'thermometer' | 'loss' | 'yield' | 'minutes';

/** What one cook told, and what it stood on. */
export type KeptEvidence = {
  readonly burner: string;
  /** What is usual of what it stood on, W; left out where that is what is said of the burner now. */
  readonly powerW?: number;
  readonly evidence: CookEvidence;
};

/** A quantity that is learned: which part of the evidence tells it, and what it is before any. */
export type Quantity = {
  readonly id: QuantityId;
  /** The burner whose power it is; null for what all cooks have in common. */
  readonly burner: string | null;
  /** What is said of that burner, W. */
  readonly powerW: number | null;
  readonly of: keyof Omit<CookEvidence, 'rests'>;
  readonly level: Level;
  /** From how it is joined to its own unit: W, K, or a share. It rises. */
  readonly through: (value: number) => number;
};

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

/** How the same burner differs from cook to cook, logarithm: how far it is turned. Judgement. */
const FLAME_BETWEEN = 0.05;
const LEAST_LOSS = 0.002;

const COMMON: {
  readonly [id in Exclude<QuantityId, 'power'>]: Omit<Quantity, 'id' | 'burner' | 'powerW'>;
} = {
  thermometer: {
    of: 'offsetK',
    level: { prior: { mean: 0, sd: UNCHECKED_OFFSET_SD.value }, between: 0.15, common: 0.12 },
    through: (value) => value,
  },
  loss: {
    of: 'lossShare',
    level: {
      prior: { mean: SKIM_AND_CLING.share.typical, sd: 0.02 },
      between: 0.01,
      common: 0.005,
    },
    through: (value) => Math.max(LEAST_LOSS, value),
  },
  yield: {
    of: 'yield',
    level: { prior: { mean: 0, sd: 0.1 }, between: 0.04, common: 0.01 },
    through: Math.exp,
  },
  minutes: {
    of: 'minutes',
    level: { prior: { mean: 0, sd: 0.1 }, between: 0.03, common: 0.01 },
    through: Math.exp,
  },
};

/** A quantity that all cooks of a kitchen tell. */
export const quantityOf = (id: Exclude<QuantityId, 'power'>): Quantity => ({
  id,
  burner: null,
  powerW: null,
  ...COMMON[id],
});

/**
 * The power of a burner.
 * @param burner with what is said of it, W
 */
export const powerOf = ({
  id,
  powerW,
}: {
  readonly id: string;
  readonly powerW: number;
}): Quantity => ({
  id: 'power',
  burner: id,
  powerW,
  of: 'flame',
  level: {
    prior: { mean: 0, sd: Math.hypot(FLAME_SD.value, LOSS_SD.value) },
    between: FLAME_BETWEEN,
    common: 0.07,
  },
  through: (value) => powerW * Math.exp(value),
});

/** What each cook tells of a quantity, null by one that says nothing of it. */
export const toldOf = (
  { of, burner, powerW }: Quantity,
  kept: readonly KeptEvidence[],
): readonly (Told | null)[] =>
  kept.map(({ burner: on, powerW: was, evidence }) => {
    const told = evidence[of];
    if (burner === null || powerW === null || told === null) return told;
    if (on !== burner) return null;
    // One that was another kind of burner then, or of which something else was said.
    return was === undefined ? told : { ...told, mean: told.mean + Math.log(was / powerW) };
  });

/**
 * A quantity as its cooks tell it together, the first first.
 * @param kept what each told; those before it was forgotten are left out by whoever asks
 */
export function estimateOf(quantity: Quantity, kept: readonly KeptEvidence[]): Estimated {
  const told = joined(toldOf(quantity, kept), quantity.level);
  return {
    figure: quantilesThrough(told, quantity.through),
    batches: told.count,
    setAside: told.setAside,
    changedAt: told.changedAt,
  };
}
