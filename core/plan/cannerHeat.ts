import {
  capacityOf,
  minutesToBoil,
  minutesToReady,
  USUAL_HALF_PINTS,
  WATER_WHEN_LOADED_C,
  type HeatingCase,
} from '../canner/index.ts';
import { HEAT_SOURCES } from '../boil/index.ts';
import type { Canner } from '../process/index.ts';
import type { Evaluation } from '../evaluate/index.ts';
import { roundQuantiles, type Quantiles } from '../quantity/index.ts';

/** Minutes that a canner takes from cold to ready, and with its first load from there to the boil. */
export type CannerHeat = { readonly ready: Quantiles; readonly toBoil: Quantiles };

/**
 * How long the canner of a plan heats, by its litres, its first load and the burner of the batch;
 * null where there is no canner, or nothing to put into it.
 */
export function cannerHeatOf(
  { request, ambient, heat }: Pick<Evaluation, 'request' | 'ambient' | 'heat'>,
  method: Canner,
  jars: readonly { readonly name: string; readonly count: number }[] | undefined,
): CannerHeat | null {
  if (method === 'none' || jars === undefined) return null;
  const content = jars.flatMap(({ name, count }) => {
    const volumeMl = request.jars.find((jar) => jar.name === name)?.volumeMl ?? 0;
    return Array.from({ length: count }, () => volumeMl);
  });
  const largest = Math.max(...content);
  if (!(largest > 0)) return null;
  const halfPints = request.cannerHolds ?? USUAL_HALF_PINTS;
  const load: Omit<HeatingCase, 'waterC'> = {
    kind: method,
    halfPints,
    jarsMl: content.slice(0, capacityOf(halfPints, largest)),
    // A slow cooker or an oven heats no canner.
    powerW: heat.slow ? HEAT_SOURCES['medium-burner'].powerW : heat.powerW,
    waterBoilsC: ambient.waterBoilsC,
    factor: 1,
    watched: 0,
  };
  // Typical figures alone are points.
  const told = (minutes: Quantiles): Quantiles =>
    roundQuantiles(
      request.draws === 0 ? { p10: minutes.p50, p50: minutes.p50, p90: minutes.p50 } : minutes,
      0,
    );
  return {
    ready: told(minutesToReady(load)),
    toBoil: told(minutesToBoil({ ...load, waterC: WATER_WHEN_LOADED_C })),
  };
}
