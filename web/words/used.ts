import { say } from '@idle-kettle/words';
import { formatGrams, formatVolume, type Used } from '@idle-kettle/core';
import type { ToldAct } from './toldAct.ts';

const QUARTER_CUP_ML = 59.147;

/** What was written in grams or kilograms needs no grams beside it. */
const IN_GRAMS = /^[\d.,\s]+g\b/i;

const IN_KILOGRAMS = /^[\d.,\s]+kg\b/i;

/**
 * `6 cups sugar (1,200 g)`, as the cook wrote it; `1,400 g white sugar` for what was weighed or
 * made.
 */
function amountOf({ name, massG, written, emptied }: Used): string {
  const grams = formatGrams(massG);
  if (emptied === true) return say('acts.fromTheJars', { grams });
  if (written === undefined || IN_GRAMS.test(written)) return `${grams} ${name}`;
  return IN_KILOGRAMS.test(written) ? written : say('acts.asWritten', { written, grams });
}

/** `6 cups sugar (1,200 g) and 20 g honey`. */
export function listed(uses: readonly Used[], nothing: string): string {
  const items = uses.map(amountOf);
  if (items.length === 0) return nothing;
  return items.length === 1
    ? (items[0] ?? nothing)
    : say('acts.and', {
        value: items.slice(0, -1).join(', '),
        value2: items[items.length - 1] ?? '',
      });
}

export const withWater = (act: ToldAct): string =>
  act.waterG !== undefined && act.waterG > 0
    ? say('acts.inOfWater', { grams: formatGrams(act.waterG) })
    : '';

const volume = (mL: number): string =>
  formatVolume(Math.round(mL / QUARTER_CUP_ML) * QUARTER_CUP_ML, 'us');

/** What it should give, or gave. */
export function given({ gives }: ToldAct): string {
  if (gives === undefined) return say('acts.measureWhatItGivesThe');
  const { massG, volumeMl, measured } = gives;
  return measured
    ? say('acts.itGave', { volume: volume(volumeMl.typical), grams: formatGrams(massG.typical) })
    : say('acts.itShouldGiveMeasureIt', {
        volume: volume(volumeMl.low),
        volume2: volume(volumeMl.high),
        grams: formatGrams(massG.low),
        grams2: formatGrams(massG.high),
      });
}

/** What goes into a butter near its end. */
export function toTaste(uses: readonly Used[]): string {
  const sweet = uses.filter(({ sweetens }) => sweetens === true).length;
  if (sweet === 0) return say('acts.spice');
  return sweet === uses.length ? say('acts.sugar') : say('acts.sugarAndSpice');
}
