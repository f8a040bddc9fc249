import type { BatchCase } from './batchCase.ts';
import type { CauseId } from './causes.ts';
import type { Symptom } from './facts.ts';
import type { Ranked } from './rank.ts';

/** Why a batch is to be thrown away. */
export type DiscardReason =
  'mould' | 'may-ferment' | 'unsealed-too-long' | 'not-for-the-pantry' | 'open-kettle';

/** What spoils, where it is the cause. */
const SPOILS: ReadonlySet<CauseId> = new Set(['underprocessed', 'open-kettle', 'low-acid']);
/** Bubbles and clouds that come from spoilage with at least this share are not trusted. Judgement. */
const MAY_SPOIL = 0.12;
/** A jar may stand unsealed for a day. */
const A_DAY_MONTHS = 1 / 30;
/** Kept for so long without a process, what is in a jar was not kept for the day. */
const KEPT_MONTHS = 0.5;

/**
 * Why it is to be thrown away; null for no reason to. Stricter than the likelihoods: nobody is to
 * find out by tasting.
 */
export function discardReason(
  symptom: Symptom,
  { facts, isForPantry, wantsPantry }: BatchCase,
  causes: readonly Ranked[],
): DiscardReason | null {
  const { monthsOld, processedMin } = facts;
  const spoiled = causes.reduce((sum, { code, share }) => sum + (SPOILS.has(code) ? share : 0), 0);
  if (symptom === 'mould') return 'mould';
  if ((symptom === 'bubbles' || symptom === 'cloudy') && spoiled >= MAY_SPOIL) return 'may-ferment';
  if (symptom === 'unsealed' && monthsOld !== undefined && monthsOld > A_DAY_MONTHS)
    return 'unsealed-too-long';
  const isKept = monthsOld !== undefined && monthsOld >= KEPT_MONTHS;
  if (!isForPantry && wantsPantry && (isKept || processedMin !== undefined))
    return 'not-for-the-pantry';
  return processedMin === 0 && isKept && wantsPantry ? 'open-kettle' : null;
}
