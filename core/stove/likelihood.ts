import type { CookMoment, Stage } from '../boil/index.ts';
import { ROLLING_MIN } from '../chain/index.ts';
import type { Entry } from './entry.ts';
import { cookWith, traceAt, type PotParameters } from './parameters.ts';
import { fitPosterior, type Distribution } from './posterior.ts';
import { priorFor, type Before } from './prior.ts';
import type { Moment } from './progress.ts';
import { binned, median, type Bin } from './readings.ts';
import { nearBoil, type CookPlan } from './cookPlan.ts';
import { withoutDips } from './dips.ts';
import { isQuiet } from './unobserved.ts';

/**
 * Errors expected of a stretch of readings, K: at the boil, and below it, where a pot is not of one
 * temperature.
 */
const BOIL_SD_K = 0.12;
const BELOW_SD_K = 1;
/** Of the scale: grams, and share of the weight. */
const WEIGHT_SD_G = 10;
const WEIGHT_SD_SHARE = 0.003;
/**
 * Readings err together (a steady flame, one place in the pot): more stretches than this teach no
 * more.
 */
const TELLING_BINS = 24;
/**
 * Flames, draughts and stirring change while a pot boils: a reading tells half as much of it as it
 * is now when it is so old, minutes. Judgement.
 */
const FADES_MIN = 30;
/** A probe shows what the pot was a moment ago, minutes. */
const PROBE_LAG_MIN = 0.1;
/**
 * A cook says that it boils so long after it does, give or take; minutes, and share of the time it
 * took. Judgement.
 */
const BOIL_SAID_SD_MIN = 1;
const BOIL_SAID_SD_SHARE = 0.08;
/**
 * How far below the boil a pot may be, for each standard deviation, when the cook says it boils; K.
 * Judgement.
 */
const BOIL_SAID_SD_K = 2;
/**
 * Solids at which a drop wrinkles may lie so far below the stop's, and those at which it runs so
 * far above; %, judgement.
 */
const WRINKLES_BELOW_PCT = 2;
const RUNS_ABOVE_PCT = 2;
const TEST_SD_PCT = 2.5;

/**
 * What a fit hides of its misfit, since it bends to the readings. Judgement, held by kettles that
 * are not the program's own simulation (`trials/`): of their minutes left three in four lie within
 * the range.
 */
const UNSEEN = 2.6;

/** However well it fits, no better than this: the expected errors are a little large. */
const LEAST_MISFIT = 0.75;
/** However badly it fits, a pot is known this much less well at most. */
const MOST_MISFIT = 3;

/**
 * Half of what is normal lies within so many standard deviations; a few stretches at a bend of the
 * curve do not move it.
 */
const MIDDLE_OF_NORMAL = 0.6745;

/** What the pot weighed at a moment, and how well that is known, one standard deviation; g. */
export type Weighing = { readonly atMs: number; readonly massG: number; readonly sdG: number };

/** What was measured and said of a pot until now. */
type Evidence = {
  readonly entries: readonly Entry[];
  readonly moments: readonly Moment[];
  readonly litAtMs: number;
  readonly untilMs: number;
  readonly before: Before;
  /** What it is known to have weighed, besides what the scale says. */
  readonly alsoWeighed: readonly Weighing[];
};

/**
 * The posterior of a pot's parameters: the prior, and the likelihood of its readings, its weighings
 * and what the cook said.
 */
export function posteriorOf(
  cookPlan: CookPlan,
  past: readonly Stage[],
  { entries, moments, litAtMs, untilMs, before, alsoWeighed }: Evidence,
): Distribution {
  const quiet = (minute: number): boolean => isQuiet(moments, litAtMs + minute * 60_000);
  const temps = withoutDips(
    binned(entries, litAtMs, untilMs).filter(({ minute }) => quiet(minute)),
  );
  const nowMin = (untilMs - litAtMs) / 60_000;
  const telling = temps.map(({ minute }) => 1 / (1 + (nowMin - minute) / FADES_MIN));
  const together = Math.sqrt(
    Math.max(1, telling.reduce((sum, weight) => sum + weight * weight, 0) / TELLING_BINS),
  );
  const weights = entries.filter(
    ({ kind, at, value }) => kind === 'weight' && value !== null && at > litAtMs && at <= untilMs,
  );
  const minuteOf = (atMs: number) => (atMs - litAtMs) / 60_000;
  const boils = boilsSaid(moments, minuteOf, minuteOf(untilMs));
  const tests = testsSaid(cookPlan, moments, untilMs);
  const temperatures = (trace: readonly CookMoment[], parameters: PotParameters) =>
    temps.map((bin) =>
      temperatureResidual(cookPlan, traceAt(trace, bin.minute - PROBE_LAG_MIN), bin, parameters),
    );
  const posterior = fitPosterior((parameters) => {
    const { trace } = cookWith(cookPlan, parameters, past);
    return [
      ...temperatures(trace, parameters).map(
        (residual, i) => (residual * (telling[i] as number)) / together,
      ),
      ...weights.map(({ at, value }) => {
        const { massG } = traceAt(trace, minuteOf(at));
        return (massG - (value ?? massG)) / (WEIGHT_SD_G + WEIGHT_SD_SHARE * massG);
      }),
      ...alsoWeighed.map(
        ({ atMs, massG, sdG }) => (traceAt(trace, minuteOf(atMs)).massG - massG) / sdG,
      ),
      ...boils.map((said) => boilResidual(cookPlan, trace, said)),
      ...tests.map(({ at, text }) =>
        testResidual(
          cookPlan,
          traceAt(trace, minuteOf(at)),
          text === 'wrinkles' || text === 'merges',
        ),
      ),
    ];
  }, priorFor(before));
  const { trace } = cookWith(cookPlan, posterior.mean, past);
  return widened(posterior, misfitOf(temperatures(trace, posterior.mean)));
}

/**
 * How many times the readings lie farther from the pot that fits them best than was expected, within
 * what is taken to be possible: a kitchen that does what the simulation does not (a draught, a
 * burner that cycles) shows in it, and is known so much less well.
 */
function misfitOf(residuals: readonly number[]): number {
  if (residuals.length === 0) return 1;
  const middle = median(residuals.map(Math.abs));
  return Math.min(MOST_MISFIT, Math.max(LEAST_MISFIT, (UNSEEN * middle) / MIDDLE_OF_NORMAL));
}

/** A posterior as much wider, and as much less sure of the time still to come. */
const widened = ({ mean, root }: Distribution, times: number): Distribution => ({
  mean,
  root: root.map((row) => row.map((value) => times * value)),
  misfit: times,
});

function temperatureResidual(
  cookPlan: CookPlan,
  { tempC }: CookMoment,
  { value, count }: Bin,
  [, , offsetK]: PotParameters,
): number {
  // A pot that boils by the simulation a little before it does in the kitchen is late, and no
  // thermometer is that far off.
  const boils = nearBoil(cookPlan, tempC) && nearBoil(cookPlan, value - offsetK);
  const expected = boils ? BOIL_SD_K : BELOW_SD_K;
  // A single reading, typed by hand, is worth less than a stretch of them.
  return (tempC + offsetK - value) / (expected * (count > 3 ? 1 : 2));
}

/**
 * “It boils”, or “it rolls”: from which minute it was brought to the boil, and at which it was said
 * to be.
 */
type BoilSaid = { readonly fromMin: number; readonly minute: number; readonly rolls: boolean };

/** Every act of bringing to the boil that the cook has ended. */
function boilsSaid(
  moments: readonly Moment[],
  minuteOf: (atMs: number) => number,
  untilMin: number,
): readonly BoilSaid[] {
  return moments.flatMap(({ event }, index): readonly BoilSaid[] => {
    const before = moments[index - 1]?.progress;
    const act = before?.act.id;
    if (event.kind !== 'rolling' || (act !== 'to-boil' && act !== 'to-rolling')) return [];
    const minute = minuteOf(event.at);
    return minute > untilMin
      ? []
      : [
          {
            fromMin: Math.max(0, minuteOf(before?.sinceMs ?? event.at)),
            minute,
            rolls: act === 'to-rolling',
          },
        ];
  });
}

/**
 * How much too early or too late a pot boils for what the cook said; where it does not boil by
 * then, by how far it is from it.
 */
function boilResidual(
  cookPlan: CookPlan,
  trace: readonly CookMoment[],
  { fromMin, minute, rolls }: BoilSaid,
): number {
  const begins = trace.find(({ minute: at, boils }) => boils && at >= fromMin && at <= minute);
  if (begins === undefined) {
    const { tempC } = traceAt(trace, minute);
    return -Math.max(0, cookPlan.waterBoilsC - tempC) / BOIL_SAID_SD_K;
  }
  const early = minute - (rolls ? ROLLING_MIN : 0) - begins.minute;
  return early / (BOIL_SAID_SD_MIN + BOIL_SAID_SD_SHARE * (minute - fromMin));
}

/** Tests of the set once the pot boils down: earlier ones tell nothing of its end. */
const testsSaid = (
  { stopKind }: CookPlan,
  moments: readonly Moment[],
  untilMs: number,
): readonly Entry[] =>
  stopKind !== 'temperature'
    ? []
    : moments.flatMap(({ event }, index) => {
        const act = moments[index - 1]?.progress.act.id;
        const isTest = event.kind === 'plate-test' || event.kind === 'sheet-test';
        return isTest && event.at <= untilMs && (act === 'boil-down' || act === 'plate')
          ? [event]
          : [];
      });

/** Solids too low for a drop that set, or too high for one that ran; 0 where they agree. */
function testResidual({ targetPct }: CookPlan, { solublesPct }: CookMoment, sets: boolean): number {
  return sets
    ? Math.min(0, solublesPct - (targetPct - WRINKLES_BELOW_PCT)) / TEST_SD_PCT
    : Math.max(0, solublesPct - (targetPct + RUNS_ABOVE_PCT)) / TEST_SD_PCT;
}
