import { spreadOf } from '../forecast/index.ts';
import type { Spread } from '../quantity/index.ts';
import { pastStages, stagesAhead } from './course.ts';
import { doubtOf, type Doubt } from './doubt.ts';
import { isReading, type Entry } from './entry.ts';
import { standing } from './standing.ts';
import { bandOf, imagined, potOf, type BandPoint, type Pot } from './imagined.ts';
import { believedBefore, learned } from './learned.ts';
import { momentsOf, progressOf, type Moment } from './progress.ts';
import { freshReading, median } from './readings.ts';
import { nearBoil, type Sheet } from './sheet.ts';

/** The first readings tell how warm the pot is when it is lit, ms. */
const FIRST_READINGS_MS = 15_000;
/** A probe out of boiling water is cold again after this long, ms. */
const COOLS_MS = 120_000;

export type CurvePoint = { readonly minute: number; readonly tempC: number };

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
  const past = pastStages(moments, until);
  const fitted =
    litAt === null || past.length === 0
      ? believedBefore(calibrated)
      : learned(sheet, past, entries, moments, litAt, until, calibrated);
  const minute = litAt === null ? 0 : (until - litAt) / 60_000;
  const ahead = stagesAhead(sheet, progress, until);
  const pots = imagined(sheet, fitted, past, ahead, minute);
  const likely = potOf(sheet, fitted.belief, past, ahead, minute);
  const fresh = freshReading(entries, progress, until);
  const [, , offset] = fitted.belief;
  const shownC = fresh ?? likely.now.tempC + offset;
  const spread = (of: (pot: Pot) => number): Spread => spreadOf(Float64Array.from(pots, of));
  const boils = nearBoil(sheet, likely.now.tempC) && progress.onHeat;
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
