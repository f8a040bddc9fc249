import { type CookSession, type Kitchen } from '@idle-kettle/contract';
import {
  fillingOf,
  higherKitchen,
  cannerWatchedWith,
  jarProgressOf,
  jarPlanOf,
  loadToBoil,
  type Entry,
  type Estimate,
  type Filling,
  type JarProgress,
  type JarPlan,
  type Load,
  type Quantiles,
  jarsOnHand,
  requestInKitchen,
} from '@idle-kettle/core';
import { useMemo } from 'react';
import type { EffectiveLog } from '../stove/useEffectiveLog.ts';

/** What is known of the jars of a cook. */
export type KnownJars = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly filling: Filling;
  /**
   * When the pot came off for the jars, ms on the kitchen’s clock; null where that was not noted.
   */
  readonly readyAtMs: number | null;
  readonly sizes: readonly string[];
  /**
   * What the kitchen’s altitude was when the batch began, m, where it is higher now; null where it
   * is not.
   */
  readonly altitudeWasM: number | null;
};

/**
 * The jars of a cook by its log; null where nothing in it can be jarred.
 * @param known the pot as it was followed at the stove; null where it was not
 * @param kitchen as it is now; absent until it is known
 */
export function useJars(
  session: CookSession,
  { events, byHand, waterBoilsC }: EffectiveLog,
  known: Estimate | null,
  kitchen: Kitchen | undefined,
): KnownJars | null {
  // Only what went in at the stove moves the sheet, which takes long to work out.
  const added = JSON.stringify(events.filter(({ kind }) => kind === 'added'));
  const { kitchen: higher, wasM: altitudeWasM } = higherKitchen(session.kitchen, kitchen);
  const { altitudeM } = higher;
  const solublesKey = JSON.stringify(solublesOf(events, known));
  const jarPlan = useMemo(() => {
    const request = requestInKitchen(session.formula, { ...session.kitchen, altitudeM });
    return jarPlanOf(
      waterBoilsC === null ? request : { ...request, waterBoilsC },
      JSON.parse(added) as Entry[],
      undefined,
      JSON.parse(solublesKey) as Quantiles | null,
    );
  }, [session.formula, session.kitchen, altitudeM, added, waterBoilsC, solublesKey]);
  const progress = useMemo(
    () => (jarPlan ? jarProgressOf(jarPlan, byHand) : null),
    [jarPlan, byHand],
  );
  const massKey = JSON.stringify(massOf(events, known));
  const filling = useMemo(
    () =>
      jarPlan && progress
        ? fillingOf(jarPlan, progress, JSON.parse(massKey) as Quantiles | null)
        : null,
    [jarPlan, progress, massKey],
  );
  const sizes = useMemo(
    () => jarsOnHand(session.kitchen).map(({ name }) => name),
    [session.kitchen],
  );
  if (!jarPlan || !progress || !filling) return null;
  const readyAtMs = events.findLast(({ kind }) => kind === 'ready')?.at ?? null;
  return { jarPlan, progress, filling, readyAtMs, sizes, altitudeWasM };
}

/**
 * What the stove knew of the pot’s mass at the end; null for a batch that was not followed there.
 */
const massOf = (events: readonly Entry[], known: Estimate | null): Quantiles | null =>
  wasFollowed(events) && known !== null ? known.massG : null;

/**
 * What the pot held when it left the heat, in whole per cent; null for a batch that was not
 * followed there.
 */
const solublesOf = (events: readonly Entry[], known: Estimate | null): Quantiles | null => {
  if (!wasFollowed(events) || known === null) return null;
  const { p10, p50, p90 } = known.solublesPct;
  return { p10: Math.floor(p10), p50: Math.round(p50), p90: Math.ceil(p90) };
};

/** Whether a pot was followed from the flame to where it left the heat. */
const wasFollowed = (events: readonly Entry[]): boolean =>
  events.some(({ kind }) => kind === 'lit') && events.some(({ kind }) => kind === 'off-heat');

/**
 * Minutes that a load takes from the flame to the boil. Earlier loads of this batch count until its
 * jars are put away; from then on the kitchen has counted them.
 */
export function toBoilIn(
  session: CookSession,
  kitchen: Kitchen | undefined,
  jarPlan: JarPlan,
  { loads }: JarProgress,
): (load: Pick<Load, 'jars'>) => Quantiles {
  const of = {
    burners: session.kitchen.burners,
    settings: session.formula.settings,
    cannerHolds: kitchen?.cannerHolds ?? null,
    jarPlan,
  };
  const known = kitchen?.cannerWatched ?? null;
  const watched = session.storedAt === null ? cannerWatchedWith(of, loads, known) : known;
  return (load) => loadToBoil(of, load, watched);
}
