import { PRETREATMENT_FACTS, pretreatmentYieldOf } from '../pretreatment/index.ts';
import { formatGrams } from '../quantity/index.ts';
import { massOfLines } from '../parser/index.ts';
import { type Caution, note, warn } from './caution.ts';
import { isSameMade, type Evaluation } from '../evaluate/index.ts';

/** A reading less than half of what is usual, or more than twice, is more likely wrong than odd. */
const isOdd = (times: number): boolean => times < 0.5 || times > 2;

/** What to mind of what comes first. */
export function pretreatmentCautions({ pretreated, understood }: Evaluation): Caution[] {
  if (pretreated === null) return [];
  const { pretreatment: before, obtained } = pretreated;
  const { gives } = PRETREATMENT_FACTS[before.kind];
  const found: Caution[] = [];
  const wentInG = massOfLines(pretreated.understood) + obtained.waterG;
  if (obtained.measured && wentInG > 0 && obtained.massG.low > wentInG) {
    found.push(
      warn(
        'more-than-went-in',
        `${formatGrams(obtained.massG.typical)} of ${gives} was measured, and only ${formatGrams(wentInG)} went in. Measure it again.`,
      ),
    );
  }
  for (const line of obtained.lines) {
    const asked = understood.find((own) => own.text !== line.text && isSameMade(own, line));
    if (asked === undefined || asked.massG.typical <= line.massG.high) continue;
    found.push(
      warn(
        'asks-for-more',
        `“${asked.text}” is ${formatGrams(asked.massG.typical)}, and what comes first gives ${formatGrams(line.massG.high)} at the most. Start with more fruit, or scale the rest down.`,
      ),
    );
  }
  const usual = pretreatmentYieldOf({ ...before, brix: null }, pretreated.understood).lines[0];
  const usualBrix = usual?.ingredient.make.solublesPct.typical ?? 0;
  if (before.brix !== null && usualBrix > 0 && isOdd(before.brix / usualBrix)) {
    found.push(
      warn(
        'odd-brix',
        `${before.brix} °Brix is far from the ${usualBrix.toFixed(0)} that such juice has. Read it again, at room temperature.`,
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
