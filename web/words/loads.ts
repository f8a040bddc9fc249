import { say } from '@idle-kettle/words';
import type { PlanSummary } from '@idle-kettle/contract';
import { loadsInKitchen, type Plan } from '@idle-kettle/core';
import { processInWords } from '../ui/words.ts';

/** `2 loads, 20 min each`, `10 min` for one load, or `none` for a batch that is not processed. */
export function loadsInWords(
  plan: Pick<PlanSummary, 'process'> & { readonly yield?: Plan['yield'] },
  kitchen: Parameters<typeof loadsInKitchen>[1],
): string {
  const loads = plan.yield ? loadsInKitchen(plan.yield.jars, kitchen) : 0;
  const each = processInWords(plan);
  return plan.process.method === 'none' || loads < 2 ? each : say('ui.loadsEach', { loads, each });
}
