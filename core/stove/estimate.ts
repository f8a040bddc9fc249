import type { CookMoment, Stage } from '../boil/index.ts';
import { chanceFrom, spreadOf } from '../forecast/index.ts';
import { massOf, solublesPctOf } from '../formula/index.ts';
import { commonPractice, constant, type Spread } from '../quantity/index.ts';
import { cookAs, firstAs, momentAt, type Belief } from './belief.ts';
import { pastStages, stagesAhead } from './course.ts';
import { isReading, standing, type Entry } from './entry.ts';
import { fitBelief, type Fitted } from './fit.ts';
import { momentsOf, progressOf, type Moment, type Progress } from './progress.ts';
import { binned, median, type Bin } from './readings.ts';
import type { Sheet } from './sheet.ts';

/** How far a burner's net power is from what is said of it, logarithm, one standard deviation. */
export const FLAME_SD = constant(
  0.25,
  '1',
  commonPractice('burners differ by a quarter; judgement'),
);
/** How far the fruit's solubles are from the larder's, logarithm, one standard deviation. */
export const SOLIDS_SD = constant(0.06, '1', commonPractice('ripeness moves °Brix; judgement'));
/** What a thermometer may still be off after boiling water, and before; K, one standard deviation. */
export const OFFSET_SD = constant(0.15, 'K', commonPractice('reading a dial in steam; judgement'));
export const UNCHECKED_OFFSET_SD = constant(
  1,
  'K',
  commonPractice('kitchen thermometers; judgement'),
);

/** Errors expected of a stretch of readings, K: at the boil, and below it, where a pot is not of one temperature. */
const BOIL_SD_K = 0.12;
const BELOW_SD_K = 1.5;
/** Of the scale: grams, and share of the weight. */
const WEIGHT_SD_G = 10;
const WEIGHT_SD_SHARE = 0.003;
/** Readings err together (a steady flame, one place in the pot): more stretches than this teach no more. */
const TELLING_BINS = 8;
/** A probe shows what the pot was a moment ago, minutes. */
const PROBE_LAG_MIN = 0.1;
/** After something cold, a stir or a change of flame the probe needs this long, minutes. */
const SETTLES_MIN = 0.75;
/** A reading older than this tells nothing of now, ms. */
const FRESH_MS = 20_000;
/** What no reading tells of the time still to come: a drifting flame, a draught, a lid; logarithm, one standard deviation. */
export const AHEAD_SD = constant(0.04, '1', commonPractice('judgement'));
/** The first readings tell how warm the pot is when it is lit, ms. */
const FIRST_READINGS_MS = 15_000;
/** A probe out of boiling water is cold again after this long, ms. */
const COOLS_MS = 120_000;
/** How many pots are imagined for the ranges. */
const DRAWS = 32;
/** Below boiling water by less than this, the pot is at the boil; K. */
const AT_THE_BOIL_K = 0.6;

/** Why the pot cannot be told from its thermometer just now. */
export type Doubt =
  | 'not lit'
  | 'no probe'
  | 'probe out'
  | 'below the boil'
  | 'settling'
  | 'off the heat'
  | 'temperature does not tell';

export type CurvePoint = { readonly minute: number; readonly tempC: number };
export type BandPoint = { readonly minute: number } & Spread;

/** What is known of a pot now. Temperatures as the thermometer shows them; minutes since the flame. */
export type Estimate = {
  readonly at: number;
  /** Minutes since the flame; 0 before it. */
  readonly minute: number;
  readonly tempC: Spread;
  readonly solublesPct: Spread;
  readonly massG: Spread;
  /** Until the stop, if the sheet is followed; null once it is behind, or the pot will not get there. */
  readonly minutesLeft: Spread | null;
  /** What the temperature still has to climb, K; below 0 past the stop. */
  readonly toGoC: number;
  readonly atTheBoil: boolean;
  /** Null while the thermometer tells how far the pot is. */
  readonly doubt: Doubt | null;
  /** Net power that this burner gives, W, as far as it has shown. */
  readonly powerW: Spread;
  /** What is expected from now to the stop, and its band. */
  readonly ahead: readonly BandPoint[];
  /** What the pot was, as believed now. */
  readonly past: readonly CurvePoint[];
};

/** Whether boiling water was read on this thermometer. */
export type Knowledge = { readonly calibrated: boolean };

/** The pot at `nowMs`: readings, weighings and what went in, held against the simulation of this cook. */
export function estimate(
  of: Sheet,
  log: readonly Entry[],
  nowMs: number,
  { calibrated }: Knowledge,
): Estimate {
  const entries = standing(log);
  const moments = momentsOf(
    of,
    entries.filter((entry) => !isReading(entry)),
  );
  const sheet = startingAs(of, entries, moments);
  const progress = moments.at(-1)?.progress ?? progressOf(sheet, []);
  const { litAt } = progress;
  const until = Math.min(nowMs, progress.readyAt ?? Infinity);
  const past = pastStages(sheet, moments, until);
  const sd: Belief = [
    FLAME_SD.value,
    SOLIDS_SD.value,
    calibrated ? OFFSET_SD.value : UNCHECKED_OFFSET_SD.value,
  ];
  const fitted =
    litAt === null || past.length === 0
      ? unfitted(sd)
      : learned(sheet, past, entries, moments, litAt, until, sd);
  const minute = litAt === null ? 0 : (until - litAt) / 60_000;
  const ahead = stagesAhead(sheet, progress, until);
  const pots = drawn(fitted).map(({ belief, late }) => {
    const pot = potOf(sheet, belief, past, ahead, minute);
    return { ...pot, late, leftMin: pot.leftMin === null ? null : pot.leftMin * late };
  });
  const likely = potOf(sheet, fitted.belief, past, ahead, minute);
  const fresh = freshReading(entries, progress, until);
  const [, , offset] = fitted.belief;
  const shownC = fresh ?? likely.now.tempC + offset;
  const spread = (of: (pot: Pot) => number): Spread => spreadOf(Float64Array.from(pots, of));
  const boils = likely.now.tempC >= sheet.waterBoilsC - AT_THE_BOIL_K && progress.onHeat;
  const endings = pots.flatMap(({ leftMin }) => (leftMin === null ? [] : [leftMin]));
  return {
    at: nowMs,
    minute,
    tempC: { ...spread((pot) => pot.now.tempC + pot.offset), p50: shownC },
    solublesPct: spread((pot) => pot.now.solublesPct),
    massG: spread((pot) => pot.now.massG),
    minutesLeft:
      ahead.length === 0 || endings.length < pots.length / 2
        ? null
        : spreadOf(Float64Array.from(endings)),
    toGoC: sheet.stopC - shownC,
    atTheBoil: boils,
    doubt: doubtOf(sheet, entries, moments, progress, boils, until),
    powerW: spread((pot) => pot.powerW),
    ahead: bandOf(pots, minute),
    past: likely.past.map(({ minute: m, tempC }) => ({ minute: m, tempC: tempC + offset })),
  };
}

/** The sheet with the pot as warm as the thermometer showed when it was lit; a probe still warm from boiling water tells nothing. */
function startingAs(sheet: Sheet, entries: readonly Entry[], moments: readonly Moment[]): Sheet {
  const litAt = moments.at(-1)?.progress.litAt ?? null;
  const { setting, offsetC } = sheet;
  const startingAt = (startTempC: number): Sheet => ({
    ...sheet,
    setting: { ...setting, startTempC },
  });
  const assumed = startingAt(setting.startTempC + offsetC);
  if (litAt === null) return assumed;
  const warm = moments.some(
    ({ event: { kind, at } }) =>
      (kind === 'water-boils' || kind === 'in-water') && at <= litAt && litAt - at < COOLS_MS,
  );
  const first = entries.flatMap(({ kind, at, value }) =>
    kind === 'temperature' && value !== null && Math.abs(at - litAt) < FIRST_READINGS_MS
      ? [value]
      : [],
  );
  return warm || first.length === 0 ? assumed : startingAt(median(first));
}

const unfitted = (sd: Belief): Fitted => ({
  belief: [0, 0, 0],
  spread: sd.map((of, i) => sd.map((_, j) => (i === j ? of : 0))),
});

/** What the readings so far teach. */
function learned(
  sheet: Sheet,
  past: readonly Stage[],
  entries: readonly Entry[],
  moments: readonly Moment[],
  litAt: number,
  until: number,
  sd: Belief,
): Fitted {
  const quiet = (minute: number): boolean => isQuiet(moments, litAt + minute * 60_000);
  const temps = binned(entries, litAt, until).filter(({ minute }) => quiet(minute));
  const together = Math.sqrt(Math.max(1, temps.length / TELLING_BINS));
  const weights = entries.filter(
    ({ kind, at, value }) => kind === 'weight' && value !== null && at > litAt && at <= until,
  );
  return fitBelief((belief) => {
    const { trace } = cookAs(sheet, belief, past);
    return [
      ...temps.map(
        (bin) =>
          temperatureError(sheet, momentAt(trace, bin.minute - PROBE_LAG_MIN), bin, belief) /
          together,
      ),
      ...weights.map(({ at, value }) => {
        const { massG } = momentAt(trace, (at - litAt) / 60_000);
        return (massG - (value ?? massG)) / (WEIGHT_SD_G + WEIGHT_SD_SHARE * massG);
      }),
    ];
  }, sd);
}

function temperatureError(
  sheet: Sheet,
  { tempC }: CookMoment,
  { value, count }: Bin,
  [, , offset]: Belief,
): number {
  const expected = tempC >= sheet.waterBoilsC - AT_THE_BOIL_K ? BOIL_SD_K : BELOW_SD_K;
  // A single reading, typed by hand, is worth less than a stretch of them.
  return (tempC + offset - value) / (expected * (count > 3 ? 1 : 2));
}

/** Nothing cold, no stir and no change of flame just before; and the pot on the heat, the probe in it. */
function isQuiet(moments: readonly Moment[], at: number): boolean {
  let now: Progress | null = null;
  for (const { event, progress } of moments) {
    if (event.at > at) break;
    now = progress;
    if (DISTURBS.has(event.kind) && at - event.at < SETTLES_MIN * 60_000) return false;
  }
  return now !== null && now.probeIn && now.onHeat;
}

const DISTURBS: ReadonlySet<string> = new Set([
  'in-water',
  'water-boils',
  'added',
  'stirred',
  'skimmed',
  'pureed',
  'flame',
  'off-heat',
  'on-heat',
  'probe-in',
  'lid-on',
  'lid-off',
]);

type Pot = {
  readonly now: CookMoment;
  readonly past: readonly CookMoment[];
  readonly offset: number;
  readonly powerW: number;
  readonly leftMin: number | null;
  readonly trace: readonly CookMoment[];
};

/** One pot as believed: through what was, and on through what is ahead. */
function potOf(
  sheet: Sheet,
  belief: Belief,
  past: readonly Stage[],
  ahead: readonly Stage[],
  minute: number,
): Pot {
  const powerW = sheet.setting.netPowerW * Math.exp(belief[0]);
  const offset = belief[2];
  const stages = [...past, ...ahead];
  if (stages.length === 0) {
    const contents = firstAs(sheet, belief);
    const now = {
      minute,
      tempC: sheet.setting.startTempC,
      massG: massOf(contents),
      solublesPct: solublesPctOf(contents),
    };
    return { now, past: [], offset, powerW, leftMin: null, trace: [now] };
  }
  const cook = cookAs(sheet, belief, stages);
  const end = cook.stages.at(-1)?.endMin ?? 0;
  return {
    now: momentAt(cook.trace, minute),
    past: cook.trace.filter((moment) => moment.minute <= minute),
    offset,
    powerW,
    leftMin: cook.outcome === 'reached' && ahead.length > 0 ? Math.max(0, end - minute) : null,
    trace: cook.trace,
  };
}

/** Beliefs drawn around the fitted one: the same every time, so that figures do not flicker. */
function drawn({
  belief,
  spread,
}: Fitted): readonly { readonly belief: Belief; readonly late: number }[] {
  const chance = chanceFrom(1);
  return Array.from({ length: DRAWS }, () => {
    const z = [normal(chance), normal(chance), normal(chance)];
    const late = Math.exp(AHEAD_SD.value * normal(chance));
    const one = belief.map(
      (value, i) =>
        value +
        (spread[i] as readonly number[]).reduce((sum, s, j) => sum + s * (z[j] as number), 0),
    ) as unknown as Belief;
    return { belief: one, late };
  });
}

/** A unit normal, by Box and Muller. */
const normal = (chance: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());

const BAND_POINTS = 24;

/** The band of the temperature from now until most pots have stopped. */
function bandOf(
  pots: readonly (Pot & { readonly late: number })[],
  minute: number,
): readonly BandPoint[] {
  const ends = pots.flatMap(({ leftMin }) => (leftMin === null ? [] : [leftMin]));
  if (ends.length === 0) return [];
  const span = spreadOf(Float64Array.from(ends)).p90;
  return Array.from({ length: BAND_POINTS + 1 }, (_, i) => {
    const at = minute + (span * i) / BAND_POINTS;
    const temps = pots.map(
      ({ trace, offset, late }) => momentAt(trace, minute + (at - minute) / late).tempC + offset,
    );
    return { minute: at, ...spreadOf(Float64Array.from(temps)) };
  });
}

/** Fewer readings than this in a short time were typed by hand, and the last of them counts. */
const BY_HAND = 5;

/** What the probe shows now: the middle of its last readings; null when it shows nothing fresh. */
function freshReading(entries: readonly Entry[], progress: Progress, until: number): number | null {
  if (!progress.probeIn) return null;
  const last = entries.flatMap(({ kind, at, value }) =>
    kind === 'temperature' && value !== null && at <= until && at > until - FRESH_MS ? [value] : [],
  );
  if (last.length === 0) return null;
  return last.length < BY_HAND ? (last.at(-1) ?? null) : median(last);
}

function doubtOf(
  sheet: Sheet,
  entries: readonly Entry[],
  moments: readonly Moment[],
  progress: Progress,
  boils: boolean,
  until: number,
): Doubt | null {
  if (progress.litAt === null) return 'not lit';
  if (!progress.probeIn) return 'probe out';
  if (!progress.onHeat) return 'off the heat';
  if (!sheet.tempTells) return 'temperature does not tell';
  const last = entries.findLast(({ kind }) => kind === 'temperature');
  if (last === undefined || until - last.at > 60_000) return 'no probe';
  if (!isQuiet(moments, until)) return 'settling';
  return boils ? null : 'below the boil';
}
