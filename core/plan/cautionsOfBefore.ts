import { BEFORE_FACTS } from '../before/index.ts';
import { formatGrams } from '../quantity/index.ts';
import type { UnderstoodLine } from '../reader/index.ts';
import { note, warn } from './caution.ts';
import type { Caution } from './plan.ts';
import type { Worked } from './worked.ts';

const total = (lines: readonly UnderstoodLine[]): number =>
  lines.reduce((sum, { massG }) => sum + massG.typical, 0);

/** What to mind of what comes first. */
export function beforeCautions({ beforehand, understood }: Worked): Caution[] {
  if (beforehand === null) return [];
  const { before, obtained } = beforehand;
  const { gives } = BEFORE_FACTS[before.kind];
  const found: Caution[] = [];
  const wentInG = total(beforehand.understood) + obtained.waterG;
  if (obtained.measured && wentInG > 0 && obtained.massG.low > wentInG) {
    found.push(
      warn(
        'more-than-went-in',
        `${formatGrams(obtained.massG.typical)} of ${gives} was measured, and only ${formatGrams(wentInG)} went in. Measure it again.`,
      ),
    );
  }
  for (const line of obtained.lines) {
    const asked = understood.find(
      ({ ingredient, text }) => ingredient === line.ingredient && text !== line.text,
    );
    if (asked === undefined || asked.massG.typical <= line.massG.high) continue;
    found.push(
      warn(
        'asks-for-more',
        `“${asked.text}” is ${formatGrams(asked.massG.typical)}, and what comes first gives ${formatGrams(line.massG.high)} at the most. Start with more fruit, or scale the rest down.`,
      ),
    );
  }
  if (before.clot === 'flakes') {
    found.push(
      note(
        'poor-juice',
        'Juice that clots in flakes is poor in pectin: boil it down by a third before the sugar, or add pectin.',
      ),
    );
  }
  return found;
}
