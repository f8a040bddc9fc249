import type { BatchForecast } from '../forecast/index.ts';
import {
  headspaceMm,
  largestJarMl,
  largestJarName,
  steriliseMinutes,
  type ProcessTime,
  type ShelfVerdict,
} from '../process/index.ts';
import { packJars, type JarSize, type Packing } from '../yield/index.ts';
import type { Plan } from './plan.ts';
import type { PlanRequest } from './request.ts';
import { roundSpread, roundTo } from './round.ts';
import type { Worked } from './worked.ts';

/**
 * The jars that are filled: those with a tabled time, where there are any. Where none is small enough, all are, and
 * the batch is for the fridge.
 */
export function jarsFilled({ product, jars }: PlanRequest): readonly JarSize[] {
  const small = jars.filter(({ volumeMl }) => volumeMl <= largestJarMl(product));
  return small.length > 0 ? small : jars;
}

/** The jars that a batch fills, and how many in a poor and a good outcome. */
export function yieldOf(request: PlanRequest, forecast: BatchForecast): NonNullable<Plan['yield']> {
  const { p10, p50, p90 } = forecast.volumeMl;
  const jars = jarsFilled(request);
  const packed = packJars(p50, jars);
  const count = (packing: Packing): number => packing.jars.reduce((sum, jar) => sum + jar.count, 0);
  // Poor and good outcomes are counted in the sizes of the middling one, so that the range is of one thing.
  const used = jars.filter(({ name }) => packed.jars.some((jar) => jar.name === name));
  const same = used.length > 0 ? used : jars;
  const fullJarsIn = (volume: number): number =>
    count(volume === p50 ? packed : packJars(volume, same));
  const fullJars = { p10: fullJarsIn(p10), p50: count(packed), p90: fullJarsIn(p90) };
  return {
    volumeMl: roundSpread(forecast.volumeMl, 1),
    jars: packed.jars,
    partMl: roundTo(packed.partMl, 1),
    fullJars: inOrder(fullJars),
    jarsToHeat: Math.max(...Object.values(fullJars)) + 1,
  };
}

/** A larger yield may fit fewer, larger jars; the range of counts still runs from few to many. */
function inOrder({ p10, p50, p90 }: { p10: number; p50: number; p90: number }) {
  return { p10: Math.min(p10, p50), p50, p90: Math.max(p50, p90) };
}

/** What is done with the filled jars: the canner where the verdict is for the pantry, else the fridge. */
export function processOf(
  { request, ambient }: Worked,
  { verdict }: ShelfVerdict,
  time: ProcessTime | null,
): Plan['process'] {
  const { product } = request;
  if (verdict !== 'pantry' || time === null) {
    return {
      method: 'none',
      minutes: 0,
      presterilise: false,
      headspaceMm: headspaceMm(product),
      notes: [
        'Not for the pantry: fill clean hot jars, cool quickly, and keep them in the fridge.',
      ],
    };
  }
  return {
    method: request.canner,
    minutes: time.minutes,
    presterilise: time.presterilise,
    headspaceMm: headspaceMm(product),
    notes: [
      time.presterilise
        ? `Boil the empty jars ${steriliseMinutes(ambient.processingAltitudeM)} minutes first, and keep them hot.`
        : 'Clean, hot jars will do: ten minutes or more in the canner makes them safe.',
      request.canner === 'steam'
        ? 'Count from when the steam gauge reaches the mark for your altitude; never let it fall below.'
        : 'Count from the full rolling boil, jars covered by 1 to 2 in of water.',
      ...(product === 'curd'
        ? ['Have the canner’s water at 82 °C (180 °F) when the jars go in, not boiling.']
        : []),
      `For jars up to a ${largestJarName(product)} only.`,
    ],
  };
}
