import { beforeSteps, comesAsSauce, runSheet, type Step } from '../method/index.ts';
import { formatTemperature } from '../quantity/index.ts';
import type { Plan } from './plan.ts';
import type { Worked } from '../work/index.ts';

/** The run sheet of a plan: order of work, with the grams at each step. */
export function stepsOf(
  { request, choice, heat, understood, beforehand }: Worked,
  stop: Plan['stop'],
  process: Plan['process'],
): Step[] {
  const tempC = stop.tempC ?? stop.ruleTempC;
  const inches = process.headspaceMm > 10 ? '½ in' : '¼ in';
  return runSheet({
    product: request.product,
    method: choice.method,
    lines: understood,
    stop: `${formatTemperature(tempC, 'F')} (${formatTemperature(tempC, 'C')})`,
    boilMin: stop.boilMin,
    heat,
    before:
      beforehand === null
        ? null
        : beforeSteps(beforehand.before, beforehand.understood, beforehand.obtained),
    isSauce: comesAsSauce(request.before, understood),
    fill: `Fill at once while hot, leaving ${inches} of headspace. Bubble out, wipe the rims, lids on, bands fingertip-tight. The part jar goes to the fridge.`,
    process:
      process.method === 'none'
        ? (process.notes[0] ?? '')
        : `Process ${process.minutes === null ? 'for the time printed in the formula' : `${process.minutes} minutes`} in the ${process.method === 'steam' ? 'steam canner' : 'boiling-water canner'}. ${process.notes.slice(1).join(' ')} Then heat off, lid off away from your face, five minutes’ rest, and lift the jars straight.`,
  });
}
