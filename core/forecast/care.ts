import { commonPractice, range, type Range } from '../quantity/index.ts';
import type { StopKind } from '../method/index.ts';
import { learnedScatter, sdOf, type Learned } from './learned.ts';

/**
 * What a cook has done to know the batch better; each narrows a range that would else be as wide as
 * kitchens differ. Weighed lines say so themselves.
 */
export type Care = {
  /** Whether the thermometer was checked in boiling water. */
  readonly thermometerChecked: boolean;
  /** Whether somebody says what heat the burner gives. */
  readonly burnerKnown: boolean;
  /** What the kitchen's cooks told. */
  readonly learned: Learned;
};

const KITCHENS = commonPractice(
  'kitchens that follow one formula scatter by 8 to 15 % in jars, and by a third in minutes',
);

/**
 * How full one cook's cups and spoons are, over another's: scooped, spooned, heaped, shaken down.
 */
export const CUP_FILLING = {
  share: range(0.88, 1, 1.12),
  /** Of one cook, from batch to batch. */
  ofOneCook: range(0.95, 1, 1.05),
  provenance: KITCHENS,
};

/** How full the jars are when they are counted, over their nominal volume. */
export const JAR_FILLING = {
  share: range(0.88, 1, 1.12),
  /** Of one kitchen, from batch to batch. */
  ofOneKitchen: range(0.95, 1, 1.05),
  provenance: KITCHENS,
};

/**
 * Soluble solids off the target, g per 100 g: a kelvin of an unchecked thermometer is four, a third
 * of one little more than one.
 */
const STOP_OFF = { unchecked: 4, checked: 1.2 } as const;

/** A body is judged by eye: solids off the target, over it. */
const BY_EYE = 0.15;

/**
 * What a burner puts into a pot, over what it is taken for; that of one with a history varies with
 * draught and pot.
 */
export const POWER_SCATTER = {
  unknown: range(0.7, 1, 1.3),
  known: range(0.9, 1, 1.1),
  /** Of one kitchen whose cooks were timed, from one to the next. */
  ofOneKitchen: range(0.95, 1, 1.05),
  provenance: KITCHENS,
};

/** Where this cook may stop, g of solubles per 100 g, around the target. */
export function stopRange(targetPct: number, stopKind: StopKind, care: Care): Range {
  const off = stopKind === 'body' ? BY_EYE * targetPct : stopOff(care);
  return range(targetPct - off, targetPct, targetPct + off);
}

/** Soluble solids off the target by the thermometer, g per 100 g. */
function stopOff({ thermometerChecked, learned: { thermometerOffsetK } }: Care): number {
  if (thermometerChecked) return STOP_OFF.checked;
  if (thermometerOffsetK === null) return STOP_OFF.unchecked;
  const off = STOP_OFF.unchecked * sdOf(thermometerOffsetK);
  return Math.min(STOP_OFF.unchecked, Math.hypot(STOP_OFF.checked, off));
}

/**
 * Power of a burner over what it is taken for: narrow where somebody says what it is, or its cooks
 * told.
 */
export function powerRange({ burnerKnown, learned: { netPowerKw, minutesTimes } }: Care): Range {
  // Whose minutes are learned as well: where its power is taken too high, they make up for it.
  const told = minutesTimes ?? netPowerKw;
  if (burnerKnown || told === null)
    return burnerKnown ? POWER_SCATTER.known : POWER_SCATTER.unknown;
  return learnedScatter(told, POWER_SCATTER.ofOneKitchen, POWER_SCATTER.unknown);
}

/** How much of what is lost between pot and jars differs from batch to batch of one kitchen. */
const LOSSES_OF_ONE = 0.5;

/** What is lost or stirred in on the way to the jars, in this kitchen. */
export const lossRange = (usual: Range, { learned: { yieldTimes } }: Care): Range => {
  const share = yieldTimes === null ? 1 : LOSSES_OF_ONE;
  const { low, typical, high } = usual;
  return range(typical - share * (typical - low), typical, typical + share * (high - typical));
};

/** How full cups and spoons are, over what is usual or was learned of this kitchen’s. */
export const cupRange = ({ learned: { cupTimes } }: Care): Range =>
  cupTimes === null
    ? CUP_FILLING.share
    : learnedScatter(cupTimes, CUP_FILLING.ofOneCook, CUP_FILLING.share);

/** How full the jars are, over what the sums say of this kitchen. */
export const fillingRange = ({ learned: { yieldTimes } }: Care): Range =>
  yieldTimes === null
    ? JAR_FILLING.share
    : learnedScatter(yieldTimes, JAR_FILLING.ofOneKitchen, JAR_FILLING.share);
