import { commonPractice, range, type Range } from '../quantity/index.ts';
import type { StopKind } from '../method/index.ts';

/**
 * What a cook has done to know the batch better; each narrows a range that would else be as wide as
 * kitchens differ. Weighed lines say so themselves.
 */
export type Care = {
  /** Whether the thermometer was checked in boiling water. */
  readonly thermometerChecked: boolean;
  /** Whether the heat that the burner gives is known from its history. */
  readonly burnerKnown: boolean;
};

const KITCHENS = commonPractice(
  'kitchens that follow one formula scatter by 8 to 15 % in jars, and by a third in minutes',
);

/**
 * How full one cook's cups and spoons are, over another's: scooped, spooned, heaped, shaken down.
 */
export const CUP_FILLING = { share: range(0.88, 1, 1.12), provenance: KITCHENS };

/** How full the jars are when they are counted, over their nominal volume. */
export const JAR_FILLING = { share: range(0.88, 1, 1.12), provenance: KITCHENS };

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
  provenance: KITCHENS,
};

/** Where this cook may stop, g of solubles per 100 g, around the target. */
export function stopRange(targetPct: number, stopKind: StopKind, care: Care): Range {
  const off =
    stopKind === 'body'
      ? BY_EYE * targetPct
      : care.thermometerChecked
        ? STOP_OFF.checked
        : STOP_OFF.unchecked;
  return range(targetPct - off, targetPct, targetPct + off);
}

/** Power of a burner over what is said of it: narrow where its own is known. */
export const powerRange = ({ burnerKnown }: Care): Range =>
  burnerKnown ? POWER_SCATTER.known : POWER_SCATTER.unknown;
