import { message } from '@idle-kettle/words/message';
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
        message('advice.youMeasuredOfButOnly', {
          grams: formatGrams(obtained.massG.typical),
          gives,
          grams2: formatGrams(wentInG),
        }),
      ),
    );
  }
  for (const line of obtained.lines) {
    const asked = understood.find((own) => own.text !== line.text && isSameMade(own, line));
    if (asked === undefined || asked.massG.typical <= line.massG.high) continue;
    found.push(
      warn(
        'asks-for-more',
        message('advice.isButTheFirstStep', {
          text: asked.text,
          grams: formatGrams(asked.massG.typical),
          grams2: formatGrams(line.massG.high),
        }),
      ),
    );
  }
  const usual = pretreatmentYieldOf({ ...before, brix: null }, pretreated.understood).lines[0];
  const usualBrix = usual?.ingredient.make.solublesPct.typical ?? 0;
  if (before.brix !== null && usualBrix > 0 && isOdd(before.brix / usualBrix)) {
    found.push(
      warn(
        'odd-brix',
        message('advice.brixIsFarFromThe', { brix: before.brix, usualBrix: usualBrix.toFixed(0) }),
      ),
    );
  }
  if (before.clot === 'flakes') {
    found.push(note('poor-juice', message('advice.juiceThatClotsInFlakes')));
  }
  return found;
}
