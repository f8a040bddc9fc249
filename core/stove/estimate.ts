import type { Stage } from '../boil/index.ts';
import { quantilesOf } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { bandOf, drawOf, posteriorDraws, type BandPoint, type Draw } from './draws.ts';
import { isReading, type Entry } from './entry.ts';
import { posteriorOf, type Weighing } from './likelihood.ts';
import type { Distribution } from './posterior.ts';
import { priorOf, type Before } from './prior.ts';
import { momentsOf, progressOf, type Moment, type Progress } from './progress.ts';
import { freshReading, median } from './readings.ts';
import { nearBoil, type CookPlan } from './cookPlan.ts';
import { addedUntil, pastStages, stagesAhead } from './stages.ts';
import { effectiveEntries } from './effectiveEntries.ts';
import { unobservedOf, type Unobserved } from './unobserved.ts';

/** The first readings tell how warm the pot is when it is lit, ms. */
const FIRST_READINGS_MS = 15_000;
/** A probe out of boiling water is cold again after this long, ms. */
const COOLS_MS = 120_000;

/**
 * A temperature whose p10 and p90 lie further apart than this, K, is a guess by the clock;
 * judgement.
 */
const KNOWN_K = 5;

/** A temperature at a minute since the flame, °C as shown. */
export type CurvePoint = { readonly minute: number; readonly tempC: number };

/**
 * What is known of a pot now. Temperatures as the thermometer shows them; minutes since the flame.
 */
export type Estimate = {
  readonly atMs: number;
  /** Minutes since the flame; 0 before it. */
  readonly minute: number;
  readonly tempC: Quantiles;
  /**
   * Whether a reading or a boil that was seen tells how warm it is; where neither does, the clock
   * alone would guess.
   */
  readonly tempKnown: boolean;
  /** What the probe shows; null while it shows nothing fresh. */
  readonly shownC: number | null;
  readonly solublesPct: Quantiles;
  readonly massG: Quantiles;
  /**
   * Until the stop, if the sheet is followed; null once it is behind, or the pot will not get
   * there.
   */
  readonly minutesLeft: Quantiles | null;
  /**
   * What the temperature still has to climb, K; below 0 past the stop. Null off the heat, where it
   * is not counted.
   */
  readonly toGoK: number | null;
  readonly atTheBoil: boolean;
  /** Why the thermometer does not tell how far the pot is; null while it does. */
  readonly unobserved: Unobserved | null;
  /** What the thermometer adds to the truth besides what boiling water showed, K. */
  readonly offsetK: Quantiles;
  /**
   * Whether the thermometer is told to be off so far, by how the pot boils, that the rest is gone
   * by and not it.
   */
  readonly thermometerIsOff: boolean;
  /** Net power that this burner gives, W, as far as it has shown. */
  readonly powerW: Quantiles;
  /** What is expected from now to the stop, and its band. */
  readonly ahead: readonly BandPoint[];
  /** What the pot was, by the posterior of now. */
  readonly past: readonly CurvePoint[];
};

/** What is known of a pot besides its log. */
export type Knowledge = Before & {
  /** What it is known to have weighed, besides what the scale says. */
  readonly alsoWeighed?: readonly Weighing[];
};

/** A pot held against its log: what may differ from the sheet, as far as that tells. */
export type FittedPot = {
  readonly cookPlan: CookPlan;
  readonly entries: readonly Entry[];
  readonly moments: readonly Moment[];
  readonly progress: Progress;
  readonly untilMs: number;
  /** What it went through; empty before it is lit. */
  readonly past: readonly Stage[];
  readonly posterior: Distribution;
};

/**
 * The prior of a pot’s flame, its fruit and its thermometer, and what was read, weighed, put in and
 * said until `nowMs`, held against the simulation of this cook.
 */
export function fittedPot(
  of: CookPlan,
  log: readonly Entry[],
  nowMs: number,
  { alsoWeighed = [], ...before }: Knowledge,
): FittedPot {
  const entries = effectiveEntries(log);
  const moments = momentsOf(
    of,
    entries.filter((entry) => !isReading(entry)),
  );
  const cookPlan = startingAs(of, entries, moments);
  const progress = moments.at(-1)?.progress ?? progressOf(cookPlan, []);
  const { litAtMs } = progress;
  const untilMs = Math.min(nowMs, progress.readyAtMs ?? Infinity);
  const past = pastStages(moments, untilMs);
  const posterior =
    litAtMs === null || past.length === 0
      ? priorOf(before)
      : posteriorOf(cookPlan, past, {
          entries,
          moments,
          litAtMs,
          untilMs,
          before,
          alsoWeighed,
        });
  return { cookPlan, entries, moments, progress, untilMs, past, posterior };
}

/** The pot at `nowMs`, as {@link fittedPot} tells it. */
export function estimate(
  of: CookPlan,
  log: readonly Entry[],
  nowMs: number,
  knowledge: Knowledge,
): Estimate {
  const { cookPlan, entries, moments, progress, untilMs, past, posterior } = fittedPot(
    of,
    log,
    nowMs,
    knowledge,
  );
  const { litAtMs } = progress;
  const minute = litAtMs === null ? 0 : (untilMs - litAtMs) / 60_000;
  const ahead = stagesAhead(cookPlan, progress, untilMs);
  const added = addedUntil(moments, untilMs);
  const draws = posteriorDraws(cookPlan, posterior, past, ahead, minute, added);
  const mode = drawOf(cookPlan, posterior.mean, past, ahead, minute, added);
  const shownC = freshReading(entries, progress, untilMs);
  const spread = (of: (draw: Draw) => number): Quantiles =>
    quantilesOf(Float64Array.from(draws, of));
  const offsetK = { ...spread((draw) => draw.offsetK), p50: mode.offsetK };
  const isOff = cookPlan.tempTells && litAtMs !== null && tellsOff(offsetK);
  const nowC = shownC ?? mode.now.tempC + mode.offsetK;
  const tempC = spread((draw) => draw.now.tempC + draw.offsetK);
  const boils = nearBoil(cookPlan, mode.now.tempC) && progress.onHeat;
  const endings = draws.flatMap(({ leftMin }) => (leftMin === null ? [] : [leftMin]));
  return {
    atMs: nowMs,
    minute,
    tempC: { ...tempC, p50: nowC },
    tempKnown: shownC !== null || tempC.p90 - tempC.p10 <= KNOWN_K,
    shownC,
    solublesPct: spread((draw) => draw.now.solublesPct),
    massG: spread((draw) => draw.now.massG),
    minutesLeft:
      ahead.length === 0 || endings.length < draws.length / 2
        ? null
        : aboutTheMode(quantilesOf(Float64Array.from(endings)), mode.leftMin),
    toGoK:
      litAtMs !== null && !progress.onHeat
        ? null
        : cookPlan.stopC - (isOff ? mode.now.tempC : nowC),
    atTheBoil: boils,
    unobserved: unobservedOf(cookPlan, entries, moments, progress, boils, untilMs),
    offsetK,
    thermometerIsOff: isOff,
    powerW: spread((draw) => draw.powerW),
    ahead: bandOf(draws, minute),
    past: mode.past.map(({ minute: at, tempC }) => ({
      minute: at,
      tempC: tempC + mode.offsetK,
    })),
  };
}

/** A range about the likeliest pot: a few draws tell how wide it is, and less well its middle. */
const aboutTheMode = ({ p10, p50, p90 }: Quantiles, likeliest: number | null): Quantiles => {
  const middle = likeliest ?? p50;
  return { p10: Math.min(p10, middle), p50: middle, p90: Math.max(p90, middle) };
};

/**
 * A thermometer that is off by less than this is gone by, K; and so is one of which that is not
 * sure.
 */
const OFF_K = 1;

const tellsOff = ({ p10, p50, p90 }: Quantiles): boolean =>
  Math.abs(p50) >= OFF_K && p10 * p90 > 0 && Math.min(Math.abs(p10), Math.abs(p90)) > OFF_K / 2;

/**
 * The sheet with the pot as warm as the thermometer showed when it was lit; a probe still warm from
 * boiling water tells nothing.
 */
function startingAs(
  cookPlan: CookPlan,
  entries: readonly Entry[],
  moments: readonly Moment[],
): CookPlan {
  const litAtMs = moments.at(-1)?.progress.litAtMs ?? null;
  const { setting, offsetK } = cookPlan;
  const startingAt = (startTempC: number): CookPlan => ({
    ...cookPlan,
    setting: { ...setting, startTempC },
  });
  const assumed = startingAt(setting.startTempC + offsetK);
  if (litAtMs === null) return assumed;
  const warm = moments.some(
    ({ event: { kind, at } }) =>
      (kind === 'water-boils' || kind === 'in-water') && at <= litAtMs && litAtMs - at < COOLS_MS,
  );
  const first = entries.flatMap(({ kind, at, value }) =>
    kind === 'temperature' && value !== null && Math.abs(at - litAtMs) < FIRST_READINGS_MS
      ? [value]
      : [],
  );
  return warm || first.length === 0 ? assumed : startingAt(median(first));
}
