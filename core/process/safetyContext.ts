import { message } from '@idle-kettle/words/message';
import { ACIDIFIED, LEAST_METER_PH, METER_BELOW_SUMS, METER_PH } from './caps.ts';
import { amountsOf, type PotAmounts } from './potAmounts.ts';
import { safetyFinding } from './messages.ts';
import type { SafetyFinding, SafetyEvidence, StorageCase } from './storageCase.ts';
import { bestPH } from './worstPH.ts';

/** What the rules of one batch go by. */
export type SafetyContext = {
  readonly found: StorageCase;
  readonly pot: PotAmounts;
  /** Rows that are not acid by themselves, with acid enough by a published formula. */
  readonly acidified: ReadonlySet<string>;
  readonly family: 'spread' | 'curd' | 'pepper' | 'infusion';
  /**
   * How many times our own limits the batch is judged by: {@link STRICT}, or {@link NAMED} for a
   * formula that the cook names.
   */
  readonly slack: number;
};

/** Products of which the fig, tomato and elderberry formulas are published. */
export const ACIDIFIED_PRODUCTS: ReadonlySet<string> = new Set(['jam', 'jelly', 'conserve']);

/** Nothing but our own limits opens the pantry. */
export const STRICT = 1;
/**
 * What a named formula of acid food may hold against our limits: water, seasonings, zest, spirits
 * and nuts twice as much, and half of the acid that is published for fruit which is not acid by
 * itself. It excuses nothing else.
 */
export const NAMED = 2;

/** A name that denies being tested. */
const DENIES =
  /\b(?:un-?(?:tested|published|safe)|(?:not|never|isn[’']t|wasn[’']t|hasn[’']t been|no)\b.*\b(?:tested|published|printed|approved|checked)|made[- ]up|invented|improvised|from (?:my|our) head|my own|our own|own recipe)\b/i;

const NO_NAMES =
  /^(?:none|no|not|test|tested|unknown|n\/?a|formula|recipe|jam|jelly|it|is|the|a|my|own|yes|ok|null)$/i;

/** Whether a tested formula is named: at least two words that say something. */
export function isNamed({ testedFormula }: SafetyEvidence): boolean {
  if (DENIES.test(testedFormula ?? '')) return false;
  const words = (testedFormula ?? '').split(/[\s,;:.–—-]+/);
  return (
    words.filter((word) => /\p{L}{2}/u.test(word)).length >= 2 &&
    words.some((word) => /\p{L}{3}/u.test(word) && !NO_NAMES.test(word))
  );
}

/**
 * Sums a batch up once, to be judged in one of its families.
 * @param slack by how much a limit may be passed, 1 for none
 */
export function safetyContextOf(
  found: StorageCase,
  slack: number = STRICT,
  family: SafetyContext['family'] = familyOf(found),
): SafetyContext {
  const plain = amountsOf(found.lines, new Set());
  const acidified = new Set(
    Object.entries(ACIDIFIED)
      .filter(
        ([id, { least, by }]) =>
          family === 'spread' &&
          ACIDIFIED_PRODUCTS.has(found.product) &&
          plain.ofRow(id) > 0 &&
          plain.bottled + (by === 'bottled' ? 0 : plain.vinegar) >=
            (least / slack) * plain.ofRow(id) * EXACT,
      )
      .map(([id]) => id),
  );
  const pot = amountsOf(found.lines, acidified);
  return { found, pot, acidified, family, slack };
}

/**
 * The family that a batch belongs to by what it is called, and a jelly by what most of its liquid
 * is.
 */
export function familyOf({ product, lines }: StorageCase): SafetyContext['family'] {
  if (product === 'curd') return 'curd';
  if (product === 'pepper-jelly') return 'pepper';
  const pot = amountsOf(lines, new Set());
  return isInfused(product) && liquidOf(pot) > 2 * pot.of('acid-fruit') ? 'infusion' : 'spread';
}

/**
 * Products that may be an infusion, a herb or a wine set to jelly; they may pass as that or as a
 * fruit jelly.
 */
export const isInfused = (product: StorageCase['product']): boolean =>
  product === 'infusion-jelly' || product === 'jelly';

/**
 * Water and wine in a pot, g.
 * @returns g
 */
export const liquidOf = (pot: PotAmounts): number => pot.of('water', 'wine');

/** Weights are rounded; a thousandth short is not short. */
export const EXACT = 0.999;

/**
 * A meter above 4.2, of the raw batch or the finished one, stands against whatever else is given;
 * one that cannot be true too.
 */
export function meterFindings(found: StorageCase): SafetyFinding[] {
  const { rawPH, assurance } = found;
  const read = [
    { pH: assurance.meterPH, what: message('process.theFinishedSpread') },
    { pH: rawPH, what: message('process.theRawBatch') },
  ];
  const low = bestPH(found.lines);
  return read.flatMap(({ pH, what }) => {
    if (pH === null) return [];
    if (pH > METER_PH) {
      return [
        safetyFinding(
          message('process.aMeterReadPhIn', { pH: pH.toFixed(2), what, METERPH: METER_PH }),
          [],
        ),
      ];
    }
    const floor = Math.max(LEAST_METER_PH, low === null ? 0 : low - METER_BELOW_SUMS);
    return pH < floor
      ? [
          safetyFinding(
            message('process.aMeterReadPhInLower', {
              pH: pH.toFixed(2),
              what,
              floor: floor.toFixed(1),
            }),
            [],
          ),
        ]
      : [];
  });
}
