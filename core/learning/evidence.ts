import { toTheStop, stagesOf } from '../chain/index.ts';
import { evaluate, readLines, type PlanRequest } from '../evaluate/index.ts';
import { NOTHING_LEARNED } from '../forecast/index.ts';
import { SET_LEAST_RATIO, type SetClass } from '../gel/index.ts';
import { massOf, solublesPctOf, timesContents, type Contents } from '../formula/index.ts';
import { METHODS, type Method } from '../method/index.ts';
import { planBatch } from '../plan/index.ts';
import {
  cookPlanOf,
  cookWith,
  fittedPot,
  priorOf,
  TYPICAL_POT,
  type CookPlan,
  type Distribution,
  type PotParameters,
  type Weighing,
} from '../stove/index.ts';
import { FILLING_TEMP_C, jarredMl, SKIM_AND_CLING, TRAPPED_AIR, volumeMl } from '../yield/index.ts';
import type { CookOutcome, CookRecord } from './cookRecord.ts';
import type { Told } from './joined.ts';
import { cupOf, solidsOf, type ToldOf } from './measuredFruit.ts';
import { straightened, type StraightLog } from './straightened.ts';

/** What one cook tells of the kitchen; null where it says nothing of it. */
export type CookEvidence = {
  /** Net power at the boil over what is said of the burner, logarithm. */
  readonly flame: Told | null;
  /** What the thermometer adds to the truth, K. */
  readonly offsetK: Told | null;
  /** What stays in the pot, on the spoon and in the skimmings, as a share of the batch. */
  readonly lossShare: Told | null;
  /**
   * What reached the jars over what was to be expected of the pot as it was stopped, logarithm:
   * what a wrong thermometer does to it is told by that.
   */
  readonly yield: Told | null;
  /**
   * How long it took over what the simulation says with its own flame and to where it was stopped,
   * logarithm: hands, and what no model knows.
   */
  readonly minutes: Told | null;
  /** How firmly it set over what was foretold of the pot as it was stopped, logarithm. */
  readonly set: ToldOf | null;
  /** What a cup of fruit weighed over the table, logarithm. */
  readonly cup: Told | null;
  /** Soluble solids of its main fruit over the table, logarithm. */
  readonly solids: ToldOf | null;
  /** What its flame rests on. */
  readonly rests: 'scale' | 'probe' | 'clock' | null;
};

const NOTHING_TOLD: CookEvidence = {
  flame: null,
  offsetK: null,
  lossShare: null,
  yield: null,
  minutes: null,
  set: null,
  cup: null,
  solids: null,
  rests: null,
};

/** A weight at the stop is known so well, share; so is one that follows from the jars. Judgement. */
const WEIGHED_SD = 0.01;
const BY_VOLUME_SD = 0.06;
/** A pot that was stopped as the sheet asks weighs what that asks for, within so much. Judgement. */
const BY_STOP_SD = 0.08;
/** Fewer readings than this tell a cook by hand, not a probe that follows it. */
const FEW_READINGS = 4;
/** How well the content of the jars is counted, share; and the air in it. Judgement. */
const JARRED_SD = 0.04;
const LOSS_SD = 0.025;
/** What tells hardly more than was known before tells nothing, share of the prior’s variance. */
const TELLS_NOTHING = 0.95;

/** Nor does what is known so many times less well than before any cook. */
const MOST_SD = 4;

/** What is taken to be known of a pot before its log. */
const BEFORE = { calibrated: false, openInversion: true } as const;

/** Directions in a pot’s parameters: its net power at the boil, and its thermometer. */
const NET_POWER: PotParameters = [1, 0, 0, 0, -1, 0];
const OFFSET: PotParameters = [0, 0, 1, 0, 0, 0];

/**
 * What one cook tells of its kitchen: the simulation of its sheet held against its log and what came
 * of it, less what was known before. The same cook weighed, with a probe alone or by the clock alone
 * tells the same, and is less sure of it.
 */
export function evidenceOf({ request: asked, log, outcome }: CookRecord): CookEvidence {
  const request = bare(asked);
  const cookPlan = cookPlanOf(request);
  if (cookPlan === null) return NOTHING_TOLD;
  const solids = solidsOf(request);
  const fitted = fittedCook(cookPlan, log, outcome);
  if (fitted === null)
    return {
      ...NOTHING_TOLD,
      yield: toldByJars(outcome, foretoldMl(request)),
      set: toldBySet(outcome.set, request),
      solids,
    };
  const { straight, posterior, end, rests } = fitted;
  const { entries, endMs } = straight;
  const potMl = volumeMl(end, FILLING_TEMP_C);
  const flame = toldAlong(NET_POWER, posterior);
  const litMs = entries.find(({ kind }) => kind === 'lit')?.at ?? endMs;
  const asCooked = stoppedAt(
    request,
    cookPlan.setting.netPowerW * Math.exp(along(NET_POWER, posterior).mean),
    cookPlan.tempTells && cookPlan.stopKind === 'temperature' ? solublesPctOf(end) : null,
  );
  return {
    flame,
    offsetK: entries.some(({ kind }) => kind === 'temperature')
      ? toldAlong(OFFSET, posterior)
      : null,
    lossShare: lossOf(outcome, potMl),
    yield: toldByJars(outcome, rests === 'clock' ? foretoldMl(request) : usuallyJarredMl(potMl)),
    minutes:
      rests === 'clock' || flame === null ? null : toldByClock((endMs - litMs) / 60_000, asCooked),
    set: toldBySet(outcome.set, asCooked),
    cup: cupOf(request, straight),
    solids,
    rests,
  };
}

/**
 * Soluble solids that a cook stopped at, as its log and what came of it tell, g per 100 g; null
 * where they do not.
 */
export function stoppedAtPct({ request, log, outcome }: CookRecord): number | null {
  const cookPlan = cookPlanOf(bare(request));
  const fitted = cookPlan === null ? null : fittedCook(cookPlan, log, outcome);
  return fitted === null || fitted.rests === 'clock' ? null : solublesPctOf(fitted.end);
}

/** A request without what the kitchen knew: that is to be told. */
const bare = (request: PlanRequest): PlanRequest => ({
  ...request,
  waterBoilsC: null,
  learned: NOTHING_LEARNED,
});

/** A simulation of a cook’s sheet, held against its log and what came of it; null without a cook. */
function fittedCook(cookPlan: CookPlan, log: CookRecord['log'], outcome: CookOutcome) {
  const straight = straightened(cookPlan, log);
  if (straight === null) return null;
  const { entries, endMs } = straight;
  const count = (kind: string) => entries.filter((entry) => entry.kind === kind).length;
  const {
    cookPlan: started,
    posterior,
    past,
  } = fittedPot(cookPlan, entries, endMs, {
    ...BEFORE,
    alsoWeighed: weighingsOf(cookPlan, straight, outcome),
  });
  const weighed = count('weight') > 0 || outcome.finalMassG !== null;
  const rests = weighed ? 'scale' : count('temperature') > FEW_READINGS ? 'probe' : 'clock';
  return {
    straight,
    posterior,
    end: endOf(outcome, cookWith(started, posterior.mean, past).contents),
    rests,
  } as const;
}

/** What was in the pot at the stop: as it was followed, in the mass that was weighed. */
const endOf = ({ finalMassG }: CookOutcome, followed: Contents): Contents =>
  finalMassG === null ? followed : timesContents(followed, finalMassG / massOf(followed));

/** What usually reaches the jars of so much in the pot, mL. */
const usuallyJarredMl = (potMl: number): number =>
  jarredMl(potMl, SKIM_AND_CLING.share.typical, TRAPPED_AIR.share.typical);

/** What is known of the pot at the stop besides its scale: what came of it, or the stop itself. */
function weighingsOf(
  cookPlan: CookPlan,
  { entries, endMs }: StraightLog,
  { finalMassG, volumeMl: inJarsMl }: CookOutcome,
): readonly Weighing[] {
  const at = (massG: number, sd: number) => [{ atMs: endMs, massG, sdG: sd * massG }];
  if (finalMassG !== null) return at(finalMassG, WEIGHED_SD);
  const readings = entries.filter(({ kind }) => kind === 'temperature' || kind === 'weight');
  if (readings.length > FEW_READINGS || !cookPlan.tempTells) return [];
  const end = cookWith(
    cookPlan,
    TYPICAL_POT,
    stagesOf(toTheStop(cookPlan.acts)).map(({ stage }) => stage),
  ).contents;
  if (inJarsMl === null)
    return cookPlan.stopKind === 'temperature' ? at(massOf(end), BY_STOP_SD) : [];
  const times = inJarsMl / usuallyJarredMl(volumeMl(end, FILLING_TEMP_C));
  return at(massOf(end) * times, BY_VOLUME_SD);
}

/** What reaches the jars by the plan, mL; null where it foretells nothing. */
function foretoldMl(request: CookRecord['request']): number | null {
  const outcome = planBatch({ ...request, waterBoilsC: null, draws: 0 });
  return outcome.ok ? (outcome.plan.yield?.volumeMl.p50 ?? null) : null;
}

/** What is boiled down to more or less than this was stopped by no sheet, g per 100 g. */
const LEAST_SOLIDS_PCT = 20;
const MOST_SOLIDS_PCT = 85;

/**
 * The batch as it is planned with a flame to where the cook was stopped; null where no sheet stops.
 * @param solidsPct null for where the plan stops
 */
const stoppedAt = (
  request: PlanRequest,
  netPowerW: number,
  solidsPct: number | null,
): PlanRequest | null =>
  solidsPct !== null && !(solidsPct >= LEAST_SOLIDS_PCT && solidsPct <= MOST_SOLIDS_PCT)
    ? null
    : {
        ...request,
        netPowerKw: netPowerW / 1000,
        targetSolublesPct: solidsPct ?? request.targetSolublesPct,
        draws: 0,
      };

/** How well somebody tells a set by eye and spoon, logarithm. Judgement. */
const EYE_SD = 0.1;

/** How well the minutes of a cook are known once its flame is, share. Judgement. */
const CLOCKED_SD = 0.05;

function toldByClock(tookMin: number, asCooked: PlanRequest | null): Told | null {
  const outcome = asCooked === null ? null : planBatch(asCooked);
  const foretold = outcome?.ok === true ? (outcome.plan.minutes?.p50 ?? null) : null;
  return foretold === null || !(tookMin > 0 && foretold > 0)
    ? null
    : { mean: Math.log(tookMin / foretold), sd: CLOCKED_SD };
}

/** Where a class of set lies on the scale that it is foretold on, and how well. Judgement. */
const SEEN: { readonly [set in SetClass]: Told } = {
  pours: { mean: Math.log(0.38), sd: 0.3 },
  loose: between(SET_LEAST_RATIO.loose, SET_LEAST_RATIO.soft),
  soft: between(SET_LEAST_RATIO.soft, SET_LEAST_RATIO.firm),
  firm: between(SET_LEAST_RATIO.firm, SET_LEAST_RATIO.slices),
  slices: { mean: Math.log(2.3), sd: 0.25 },
};

/** Anywhere between two ratios alike: the width of that over √12, and one’s eye. */
function between(least: number, most: number): Told {
  const width = Math.log(most / least);
  return { mean: Math.log(Math.sqrt(least * most)), sd: Math.hypot(width / Math.sqrt(12), EYE_SD) };
}

/** What is foretold to hold so little that it cannot set tells nothing by how it did. */
const LEAST_RATIO = 0.15;

/** How it set over what was foretold; an egg thickens as it is heated, and tells nothing. */
function toldBySet(seen: SetClass | null, request: PlanRequest | null): ToldOf | null {
  // Jars that are made again set by what was seen of them, and tell nothing of the kitchen.
  if (seen === null || request === null || request.remake !== null) return null;
  const { boil, choice } = evaluate({ ...request, draws: 0 }, readLines(request));
  const ratio = boil?.setRatio ?? null;
  if (ratio === null || ratio < LEAST_RATIO || !learnsSet(choice.method)) return null;
  const { mean, sd } = SEEN[seen];
  return { id: choice.method, mean: mean - Math.log(ratio), sd };
}

const learnsSet = (method: Method): boolean => METHODS[method].stopKind !== 'egg';

/** What reached the jars over what was expected. */
const toldByJars = ({ volumeMl: inJarsMl }: CookOutcome, expectedMl: number | null): Told | null =>
  inJarsMl === null || expectedMl === null || !(inJarsMl > 0 && expectedMl > 0)
    ? null
    : { mean: Math.log(inJarsMl / expectedMl), sd: JARRED_SD };

/** What did not reach the jars of what was in the pot, where both were measured. */
const lossOf = ({ finalMassG, volumeMl: inJarsMl }: CookOutcome, potMl: number): Told | null =>
  finalMassG === null || inJarsMl === null
    ? null
    : { mean: 1 - (inJarsMl * (1 - TRAPPED_AIR.share.typical)) / potMl, sd: LOSS_SD };

/**
 * What a fit tells in one direction besides its prior; null for nothing. A fit that does not lie
 * well was widened after it was made: the prior is taken off it as it was made, and what is left is
 * widened.
 */
function toldAlong(direction: PotParameters, posterior: Distribution): Told | null {
  const [before, after] = [along(direction, priorOf(BEFORE)), along(direction, posterior)];
  const [p, v] = [before.sd ** 2, (after.sd / posterior.misfit) ** 2];
  const precision = 1 / v - 1 / p;
  const sd = posterior.misfit * Math.sqrt(1 / precision);
  if (!(v < TELLS_NOTHING * p) || !(sd < MOST_SD * before.sd)) return null;
  return { mean: (after.mean / v - before.mean / p) / precision, sd };
}

/** Mean and standard deviation in one direction. */
function along(direction: PotParameters, { mean, root }: Distribution): Told {
  const dot = (of: readonly number[]) =>
    direction.reduce((sum, share, i) => sum + share * (of[i] as number), 0);
  const columns = direction.map((_, j) => dot(root.map((row) => row[j] ?? 0)));
  return { mean: dot(mean), sd: Math.hypot(...columns) };
}
