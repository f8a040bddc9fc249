import { message } from '@idle-kettle/words/message';
import { isOfApples, jarsFilled } from '../evaluate/index.ts';
import type { BatchForecast } from '../forecast/index.ts';
import {
  headspaceMm,
  cannerMinutes,
  isProcessed,
  largestJarName,
  type ProcessTime,
  type StorageVerdict,
  steriliseMinutes,
} from '../process/index.ts';
import { type Packing, packJars } from '../yield/index.ts';
import type { Plan } from './plan.ts';
import type { Evaluation } from '../evaluate/index.ts';
import { roundQuantiles, roundTo } from '../quantity/index.ts';

/**
 * The jars that a batch fills, and how many in a poor and a good outcome: those of the middling one
 * that a poor one still fills, and what a good one fills besides, in the same sizes, so that the
 * range is of one thing.
 */
export function yieldOf(
  { request, understood }: Evaluation,
  forecast: BatchForecast,
): NonNullable<Plan['yield']> {
  const { p10, p50, p90 } = forecast.volumeMl;
  const onHand = jarsFilled(request, isOfApples({ understood }));
  const packed = packJars(p50, onHand);
  const used = (name: string): number => countOf(packed, name);
  const filled = onHand.reduce((sum, { name, volumeMl }) => sum + used(name) * volumeMl, 0);
  const poor = packJars(
    p10,
    onHand.map((jar) => ({ ...jar, gift: 0, count: used(jar.name) })),
  );
  const more = packJars(
    Math.max(0, p90 - filled),
    onHand
      .filter(({ name }) => used(name) > 0 || packed.jars.length === 0)
      .map((jar) => ({
        ...jar,
        gift: 0,
        count: jar.count === null ? null : jar.count - used(jar.name),
      })),
  );
  const fullJars = {
    p10: jarsIn(poor),
    p50: jarsIn(packed),
    p90: jarsIn(packed) + jarsIn(more),
  };
  return {
    volumeMl: roundQuantiles(forecast.volumeMl, 1),
    jars: packed.jars,
    partMl: roundTo(packed.partMl, 1),
    sizes: onHand
      .map(({ name }) => ({
        name,
        poor: countOf(poor, name),
        good: used(name) + countOf(more, name),
      }))
      .filter(({ good }) => good > 0),
    fullJars,
    jarsToHeat: fullJars.p90 + 1,
  };
}

const countOf = ({ jars }: Packing, name: string): number =>
  jars.find((jar) => jar.name === name)?.count ?? 0;

const jarsIn = ({ jars }: Packing): number => jars.reduce((sum, { count }) => sum + count, 0);

/**
 * What is done with the filled jars: the canner where the verdict is for the pantry, else the
 * fridge.
 */
export function processOf(
  { request, ambient, understood }: Evaluation,
  { verdict }: StorageVerdict,
  time: ProcessTime | null,
): Plan['process'] {
  const { product, assurance } = request;
  if (!isProcessed(verdict) || request.canner === 'none' || time === null) {
    return {
      method: 'none',
      minutes: 0,
      presterilise: false,
      headspaceMm: headspaceMm(product, verdict),
      notes: [
        message(verdict === 'freezer' ? 'plan.forTheFreezerFill' : 'plan.notForThePantryFill'),
      ],
    };
  }
  const minutes = cannerMinutes(verdict, time.minutes, assurance);
  return {
    method: request.canner,
    minutes,
    presterilise: time.presterilise,
    headspaceMm: headspaceMm(product),
    notes: [
      ...(verdict === 'by-source' && minutes === null
        ? [message('plan.processForTheTimePrinted')]
        : []),
      time.presterilise
        ? message('plan.boilTheEmptyJarsMinutes', {
            steriliseMinutes: steriliseMinutes(ambient.processingAltitudeM),
          })
        : message('plan.cleanHotJarsAreFine'),
      request.canner === 'steam'
        ? message('plan.countFromWhenTheSteam')
        : message('plan.countFromTheFullRollingBoil'),
      ...(product === 'curd' ? [message('plan.haveTheCannersWaterAt')] : []),
      message('plan.forJarsUpToA', {
        largestJarName: largestJarName(product, isOfApples({ understood })),
      }),
    ],
  };
}
