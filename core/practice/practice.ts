import type { UnderstoodLine, WeighedLine } from '../parser/index.ts';
import { type PlanRequest, readLines } from '../evaluate/index.ts';
import { celsiusDegrees } from '../quantity/index.ts';
import { type CookPlan, cookPlanOf } from '../stove/index.ts';
import type { FaultId } from './faults.ts';

/** How a simulated thermometer errs. */
export type Probe = {
  /** What it shows above the truth, K. */
  readonly offsetK: number;
  /** Standard deviation of a reading, K. */
  readonly noiseK: number;
  /** How slowly it follows, s. */
  readonly lagS: number;
  /** Share of the time in which it shows nothing. */
  readonly dropoutShare: number;
};

export const USUAL_PROBE: Probe = { offsetK: 0, noiseK: 0.25, lagS: 6, dropoutShare: 0.03 };

/** A cook on a simulated burner: what is told of it, what is true, and how it is measured. */
export type Practice = {
  readonly seed: number;
  readonly fault: FaultId;
  readonly probe: Probe;
  /** Whether the pot stands on a scale. */
  readonly scale: boolean;
};

const OFF_BY_3_F = -celsiusDegrees(3);
const HILLS_M = 1600;
const OVER_RIPE = 1;

/** The request as the cook is told of it: place and thermometer unknown, a double batch doubled. */
export function toldRequest(request: PlanRequest, { fault }: Pick<Practice, 'fault'>): PlanRequest {
  const hidden = fault === 'high-kitchen' ? { altitudeM: null, waterBoilsC: null } : {};
  const told = { ...request, ...hidden, waterBoilsC: null };
  return fault === 'double-batch' ? inAll(told, (line) => weighed(line, 2), 2) : told;
}

/** The request as it is in truth. */
export function trueRequest(request: PlanRequest, practice: Pick<Practice, 'fault'>): PlanRequest {
  const told = toldRequest(request, practice);
  if (practice.fault === 'high-kitchen') return { ...told, altitudeM: HILLS_M };
  if (practice.fault !== 'ripe-fruit') return told;
  return inAll(told, (line) => ({
    ...weighed(line, 1),
    ...(line.ingredient.kind === 'fruit' ? { ripeness: OVER_RIPE } : {}),
  }));
}

/** The sheet of the pot as it is in truth; null as for {@link cookPlanOf}. */
export const trueSheet = (request: PlanRequest, practice: Practice): CookPlan | null =>
  cookPlanOf(trueRequest(request, practice));

/** The probe as it is in truth, its fault included. */
export const trueProbe = ({ probe, fault }: Practice): Probe =>
  fault === 'thermometer-low' ? { ...probe, offsetK: probe.offsetK + OFF_BY_3_F } : probe;

/**
 * A request with each of its lines changed, those of what is done first too, and what was measured
 * of that so many times.
 */
function inAll(
  request: PlanRequest,
  change: (line: UnderstoodLine) => WeighedLine,
  times = 1,
): PlanRequest {
  const { before, remake } = request;
  const timesOf = (amount: number | null) => (amount === null ? null : amount * times);
  return {
    ...request,
    lines: understood(request).map(change),
    remake: remake && { ...remake, volumeMl: remake.volumeMl * times },
    before: before && {
      ...before,
      // What goes in first is fruit and water as they come.
      lines: understood({ ...request, product: 'jam', lines: before.lines }).map(change),
      waterG: timesOf(before.waterG),
      obtainedG: timesOf(before.obtainedG),
      obtainedMl: timesOf(before.obtainedMl),
    },
  };
}

const understood = (request: PlanRequest): UnderstoodLine[] =>
  readLines(request).filter((line): line is UnderstoodLine => line.understood);

const weighed = ({ ingredient, massG, ripeness }: UnderstoodLine, times: number): WeighedLine => ({
  ingredient: ingredient.id,
  massG: massG.typical * times,
  ripeness,
  ...(ingredient.kind === 'fruit' ? { state: ingredient.state } : {}),
});
