import { PRETREATMENT_FACTS, clotOf } from '../pretreatment/index.ts';
import { freedShare } from '../gel/index.ts';
import { type Range, roundTo, timesRange } from '../quantity/index.ts';
import { massOfLines } from '../parser/index.ts';
import type { Pretreated } from '../evaluate/index.ts';
import { planLine } from './lineOfPlan.ts';
import type { Plan } from './plan.ts';

/** What it holds before the pot frees any more. */
const FLESH_ALONE = { boiledLong: false, withPeel: false };

/** What is done first, as a plan tells it. */
export function pretreatmentOfPlan({
  pretreatment: before,
  readings,
  obtained,
}: Pretreated): NonNullable<Plan['before']> {
  const { density, hours } = PRETREATMENT_FACTS[before.kind];
  const { lines, massG, waterG, measured } = obtained;
  const gives = lines.map(({ ingredient, massG: { typical } }) => ({
    name: ingredient.name,
    massG: roundTo(typical, 0),
    solublesPct: roundTo(ingredient.make.solublesPct.typical, 1),
    pectinPct: roundTo(ingredient.pectinPct.typical * freedShare(ingredient, FLESH_ALONE), 2),
    pH: ingredient.sour === undefined ? null : roundTo(ingredient.sour.pH.typical, 2),
  }));
  const juiceG = massOfLines(lines);
  const pectinPct =
    juiceG === 0 ? 0 : gives.reduce((sum, part) => sum + part.massG * part.pectinPct, 0) / juiceG;
  return {
    kind: before.kind,
    lines: readings.map(planLine),
    waterG: roundTo(waterG, 0),
    hours: before.hours ?? hours,
    obtained: {
      massG: rounded(massG),
      volumeMl: rounded(timesRange(massG, 1 / density)),
      measured,
    },
    gives,
    ...(before.kind === 'extract' && juiceG > 0 ? { clot: before.clot ?? clotOf(pectinPct) } : {}),
  };
}

const rounded = ({ low, typical, high }: Range): Range => ({
  low: roundTo(low, 0),
  typical: roundTo(typical, 0),
  high: roundTo(high, 0),
});
