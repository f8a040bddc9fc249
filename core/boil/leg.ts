import { saturationPressurePa, saturationTemperatureC } from '../ambient/index.ts';
import { massOf, solublesG, solublesPctOf, type Contents } from '../formula/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';
import { boilingPointC } from './boilingPoint.ts';
import { type Problem, type State } from './integrate.ts';
import {
  evaporationHeat,
  EVAPORATION_HEAT,
  inversionRate,
  KITCHEN_AIR_VAPOUR,
  PAN_EVAPORATION,
  pectinLossRate,
  specificHeat,
} from './kinetics.ts';
import type { CookSetting, Stage, Until } from './stage.ts';
import { MOLAR_MASS_SUCROSE, MOLAR_MASS_WATER, waterActivity } from './waterActivity.ts';

/** Share of the steam that a lid lets out; the rest runs back. */
export const LID_LETS_OUT = constant(0.1, '1', commonPractice('a lid returns about 90 %'));

/** Heat that a pot off the stove gives to the kitchen, W per m² of base and K. */
export const POT_COOLING = constant(
  30,
  'W/(m² K)',
  commonPractice('still air around base, sides and surface; judgement'),
);

/**
 * A pot whose syrup holds less water than this to a gram of solubles is dry: 95 °Brix, beyond every
 * model here.
 */
const DRY_WATER_PER_SOLUBLES = 5 / 95;

/** Warmer than this below its boiling point, a pot on the flame is at the boil. */
export const AT_THE_BOIL_K = 1e-3;

/** A trial step may be colder than any water; °C. */
const COLDEST_C = 0.01;
/**
 * Longest steps: while the pot warms by this much, or loses this share of its water, or this long.
 */
const STEP_WARMING_K = 5;
const STEP_WATER_SHARE = 0.1;
const LONGEST_STEP_S = 1200;

/**
 * The pot at one time of its cook: `t` s from cold, `wear` the logarithm of the pectin that is
 * left.
 */
export type PotState = {
  readonly t: number;
  readonly tempC: number;
  readonly batch: Contents;
  readonly wear: number;
};

/**
 * The batch with other sugars and water. Written out: copied with a spread, this is half of the
 * time of a cook.
 */
const withSyrup = (
  batch: Contents,
  { water, sucrose, hexoses }: Pick<Contents, 'water' | 'sucrose' | 'hexoses'>,
): Contents => ({
  water,
  sucrose,
  hexoses,
  otherSolubles: batch.otherSolubles,
  insolubles: batch.insolubles,
  fat: batch.fat,
  egg: batch.egg,
});

/** The batch with so much water, g. */
const withWater = (batch: Contents, water: number): Contents =>
  withSyrup(batch, { water, sucrose: batch.sucrose, hexoses: batch.hexoses });

/** A batch after `inverting` grams of sucrose have taken up their water. */
const afterInverting = (batch: Contents, inverting: number, waterTaken: number): Contents =>
  withSyrup(batch, {
    sucrose: batch.sucrose - inverting,
    hexoses: batch.hexoses + inverting + waterTaken,
    water: batch.water - waterTaken,
  });

/** How far past its end a stage is; negative before it. Minutes end by the clock. */
function past(until: Until, { tempC, batch }: Omit<PotState, 't'>): number {
  if (until.kind === 'solubles') return solublesPctOf(batch) - until.pct;
  return until.kind === 'temperature' ? tempC - until.tempC : -1;
}

/**
 * A batch that a trial step took beyond dryness, with half the water that counts as dry: what is
 * drier has no boiling point, and the step is cut where the pot is dry.
 */
export function noDrier(batch: Contents): Contents {
  const least = (DRY_WATER_PER_SOLUBLES / 2) * solublesG(batch);
  return batch.water >= least ? batch : withWater(batch, least);
}

/** Positive once the pot is dry. */
export const dryness = (batch: Contents): number =>
  DRY_WATER_PER_SOLUBLES - batch.water / solublesG(batch);

/** Whether a stage has come to its end; minutes end by the clock. */
export const isDone = (until: Until, now: PotState): boolean => past(until, now) > -1e-9;

/** The equations of one stretch, and the pot that a state of them stands for. */
export type Leg = {
  readonly at: (y: State) => Omit<PotState, 't'>;
  readonly problem: Problem;
};

/**
 * The equations of one leg, warming or boiling. State: temperature °C, water g, sucrose g, log of
 * pectin left.
 */
export function legOf(
  from: PotState,
  boils: boolean,
  flameW: number,
  stage: Stage,
  setting: CookSetting,
): Leg {
  const { pressurePa, hydrogenAt, startTempC, draughtTimes = 1, lossWPerK = 0 } = setting;
  const { inversionOf = (acid: number) => acid } = setting;
  const base = from.batch;
  const area = (Math.PI / 4) * (setting.panDiameterCm / 100) ** 2;
  const letsOut = stage.lid === true ? LID_LETS_OUT.value : 1;
  // A trial step may shoot past the last of the water or sucrose; it is then rejected or cut short.
  const driest = 0.04 * solublesG(base);
  const contentsAt = (y: State): Contents => {
    const sucrose = Math.max(0, y[2] as number);
    const gone = base.sucrose - sucrose;
    return withSyrup(base, {
      water: Math.max(y[1] as number, driest),
      sucrose,
      hexoses: base.hexoses + gone + (gone * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value,
    });
  };
  const at = (y: State): Omit<PotState, 't'> => {
    const batch = contentsAt(y);
    const tempC = boils ? boilingPointC(noDrier(batch), pressurePa) : (y[0] as number);
    return { tempC, batch, wear: y[3] as number };
  };
  const chemistry = (tempC: number, batch: Contents) => {
    const hydrogen = hydrogenAt(batch.water);
    const inverting = batch.sucrose * inversionRate(tempC, inversionOf(hydrogen));
    return {
      inverting,
      waterTaken: (inverting * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value,
      wearing: stage.freesPectin === true ? 0 : pectinLossRate(tempC, hydrogen),
    };
  };
  const boilLossW = lossWPerK * (saturationTemperatureC(pressurePa) - startTempC);
  const grossW = flameW + (stage.flame ?? 1) * boilLossW;
  /** Heat that the batch gets at a temperature, W. */
  const netW = (tempC: number) =>
    flameW > 0
      ? grossW - lossWPerK * (tempC - startTempC)
      : -POT_COOLING.value * area * (tempC - startTempC);
  const warming = (y: State): State => {
    const tempC = y[0] as number;
    const batch = contentsAt(y);
    const drive =
      waterActivity(batch) * saturationPressurePa(Math.max(tempC, COLDEST_C)) -
      KITCHEN_AIR_VAPOUR.value;
    const steamKg = letsOut * draughtTimes * PAN_EVAPORATION.value * area * Math.max(0, drive);
    const { inverting, waterTaken, wearing } = chemistry(tempC, batch);
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    return [
      (netW(tempC) - steamKg * evaporationHeat(tempC)) / heat,
      -1000 * steamKg - waterTaken,
      -inverting,
      -wearing,
    ];
  };
  const boiling = (y: State): State => {
    const batch = noDrier(contentsAt(y));
    const boilsAt = (of: Contents) => boilingPointC(noDrier(of), pressurePa);
    const tempC = boilsAt(batch);
    const { inverting, waterTaken, wearing } = chemistry(tempC, batch);
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    // The boiling point climbs as water leaves, and a little as sugar inverts; both want heat.
    const smallG = batch.water * 1e-5;
    const climbPerKg = (1000 * (boilsAt(withWater(batch, batch.water - smallG)) - tempC)) / smallG;
    const climbPerS = boilsAt(afterInverting(batch, inverting, waterTaken)) - tempC;
    const steamKg =
      (letsOut * Math.max(0, netW(tempC) - heat * climbPerS)) /
      (evaporationHeat(tempC) + letsOut * heat * climbPerKg);
    return [0, -1000 * steamKg - waterTaken, -inverting, -wearing];
  };
  const massG = massOf(base);
  const warmingStepS =
    ((massG / 1000) * specificHeat(base) * STEP_WARMING_K) / Math.max(flameW, 50);
  const boilingStepS = ((base.water / 1000) * EVAPORATION_HEAT.value * STEP_WATER_SHARE) / flameW;
  return {
    at,
    problem: {
      slope: boils ? boiling : warming,
      event: (y) => {
        const here = at(y);
        const ended = Math.max(past(stage.until, here), dryness(here.batch));
        if (boils) return ended;
        return flameW > 0
          ? Math.max(ended, here.tempC - boilingPointC(noDrier(here.batch), pressurePa))
          : ended;
      },
      tolerance: [0.005, massG * 1e-5, massG * 1e-5, 1e-5],
      longestStep: Math.min(LONGEST_STEP_S, boils ? boilingStepS : warmingStepS),
    },
  };
}
