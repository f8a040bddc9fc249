import {
  HEAT_SOURCES,
  planBatch,
  USUAL_JARS,
  USUAL_REQUEST,
  type JarSize,
  type PlanOutcome,
  type PlanRequest,
} from '@idle-kettle/core';
import type { Kitchen } from './kitchen.ts';
import { toPretreatment } from './pretreatment.ts';
import { toReadingKitchen } from './reading.ts';
import type { Formula } from './settings.ts';

/** The parts of a kitchen that a plan depends on. */
export type PlanningKitchen = Pick<
  Kitchen,
  | 'altitudeM'
  | 'waterBoilsC'
  | 'school'
  | 'canner'
  | 'pots'
  | 'burners'
  | 'jars'
  | 'packs'
  | 'measures'
  | 'names'
>;

/** A kitchen in which nothing is set up: sea level, half-pints without end, a medium burner. */
export const BARE_KITCHEN: PlanningKitchen = {
  altitudeM: null,
  waterBoilsC: null,
  school: 'ten-minute',
  canner: 'boiling-water',
  pots: [],
  burners: [],
  jars: [],
  packs: [],
  measures: 'us',
  names: [],
};

/** The one that is named by its id, or by its name as older formulas do; else the first, or none where there is none. */
export const chosenOf = <T extends { readonly id?: string; readonly name: string }>(
  things: readonly T[],
  named: string | null | undefined,
): T | undefined =>
  things.find(({ id }) => id !== undefined && id === named) ??
  things.find(({ name }) => name === named) ??
  things[0];

/** What a formula is cooked in and on. A slow cooker and a roasting pan bring their own pot. */
export function potAndBurner(
  { settings }: Pick<Formula, 'settings'>,
  kitchen: Pick<PlanningKitchen, 'pots' | 'burners'>,
) {
  const burner = chosenOf(kitchen.burners, settings.burner);
  const own = burner === undefined ? null : HEAT_SOURCES[burner.heat].ownPot;
  const pot = chosenOf(kitchen.pots, settings.pot);
  return { burner, pot, inside: own ?? pot ?? null, bringsPot: own !== null };
}

/** The request that a formula makes in a kitchen: the same in the browser and on the server. */
export function requestInKitchen(
  { lines, settings }: Formula,
  kitchen: PlanningKitchen,
): PlanRequest {
  const { burner, inside } = potAndBurner({ settings }, kitchen);
  return {
    ...USUAL_REQUEST,
    product: settings.product ?? USUAL_REQUEST.product,
    method: settings.method ?? null,
    lines,
    before: toPretreatment(settings.before),
    altitudeM: kitchen.altitudeM,
    waterBoilsC: kitchen.waterBoilsC,
    pot: inside === null ? null : { diameterCm: inside.diameterCm, heightCm: inside.heightCm },
    heat: burner?.heat ?? USUAL_REQUEST.heat,
    netPowerKw: burner?.netPowerKw ?? null,
    targetSolublesPct: settings.targetSolublesPct ?? null,
    bodyStop: settings.bodyStop ?? USUAL_REQUEST.bodyStop,
    boilMin: settings.boilMin ?? null,
    jars: jarsIn(kitchen),
    school: kitchen.school,
    canner: kitchen.canner,
    ...toReadingKitchen(kitchen),
    measured: {
      startBrix: settings.measured?.startBrix ?? null,
      startPH: settings.measured?.startPH ?? null,
    },
    assurance: {
      testedFormula: settings.assurance?.testedFormula ?? null,
      source: settings.assurance?.source ?? null,
      minutes: settings.assurance?.minutes ?? null,
      meterPH: settings.assurance?.meterPH ?? null,
    },
  };
}

/** The plan of a formula in a kitchen; with `draws` 0 its typical figures alone. */
export const planInKitchen = (
  formula: Formula,
  kitchen: PlanningKitchen,
  draws?: number,
): PlanOutcome => {
  const request = requestInKitchen(formula, kitchen);
  return planBatch(draws === undefined ? request : { ...request, draws });
};

/** The jars on hand in a kitchen; half-pints without end where none are named. */
export const jarsIn = ({ jars }: Pick<Kitchen, 'jars'>): readonly JarSize[] =>
  jars.length === 0
    ? USUAL_JARS
    : jars.map((jar) => ({
        name: jar.name,
        volumeMl: jar.volumeMl,
        count: jar.count ?? null,
        prefer: jar.prefer ?? false,
        gift: jar.gift ?? 0,
      }));
