import { say } from '@idle-kettle/words';

const MM_PER_QUARTER_INCH = 6.35;
const QUARTERS = ['0', '¼', '½', '¾'] as const;

/**
 * Room under the lid as a cook measures it: `¼ in` or `6 mm`.
 * @param mm a quarter inch or a few of them
 */
export function headspaceInWords(mm: number): string {
  const quarters = Math.round(mm / MM_PER_QUARTER_INCH);
  return say('acts.headspace', {
    inches: quarters < QUARTERS.length ? (QUARTERS[quarters] ?? '') : String(quarters / 4),
    mm: Math.round(mm),
  });
}
