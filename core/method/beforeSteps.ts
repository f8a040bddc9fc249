import { BEFORE_FACTS, type Before, type Obtained } from '../before/index.ts';
import { extractionOf } from '../larder/index.ts';
import { formatGrams, formatVolume } from '../quantity/index.ts';
import type { UnderstoodLine } from '../reader/index.ts';
import { listed, type Step } from './runSheet.ts';

/** Boiling the fruit of a soak before it stands, and cooking a butter's fruit to a sauce; common practice. */
const SOAK_BOIL_MIN = 5;
const SAUCE_MIN = 20;

/** What comes before the formula's own pot, in order, with what it should give. */
export function beforeSteps(
  before: Before,
  lines: readonly UnderstoodLine[],
  { massG, waterG, measured }: Obtained,
): Step[] {
  if (lines.length === 0) return [];
  const { density, hours: usualHours } = BEFORE_FACTS[before.kind];
  const hours = before.hours ?? usualHours;
  const fruit = listed(lines) ?? '';
  const water = waterG > 0 ? formatGrams(waterG) + ' of water' : null;
  const volume = (grams: number) =>
    formatVolume(Math.round(grams / density / QUARTER_CUP_ML) * QUARTER_CUP_ML, 'us');
  const gives = measured
    ? `It gave ${volume(massG.typical)} (${formatGrams(massG.typical)}).`
    : `It should give ${volume(massG.low)} to ${volume(massG.high)} (${formatGrams(massG.low)} to ${formatGrams(massG.high)}). Measure it, and write it down: the rest goes by it.`;
  const early = (text: string, minutes?: number, handsOn = true): Step => ({
    when: hours >= A_NIGHT_H ? 'the day before' : 'before the heat',
    text,
    handsOn,
    first: true,
    ...(minutes === undefined ? {} : { minutes }),
  });
  switch (before.kind) {
    case 'extract': {
      const minutes = Math.max(
        ...lines.map(({ ingredient }) => extractionOf(ingredient.id).minutes),
      );
      return [
        early(
          `Simmer ${fruit}${water === null ? '' : ` in ${water}`} until soft, lid on, and mash it.`,
          Number.isFinite(minutes) ? minutes : SAUCE_MIN,
        ),
        early(
          `Drip it through a damp cloth; pressed, it gives more and is cloudy. ${gives}`,
          hours * 60,
          false,
        ),
        early(
          'Clot test: stir a teaspoon of the juice into a tablespoon of rubbing alcohol, and lift it with a fork. One lump is rich in pectin. Never taste it; pour it away.',
          1,
        ),
      ];
    }
    case 'infuse':
      return [
        early(
          `Pour ${water ?? 'the liquid'}, boiling, over ${fruit}. Stand it covered, and strain. ${gives}`,
          hours * 60,
          false,
        ),
      ];
    case 'soak':
      return [
        early(
          `Slice ${fruit}${water === null ? '' : `, add ${water}`}, and boil it five minutes.`,
          SOAK_BOIL_MIN,
        ),
        early(`Stand it covered. ${gives}`, hours * 60, false),
      ];
    case 'drain':
      return [
        early(
          `Chop ${fruit} fine, in gloves where they are hot, and let the juice drain off; press it lightly. ${gives}`,
          hours * 60,
          false,
        ),
      ];
    case 'sauce':
      return [
        early(
          `Cook ${fruit}${water === null ? '' : ` with ${water}`} under a lid to a soft sauce.`,
          SAUCE_MIN,
        ),
        early(`Purée it, or put it through a mill. ${gives}`, 5),
      ];
  }
}

const QUARTER_CUP_ML = 59.147;
/** Work that stands this long is done the day before. */
const A_NIGHT_H = 4;
