import type { Contents } from '../formula/index.ts';
import { chanceFrom, normalFrom } from '../forecast/index.ts';
import {
  cookWith,
  FLAME_SD,
  INVERTS_MEAN,
  traceAt,
  momentsOf,
  pastStages,
  SOLIDS_SD,
  effectiveEvents,
  type PotParameters,
  type Entry,
  type CookPlan,
} from '../stove/index.ts';
import { trueProbe, type Practice } from './practice.ts';

/** What is in a simulated pot, and how warm. */
export type Truth = {
  readonly tempC: number;
  readonly massG: number;
  readonly solublesPct: number;
  readonly contents: Contents;
  /** Share of the pectin's power that is left. */
  readonly pectinLeft: number;
  /** Minutes at the boil with the flame on. */
  readonly boiledMin: number;
};

/**
 * Sugar in a practice pot inverts more slowly than its acid says, logarithm; less so than is taken
 * to be usual, so that it stops about where its plan says.
 */
const PRACTICE_INVERTS = INVERTS_MEAN.value / 4;

/**
 * How this kitchen's flame and fruit differ from the sheet, drawn once for a practice; see the
 * estimator's own prior.
 * @param seed any whole number: the same kitchen for the same
 */
export function drawnTruth(seed: number): PotParameters {
  const chance = chanceFrom(hashed(seed, 0));
  // Evenly over a range as wide as one standard deviation of the prior on either side.
  const off = (range: number) => range * (2 * chance() - 1);
  return [off(FLAME_SD.value), off(SOLIDS_SD.value), 0, 0, 0, PRACTICE_INVERTS];
}

/** The simulated pot at a moment, after everything that was done to it. `sheet` is the true one. */
export function truthAt(
  cookPlan: CookPlan,
  practice: Practice,
  entries: readonly Entry[],
  atMs: number,
): Truth {
  const stages = pastStages(momentsOf(cookPlan, effectiveEvents(entries)), atMs);
  const cook = cookWith(
    cookPlan,
    drawnTruth(practice.seed),
    stages.length === 0 ? [UNLIT] : stages,
  );
  const end = cook.trace.at(-1);
  return {
    tempC: cook.stopTempC,
    massG: end?.massG ?? 0,
    solublesPct: end?.solublesPct ?? 0,
    contents: cook.contents,
    pectinLeft: cook.pectinLeft,
    boiledMin: cook.flameOnBoilMin,
  };
}

const UNLIT = { name: 'unlit', flame: 0, until: { kind: 'minutes', minutes: 1e-3 } } as const;

/** How far back a lagging probe remembers, in lags. */
const REMEMBERED_LAGS = 6;
/** A stir brings up what is cooler, for some seconds. */
const STIR_DIP_K = 2;
const STIR_DIP_S = 6;
/** A probe that falls silent does so for a stretch, s. */
const DROPOUT_S = 15;
/** Standard deviation of the scale, g. */
const SCALE_NOISE_G = 5;
/** Between two weighings of a scale under the pot, s. */
const WEIGHED_EVERY_S = 60;

/**
 * What the simulated devices say from second `fromS` to before `toS` of the kitchen’s clock,
 * counted from `startMs`. The same second always says the same, so that two servers, or one that
 * was killed, never disagree.
 * @param startMs when the practice was begun, ms
 * @param fromS first second that is read
 * @param toS the second after the last
 */
export function readingsOf(
  cookPlan: CookPlan,
  practice: Practice,
  entries: readonly Entry[],
  startMs: number,
  fromS: number,
  toS: number,
): Entry[] {
  const probe = trueProbe(practice);
  const back = Math.ceil(REMEMBERED_LAGS * probe.lagS);
  const events = effectiveEvents(entries);
  const truth = trueTemps(cookPlan, practice, events, startMs, fromS - back, toS);
  const keep = Math.exp(-1 / Math.max(probe.lagS, 1e-3));
  let shown = truth[0]?.tempC ?? cookPlan.setting.startTempC;
  const readings: Entry[] = [];
  for (const [index, { tempC, massG }] of truth.entries()) {
    const second = fromS - back + index;
    shown = keep * shown + (1 - keep) * tempC;
    if (second < fromS) continue;
    const at = startMs + second * 1000;
    const noise = normalFrom(chanceFrom(hashed(practice.seed, second)));
    if (!dropped(practice.seed, second, probe.dropoutShare)) {
      readings.push(
        reading(
          'temperature',
          second,
          at,
          shown + probe.offsetK + probe.noiseK * noise + dip(events, at),
        ),
      );
    }
    if (practice.scale && second % WEIGHED_EVERY_S === 0)
      readings.push(reading('weight', second, at, massG + SCALE_NOISE_G * noise));
  }
  return readings;
}

export const PROBE_SOURCE = 'simulated probe';
/** Who the readings of the simulated scale are from. */
export const SCALE_SOURCE = 'simulated scale';

const reading = (
  kind: 'temperature' | 'weight',
  second: number,
  at: number,
  value: number,
): Entry => ({
  source: kind === 'temperature' ? PROBE_SOURCE : SCALE_SOURCE,
  seq: second + 1,
  at,
  kind,
  value: Number(value.toFixed(kind === 'temperature' ? 2 : 0)),
  text: null,
});

/**
 * True temperatures round the probe, one for every second: of the pot, or of boiling water while it
 * is checked.
 */
function trueTemps(
  cookPlan: CookPlan,
  practice: Practice,
  events: readonly Entry[],
  startMs: number,
  fromS: number,
  toS: number,
): readonly { readonly tempC: number; readonly massG: number }[] {
  const moments = momentsOf(cookPlan, events);
  const litAtMs = moments.at(-1)?.progress.litAtMs ?? null;
  const stages = pastStages(moments, startMs + toS * 1000);
  const trace =
    stages.length === 0 ? [] : cookWith(cookPlan, drawnTruth(practice.seed), stages).trace;
  const cold = truthAt(cookPlan, practice, [], startMs);
  return Array.from({ length: Math.max(0, toS - fromS) }, (_, index) => {
    const at = startMs + (fromS + index) * 1000;
    if (isInWater(events, at)) return { tempC: cookPlan.waterBoilsC, massG: cold.massG };
    if (litAtMs === null || at < litAtMs || trace.length === 0) return cold;
    return traceAt(trace, (at - litAtMs) / 60_000);
  });
}

/**
 * Whether the probe is in boiling water: from when it was put there until its reading was taken, or
 * the pot lit.
 */
function isInWater(events: readonly Entry[], at: number): boolean {
  let inWater = false;
  for (const event of events) {
    if (event.at > at) break;
    if (event.kind === 'in-water') inWater = true;
    if (event.kind === 'water-boils' || event.kind === 'lit') inWater = false;
  }
  return inWater;
}

const dip = (events: readonly Entry[], at: number): number =>
  events.some(
    ({ kind, at: stirred }) =>
      kind === 'stirred' && at >= stirred && at < stirred + STIR_DIP_S * 1000,
  )
    ? -STIR_DIP_K
    : 0;

const dropped = (seed: number, second: number, share: number): boolean =>
  chanceFrom(hashed(seed + 1, Math.floor(second / DROPOUT_S)))() < share;

/** Two whole numbers as one seed. */
const hashed = (seed: number, n: number): number =>
  (Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(n + 0x7f4a7c15, 0xc2b2ae35)) | 0;
