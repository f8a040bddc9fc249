import { HEAT_SOURCES } from '../boil/index.ts';
import {
  readingBeside,
  USUAL_JARS,
  USUAL_REQUEST,
  type PlanRequest,
  type Remake,
} from '../evaluate/index.ts';
import { NOTHING_LEARNED, type Learned } from '../forecast/index.ts';
import { loadsOf } from '../jars/index.ts';
import type { ParserKitchen } from '../parser/index.ts';
import { planBatch, type PlanOutcome } from '../plan/index.ts';
import type { Pretreatment } from '../pretreatment/index.ts';
import type { JarSize } from '../yield/index.ts';
import type {
  Formula,
  KitchenKnowledge,
  PlanningKitchen,
  StoredPretreatment,
  StoredRemake,
} from './kitchen.ts';

/**
 * The one that is named by its id, or by its name as older formulas do; else the first, or none
 * where there is none.
 */
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

/** The jars on hand in a kitchen; as many half-pints as it takes where none are named. */
export const jarsOnHand = ({ jars }: Pick<PlanningKitchen, 'jars'>): readonly JarSize[] =>
  jars.length === 0
    ? USUAL_JARS
    : jars.map(({ id, name, volumeMl, count, prefer, gift }) => ({
        ...(id === undefined ? {} : { id }),
        name,
        volumeMl,
        count: count ?? null,
        prefer: prefer ?? false,
        gift: gift ?? 0,
      }));

/**
 * What is done first, with every default filled in and without the blank lines of a formula that is
 * being written.
 */
export const pretreatmentIn = (stored: StoredPretreatment): Pretreatment => ({
  kind: stored.kind,
  lines: stored.lines.map((line) => line.trim()).filter((line) => line !== ''),
  waterG: stored.water ?? null,
  hours: stored.hours ?? null,
  obtainedG: stored.obtained?.massG ?? null,
  obtainedMl: stored.obtained?.volumeMl ?? null,
  brix: stored.brix ?? null,
  clot: stored.clot ?? null,
});

/** Jars that are emptied into the pot, with every default filled in. */
const remakeIn = (stored: StoredRemake): Remake => ({
  lines: stored.lines,
  before: stored.before == null ? null : pretreatmentIn(stored.before),
  method: stored.method ?? null,
  volumeMl: stored.volumeMl,
  solublesPct: stored.solublesPct ?? null,
  sugarShare: stored.sugarShare ?? 1,
  problem: stored.problem,
});

/** What the lines of a formula are read with in a kitchen. */
export const readingIn = (
  { lines, settings: { product, before } }: Formula,
  kitchen: ParserKitchen,
): ParserKitchen =>
  readingBeside({
    ...kitchen,
    lines,
    ...(product === undefined ? {} : { product }),
    before: before ? pretreatmentIn(before) : null,
  });

/** Id of the one burner of a kitchen that names none; its power is learned too. */
export const UNNAMED_BURNER = '';

/** Id of the pot of a kitchen that names none, and of one that comes with its heat. */
export const UNNAMED_POT = '';

/** What a pot and what it stands on are called by. */
export function standingOf(formula: Pick<Formula, 'settings'>, kitchen: PlanningKitchen) {
  const { burner, pot, bringsPot } = potAndBurner(formula, kitchen);
  return {
    burner: burner?.id ?? UNNAMED_BURNER,
    pot: bringsPot ? UNNAMED_POT : (pot?.id ?? UNNAMED_POT),
  };
}

/** What a plan in one of the kitchen's pots on one of its burners starts from. */
function learnedOf(
  knowledge: KitchenKnowledge | null,
  { burner, pot }: ReturnType<typeof standingOf>,
): Learned {
  if (knowledge === null) return NOTHING_LEARNED;
  const { burners, ...ofAll } = knowledge;
  const on = burners.find(({ id }) => id === burner);
  const inPot = on?.pots?.find(({ id }) => id === pot);
  const power = (inPot ?? on)?.netPowerW;
  const kW = (watts: number) => watts / 1000;
  return {
    ...NOTHING_LEARNED,
    ...ofAll,
    ofPot: inPot !== undefined,
    netPowerKw:
      power === undefined
        ? null
        : { p10: kW(power.p10), p50: kW(power.p50), p90: kW(power.p90), batches: power.batches },
  };
}

/** The request that a formula makes in a kitchen: the same in the browser and on the server. */
export function requestInKitchen(
  { lines, settings }: Formula,
  kitchen: PlanningKitchen,
): PlanRequest {
  const { burner, inside } = potAndBurner({ settings }, kitchen);
  const { measured, assurance } = settings;
  return {
    ...USUAL_REQUEST,
    product: settings.product ?? USUAL_REQUEST.product,
    method: settings.method ?? null,
    lines,
    before: settings.before == null ? null : pretreatmentIn(settings.before),
    remake: settings.remake == null ? null : remakeIn(settings.remake),
    altitudeM: kitchen.altitudeM,
    waterBoilsC: kitchen.waterBoilsC,
    pot: inside === null ? null : { diameterCm: inside.diameterCm, heightCm: inside.heightCm },
    heat: burner?.heat ?? USUAL_REQUEST.heat,
    netPowerKw: burner?.netPowerKw ?? null,
    learned: learnedOf(kitchen.knowledge ?? null, standingOf({ settings }, kitchen)),
    targetSolublesPct: settings.targetSolublesPct ?? null,
    bodyStop: settings.bodyStop ?? USUAL_REQUEST.bodyStop,
    boilMin: settings.boilMin ?? null,
    lidMin: settings.lidMin ?? null,
    jars: jarsOnHand(kitchen),
    school: kitchen.school,
    canner: kitchen.canner,
    cannerHolds: kitchen.cannerHolds ?? null,
    storeIn: settings.storeIn ?? null,
    packs: kitchen.packs,
    measures: kitchen.measures,
    names: kitchen.names,
    measured: { startBrix: measured?.startBrix ?? null, startPH: measured?.startPH ?? null },
    assurance: {
      testedFormula: assurance?.testedFormula ?? null,
      source: assurance?.source ?? null,
      minutes: assurance?.minutes ?? null,
      jarMl: assurance?.jarMl ?? null,
      meterPH: assurance?.meterPH ?? null,
    },
  };
}

/**
 * The plan of a formula in a kitchen; with `draws` 0 its typical figures alone.
 * @param draws how many batches are simulated for the ranges; 0 gives typical figures alone
 */
export const planInKitchen = (
  formula: Formula,
  kitchen: PlanningKitchen,
  draws?: number,
): PlanOutcome => {
  const request = requestInKitchen(formula, kitchen);
  return planBatch(draws === undefined ? request : { ...request, draws });
};

/** How many loads the likely jars of a plan take in a kitchen's canner; 0 where there are none. */
export const loadsInKitchen = (
  jars: readonly { readonly name: string; readonly count: number }[],
  kitchen: Pick<PlanningKitchen, 'jars'> & { readonly cannerHolds: number | null },
): number => {
  const sizes = jarsOnHand(kitchen);
  return loadsOf(
    jars.map(({ name, count }) => ({
      count,
      volumeMl: sizes.find((size) => size.name === name)?.volumeMl ?? 0,
    })),
    kitchen.cannerHolds,
  );
};

/**
 * A kitchen as a batch began in it, and as it is now: higher up a load takes longer, and the longer
 * time counts.
 * @returns the kitchen to go by, and what its altitude was, m; null where it is no higher than it
 * was
 */
export function higherKitchen<K extends Pick<PlanningKitchen, 'altitudeM'>>(
  began: K,
  now: Pick<PlanningKitchen, 'altitudeM'> | undefined,
): { readonly kitchen: K; readonly wasM: number | null } {
  const [was, is] = [began.altitudeM ?? 0, now?.altitudeM ?? 0];
  return is > was
    ? { kitchen: { ...began, altitudeM: is }, wasM: was }
    : { kitchen: began, wasM: null };
}
