import { BARE_KITCHEN, planInKitchen, type Formula, type Plan } from '@idle-kettle/core';
import type { Kitchen } from '@idle-kettle/contract';

/** A jam like many: before anything is written, a kitchen stops where Balance would stop it. */
const PLAIN_JAM: Formula = { lines: ['1 kg plums', '900 g sugar'], settings: {} };

/** Where a kitchen stops a plain jam; null where it says neither altitude nor boiling point. */
export function plainJamStop({
  altitudeM,
  waterBoilsC,
}: Pick<Kitchen, 'altitudeM' | 'waterBoilsC'>): Plan['stop'] | null {
  if (altitudeM === null && waterBoilsC === null) return null;
  const outcome = planInKitchen(PLAIN_JAM, { ...BARE_KITCHEN, altitudeM, waterBoilsC }, 0);
  return outcome.ok ? outcome.plan.stop : null;
}
