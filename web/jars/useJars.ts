import {
  chosenOf,
  jarsIn,
  requestInKitchen,
  type CookRecord,
  type Kitchen,
} from '@idle-kettle/contract';
import {
  fillingOf,
  HEAT_SOURCES,
  jarProgressOf,
  jarSheetOf,
  minutesToBoil,
  USUAL_HALF_PINTS,
  WATER_WHEN_LOADED_C,
  type Entry,
  type Estimate,
  type Filling,
  type JarProgress,
  type JarSheet,
  type Load,
  type Spread,
} from '@idle-kettle/core';
import { useMemo } from 'react';
import type { Standing } from '../stove/useStanding.ts';

/** What is known of the jars of a cook. */
export type KnownJars = {
  readonly sheet: JarSheet;
  readonly progress: JarProgress;
  readonly filling: Filling;
  /** When the pot came off for the jars, ms on the kitchen’s clock; null where that was not noted. */
  readonly readyAtMs: number | null;
  readonly sizes: readonly string[];
};

/**
 * The jars of a cook by its log; null where nothing in it can be jarred.
 * @param known the pot as it was followed at the stove; null where it was not
 */
export function useJars(
  cook: CookRecord,
  { events, waterBoilsC }: Standing,
  known: Estimate | null,
): KnownJars | null {
  // Only what went in at the stove moves the sheet, which takes long to work out.
  const added = JSON.stringify(events.filter(({ kind }) => kind === 'added'));
  const sheet = useMemo(() => {
    const request = requestInKitchen(cook.formula, cook.kitchen);
    return jarSheetOf(
      waterBoilsC === null ? request : { ...request, waterBoilsC },
      JSON.parse(added) as Entry[],
    );
  }, [cook.formula, cook.kitchen, added, waterBoilsC]);
  const progress = useMemo(() => (sheet ? jarProgressOf(sheet, events) : null), [sheet, events]);
  const massKey = JSON.stringify(massOf(events, known));
  const filling = useMemo(
    () =>
      sheet && progress ? fillingOf(sheet, progress, JSON.parse(massKey) as Spread | null) : null,
    [sheet, progress, massKey],
  );
  const sizes = useMemo(() => jarsIn(cook.kitchen).map(({ name }) => name), [cook.kitchen]);
  if (!sheet || !progress || !filling) return null;
  const readyAtMs = events.findLast(({ kind }) => kind === 'ready')?.at ?? null;
  return { sheet, progress, filling, readyAtMs, sizes };
}

/** What the stove knew of the pot’s mass at the end; null for a batch that was not followed there. */
function massOf(events: readonly Entry[], known: Estimate | null): Spread | null {
  const followed =
    events.some(({ kind }) => kind === 'lit') && events.some(({ kind }) => kind === 'off-heat');
  return followed && known !== null ? known.massG : null;
}

/** Minutes that a load takes from the flame to the boil, over the burner of the batch. */
export function toBoilIn(
  cook: CookRecord,
  kitchen: Kitchen | undefined,
  { sizes, timedBy, waterBoilsC }: JarSheet,
): (load: Pick<Load, 'jars'>) => Spread {
  const burner = chosenOf(cook.kitchen.burners, cook.formula.settings.burner);
  const heat =
    burner === undefined || HEAT_SOURCES[burner.heat].slow ? 'medium-burner' : burner.heat;
  const watched = kitchen?.cannerWatched ?? null;
  return ({ jars }) =>
    minutesToBoil({
      kind: timedBy.canner,
      halfPints: kitchen?.cannerHolds ?? USUAL_HALF_PINTS,
      jarsMl: jars.map((id) => sizes[Number(id.split('.')[0]) - 1]?.volumeMl ?? 0),
      powerW:
        burner?.heat === heat && burner.netPowerKw != null
          ? 1000 * burner.netPowerKw
          : HEAT_SOURCES[heat].powerW,
      waterBoilsC,
      waterC: WATER_WHEN_LOADED_C,
      factor: watched?.factor ?? 1,
      watched: watched?.watched ?? 0,
    });
}
