import { FLAME_SD, LOSS_SD, UNCHECKED_OFFSET_SD } from '../stove/index.ts';
import { SKIM_AND_CLING } from '../yield/index.ts';
import type { CookEvidence } from './evidence.ts';
import type { Level, Told } from './joined.ts';
import type { ToldOf } from './measuredFruit.ts';

/** Quantities that all cooks of a kitchen have in common. */
export const COMMON_IDS = ['thermometer', 'yield', 'minutes', 'cup', 'loss'] as const;
/** Quantities of one thing each: a burner, a pot on it, a method, a fruit. */
export const KEYED_IDS = ['power', 'pot', 'set', 'solids'] as const;

/** A quantity that all cooks tell. */
export type CommonId = (typeof COMMON_IDS)[number];
/** A quantity of one thing. */
export type KeyedId = (typeof KEYED_IDS)[number];

/** What a kitchen’s cooks tell. */
export type QuantityId = CommonId | KeyedId;

/** What one cook told, and what it stood on. */
export type KeptEvidence = {
  readonly burner: string;
  readonly pot: string;
  /** What is usual of what it stood on, W; left out where that is what is said of the burner now. */
  readonly powerW?: number;
  readonly evidence: CookEvidence;
};

/** A quantity that is learned: what each cook tells of it, and what it is before any. */
export type Quantity = {
  readonly id: QuantityId;
  /** The burner whose power it is; null for what is of none. */
  readonly burner: string | null;
  /** The pot, the method or the fruit that it is of; null for none. */
  readonly of: string | null;
  /** Null by one that says nothing of it. */
  readonly toldBy: (kept: KeptEvidence) => Told | null;
  readonly level: Level;
  /** From how it is joined to its own unit: W, K, or a share. It rises. */
  readonly through: (value: number) => number;
};

/** A burner before anything was learned of it. */
export type TaughtBurner = { readonly id: string; readonly powerW: number };

/** How the same burner differs from cook to cook, logarithm: how far it is turned. Judgement. */
const FLAME_BETWEEN = 0.05;
/** How pots differ on one burner, logarithm: what they take up of its heat. Judgement. */
const POT_SD = 0.12;
const LEAST_LOSS = 0.002;

const COMMON: { readonly [id in CommonId]: Pick<Quantity, 'toldBy' | 'level' | 'through'> } = {
  thermometer: {
    toldBy: ({ evidence }) => evidence.offsetK,
    level: { prior: { mean: 0, sd: UNCHECKED_OFFSET_SD.value }, between: 0.15, common: 0.12 },
    through: (value) => value,
  },
  loss: {
    toldBy: ({ evidence }) => evidence.lossShare,
    level: {
      prior: { mean: SKIM_AND_CLING.share.typical, sd: 0.02 },
      between: 0.01,
      common: 0.005,
    },
    through: (value) => Math.max(LEAST_LOSS, value),
  },
  yield: {
    toldBy: ({ evidence }) => evidence.yield,
    level: { prior: { mean: 0, sd: 0.1 }, between: 0.04, common: 0.01 },
    through: Math.exp,
  },
  minutes: {
    toldBy: ({ evidence }) => evidence.minutes,
    level: { prior: { mean: 0, sd: 0.1 }, between: 0.03, common: 0.01 },
    through: Math.exp,
  },
  cup: {
    toldBy: ({ evidence }) => evidence.cup,
    level: { prior: { mean: 0, sd: 0.08 }, between: 0.03, common: 0.01 },
    through: Math.exp,
  },
};

/** A quantity that all cooks of a kitchen tell. */
export const quantityOf = (id: CommonId): Quantity => ({
  id,
  burner: null,
  of: null,
  ...COMMON[id],
});

/** What a cook told of a burner: relative to what is said of that now. */
function flameOf({ powerW: was, evidence: { flame } }: KeptEvidence, powerW: number): Told | null {
  // One that was another kind of burner then, or of which something else was said.
  return flame === null || was === undefined
    ? flame
    : { ...flame, mean: flame.mean + Math.log(was / powerW) };
}

/** The power of a burner, whatever stands on it. */
export const powerOf = ({ id, powerW }: TaughtBurner): Quantity => ({
  id: 'power',
  burner: id,
  of: null,
  toldBy: (kept) => (kept.burner === id ? flameOf(kept, powerW) : null),
  level: {
    prior: { mean: 0, sd: Math.hypot(FLAME_SD.value, LOSS_SD.value) },
    between: FLAME_BETWEEN,
    common: 0.07,
  },
  through: (value) => powerW * Math.exp(value),
});

/**
 * The power that one pot takes up of a burner.
 * @param others what its cooks in all other pots tell together: so far a pot is taken to be theirs
 */
export function powerInPot(burner: TaughtBurner, pot: string, others: Told): Quantity {
  const power = powerOf(burner);
  return {
    ...power,
    id: 'pot',
    of: pot,
    toldBy: (kept) => (kept.pot === pot ? power.toldBy(kept) : null),
    level: { ...power.level, prior: { ...others, sd: Math.hypot(others.sd, POT_SD) } },
  };
}

const only = (told: ToldOf | null, of: string): Told | null => (told?.id === of ? told : null);

/** How firmly a method sets. Fruit differs from batch to batch, and so do those who judge it. */
export const setBy = (method: string): Quantity => ({
  id: 'set',
  burner: null,
  of: method,
  toldBy: ({ evidence }) => only(evidence.set, method),
  level: { prior: { mean: 0, sd: 0.2 }, between: 0.2, common: 0.03 },
  through: Math.exp,
});

/** How sweet a fruit is. Ripeness differs from batch to batch. */
export const solidsIn = (fruit: string): Quantity => ({
  id: 'solids',
  burner: null,
  of: fruit,
  toldBy: ({ evidence }) => only(evidence.solids, fruit),
  level: { prior: { mean: 0, sd: 0.12 }, between: 0.06, common: 0.02 },
  through: Math.exp,
});
