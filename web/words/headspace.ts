import { say } from '@idle-kettle/words';
import type { UnitSystem } from '@idle-kettle/core';

const MM_PER_QUARTER_INCH = 6.35;
const QUARTERS = ['0', '¼', '½', '¾'] as const;

/**
 * Room under the lid as a cook measures it: `¼ in`, `6 mm`, and both where it is not known whose
 * rule it is.
 * @param mm a quarter inch or a few of them
 */
export function headspaceInWords(mm: number, units: UnitSystem | null): string {
  const quarters = Math.round(mm / MM_PER_QUARTER_INCH);
  const inches = say('acts.headspaceIn', {
    inches: quarters < QUARTERS.length ? (QUARTERS[quarters] ?? '') : String(quarters / 4),
  });
  const metric = say('acts.headspaceMm', { mm: Math.round(mm) });
  if (units === 'us') return inches;
  return units === 'metric' ? metric : say('acts.headspaceBoth', { inches, metric });
}
