import type { CookMoment, Stage } from '../boil/index.ts';
import { chanceFrom, normalFrom, quantilesOf } from '../forecast/index.ts';
import { massOf, NOTHING, plus, solublesPctOf, type Contents } from '../formula/index.ts';
import { commonPractice, constant, type Quantiles } from '../quantity/index.ts';
import { cookWith, firstWith, traceAt, type PotParameters } from './parameters.ts';
import type { Distribution } from './posterior.ts';
import type { CookPlan } from './cookPlan.ts';

/**
 * What no reading tells of the time still to come: a drifting flame, a draught, a lid; logarithm,
 * one standard deviation.
 */
export const AHEAD_SD = constant(0.031, '1', commonPractice('judgement'));
/** A kitchen that does what the simulation does not will go on doing so, up to this much more. */
const MOST_UNSURE = 6;
const aheadSd = (misfit: number): number => AHEAD_SD.value * Math.min(MOST_UNSURE, misfit);
/** How many pots are drawn for the ranges. */
const DRAWS = 32;

/** The middle and the range of a temperature at a minute, °C as shown. */
export type BandPoint = { readonly minute: number } & Quantiles;

/**
 * One pot under some parameters: what it is now, what it was, and what it will be if the sheet is
 * followed.
 */
export type Draw = {
  readonly now: CookMoment;
  readonly past: readonly CookMoment[];
  readonly offsetK: number;
  readonly powerW: number;
  readonly leftMin: number | null;
  readonly trace: readonly CookMoment[];
};

/**
 * One pot under some parameters: through what was, and on through what is ahead.
 * @param past stages that were cooked
 * @param ahead stages that are planned
 * @param minute now, minutes from the first entry
 * @param added what was put in before the flame
 */
export function drawOf(
  cookPlan: CookPlan,
  parameters: PotParameters,
  past: readonly Stage[],
  ahead: readonly Stage[],
  minute: number,
  added: Contents = NOTHING,
): Draw {
  const powerW = cookPlan.setting.netPowerW * Math.exp(parameters[0]);
  const offsetK = parameters[2];
  // Cold: what is to go in is not in yet, though it goes in at this very minute if the sheet is
  // followed.
  const cold = (): CookMoment => {
    const contents = plus(firstWith(cookPlan, parameters), added);
    return {
      minute,
      tempC: cookPlan.setting.startTempC,
      massG: massOf(contents),
      solublesPct: solublesPctOf(contents),
      boils: false,
    };
  };
  if (past.length === 0 && ahead.length === 0) {
    const now = cold();
    return { now, past: [], offsetK, powerW, leftMin: null, trace: [now] };
  }
  const cook = cookWith(cookPlan, parameters, [...past, ...ahead]);
  const end = cook.stages.at(-1)?.endMin ?? 0;
  const gone = cook.trace.slice(0, Math.max(1, cook.stages[past.length - 1]?.traced ?? 1));
  return {
    now: past.length === 0 ? cold() : traceAt(gone, minute),
    past: gone.filter((moment) => moment.minute <= minute),
    offsetK,
    powerW,
    leftMin: cook.outcome === 'reached' && ahead.length > 0 ? Math.max(0, end - minute) : null,
    trace: cook.trace,
  };
}

/** Pots drawn from the posterior. */
export const posteriorDraws = (
  cookPlan: CookPlan,
  posterior: Distribution,
  past: readonly Stage[],
  ahead: readonly Stage[],
  minute: number,
  added: Contents,
): readonly LateDraw[] =>
  drawn(posterior).map(({ parameters, late }) => {
    const draw = drawOf(cookPlan, parameters, past, ahead, minute, added);
    return { ...draw, late, leftMin: draw.leftMin === null ? null : draw.leftMin * late };
  });

/** A draw, and how many times as long as it says what is still to come will take. */
export type LateDraw = Draw & { readonly late: number };

/** PotParameters drawn from the posterior: the same every time, so that figures do not flicker. */
function drawn({
  mean,
  root,
  misfit,
}: Distribution): readonly { readonly parameters: PotParameters; readonly late: number }[] {
  const chance = chanceFrom(1);
  return Array.from({ length: DRAWS }, () => {
    const z = mean.map(() => normalFrom(chance));
    const late = Math.exp(aheadSd(misfit) * normalFrom(chance));
    const parameters = mean.map(
      (value, i) =>
        value + (root[i] as readonly number[]).reduce((sum, s, j) => sum + s * (z[j] as number), 0),
    ) as unknown as PotParameters;
    return { parameters, late };
  });
}

const BAND_POINTS = 24;

/**
 * The band of the temperature from now until most draws have stopped.
 * @param minute now, minutes from the first entry
 */
export function bandOf(draws: readonly LateDraw[], minute: number): readonly BandPoint[] {
  const ends = draws.flatMap(({ leftMin }) => (leftMin === null ? [] : [leftMin]));
  if (ends.length === 0) return [];
  const span = quantilesOf(Float64Array.from(ends)).p90;
  return Array.from({ length: BAND_POINTS + 1 }, (_, i) => {
    const at = minute + (span * i) / BAND_POINTS;
    const temps = draws.map(
      ({ trace, offsetK, late }) => traceAt(trace, minute + (at - minute) / late).tempC + offsetK,
    );
    return { minute: at, ...quantilesOf(Float64Array.from(temps)) };
  });
}
