import { HEAT_SOURCES } from '../boil/index.ts';
import {
  factorLearned,
  minutesToBoil,
  USUAL_HALF_PINTS,
  WATER_WHEN_LOADED_C,
} from '../canner/index.ts';
import type { JarPlan, Load } from '../jars/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import type { PlanningKitchen, Settings } from './kitchen.ts';
import { chosenOf } from './requestInKitchen.ts';

/** How a kitchen’s canner was against the sums, and over how many loads. */
export type CannerWatched = { readonly factor: number; readonly watched: number };

/** What heats a load: the batch’s burner, and the kitchen’s canner. */
export type CannerCase = {
  readonly burners: PlanningKitchen['burners'];
  readonly settings: Settings;
  /** Half-pints that the canner takes; null for the usual. */
  readonly cannerHolds: number | null;
  readonly jarPlan: Pick<JarPlan, 'sizes' | 'timedBy' | 'waterBoilsC'>;
};

const NEVER: CannerWatched = { factor: 1, watched: 0 };

/** Sooner than this a load cannot have boiled: somebody pressed twice, min. */
const LEAST_MIN = 1;

/**
 * Minutes that a load takes from the flame to the boil, over the burner of its batch.
 * @param watched how the canner was before; null where it was never watched
 */
export function loadToBoil(
  { burners, settings, cannerHolds, jarPlan }: CannerCase,
  { jars }: Pick<Load, 'jars'>,
  watched: CannerWatched | null,
): Quantiles {
  const burner = chosenOf(burners, settings.burner);
  const heat =
    burner === undefined || HEAT_SOURCES[burner.heat].slow ? 'medium-burner' : burner.heat;
  return minutesToBoil({
    kind: jarPlan.timedBy.canner,
    halfPints: cannerHolds ?? USUAL_HALF_PINTS,
    jarsMl: jars.map((id) => jarPlan.sizes[Number(id.split('.')[0]) - 1]?.volumeMl ?? 0),
    powerW:
      burner?.heat === heat && burner.netPowerKw != null
        ? 1000 * burner.netPowerKw
        : HEAT_SOURCES[heat].powerW,
    waterBoilsC: jarPlan.waterBoilsC,
    waterC: WATER_WHEN_LOADED_C,
    ...(watched ?? NEVER),
  });
}

/**
 * How the canner is known once the loads of a batch are counted too: those that came to the boil,
 * and kept it.
 * @param watched how it was known before; null where it was never watched
 * @returns null where it was never watched, and no load of the batch tells of it
 */
export function cannerWatchedWith(
  of: CannerCase,
  loads: readonly Load[],
  watched: CannerWatched | null,
): CannerWatched | null {
  return loads.reduce<CannerWatched | null>((known, load) => {
    if (load.litAtMs === null || load.timedFromMs === null || load.lost > 0) return known;
    const tookMin = (load.timedFromMs - load.litAtMs) / 60_000;
    if (tookMin <= LEAST_MIN) return known;
    return factorLearned(known ?? NEVER, tookMin, loadToBoil(of, load, known).p50);
  }, watched);
}
