import { HEAT_SOURCES } from '../boil/index.ts';
import { isOfTheJars } from '../chain/index.ts';
import type { SetClass } from '../gel/index.ts';
import { jarPlanOf, jarProgressOf } from '../jars/index.ts';
import {
  requestInKitchen,
  standingOf,
  type Formula,
  type PlanningKitchen,
} from '../kitchen/index.ts';
import {
  evidenceOf,
  straightened,
  type CookEvidence,
  type CookOutcome,
  type LoggedEntry,
} from '../learning/index.ts';
import type { Method, Product } from '../method/index.ts';
import { planBatch, type Plan } from '../plan/index.ts';
import { roundQuantiles, type Quantiles } from '../quantity/index.ts';
import { cookPlanOf, effectiveEntries, entriesByHand, type Entry } from '../stove/index.ts';

/** A cook that is over, as it is kept: what was cooked where, its log, and what somebody measured. */
export type KeptCook = {
  /** As they were when it was begun, with what the kitchen knew then. */
  readonly formula: Formula;
  readonly kitchen: PlanningKitchen;
  readonly entries: readonly Entry[];
  readonly outcome: CookOutcome;
};

/** What was planned of a cook; null for what cannot be told. */
export type PlannedCook = {
  readonly fullJars: Quantiles | null;
  readonly volumeMl: Quantiles | null;
  readonly minutes: Quantiles | null;
  /** °C as this kitchen’s thermometer shows it. */
  readonly stopC: number | null;
  readonly set: SetClass | null;
};

/** What came of it, as its log and the cook say; null for what they do not. */
export type HappenedCook = {
  /** From the flame to off the heat. */
  readonly minutes: number | null;
  /** What the thermometer showed last before it came off, °C. */
  readonly stopC: number | null;
  /** Full jars, without those that broke. */
  readonly jars: number | null;
  readonly sealed: number | null;
  readonly unsealed: number | null;
  readonly volumeMl: number | null;
  readonly finalMassG: number | null;
};

/** A moment of its curve: minutes from the flame, °C as shown. */
export type CurvePoint = { readonly minute: number; readonly tempC: number };

/** What the Book tells of a cook, worked out from its log. */
export type CookSummary = {
  readonly product: Product;
  readonly method: Method;
  readonly planned: PlannedCook;
  readonly happened: HappenedCook;
  readonly curve: readonly CurvePoint[];
  /** What the plan started from that was learned. */
  readonly learned: NonNullable<Plan['learned']>;
};

/** A cook as the Book and the learning keep it. */
export type BookedCook = {
  /** Null for what cannot be planned any more. */
  readonly summary: CookSummary | null;
  /** What its main fruit is told by. */
  readonly fruitOf: Pick<Plan, 'before' | 'lines'> | null;
  readonly evidence: CookEvidence;
  /** What it stood on and in, by their ids, and what is usual of such a burner, W. */
  readonly burner: string;
  readonly pot: string;
  readonly powerW: number;
};

/** Draws of the plan as it was: enough for whole jars and minutes. */
const DRAWS = 500;
/** Readings that are looked at, spread over the cook: more tell nothing more. */
const MOST_READINGS = 400;
const MOST_CURVE = 150;
const DECIMALS = 3;
const MINUTE_MS = 60_000;

/**
 * What the Book tells of a cook and the kitchen learns from it: a pure function of what is kept.
 */
export function bookedCook({ formula, kitchen, entries, outcome }: KeptCook): BookedCook {
  const request = requestInKitchen(formula, kitchen);
  const standing = standingOf(formula, kitchen);
  const log = stoveLogOf(entries);
  const jars = jarsOf(request, entries);
  const measured: CookOutcome = {
    volumeMl: outcome.volumeMl ?? jars.volumeMl,
    finalMassG: outcome.finalMassG,
    set: outcome.set,
  };
  // Relative to what is usual of such a burner: what somebody says of it may change.
  const usual = { ...request, netPowerKw: null };
  const planned = planBatch({ ...request, draws: DRAWS });
  return {
    summary: planned.ok
      ? {
          product: planned.plan.product,
          method: planned.plan.method,
          planned: plannedOf(planned.plan),
          happened: {
            ...happenedOf(usual, log),
            ...jars,
            volumeMl: measured.volumeMl,
            finalMassG: measured.finalMassG,
          },
          curve: curveOf(usual, log),
          learned: planned.plan.learned ?? [],
        }
      : null,
    fruitOf: planned.ok ? linesOf(planned.plan) : null,
    evidence: evidenceOf({
      request: usual,
      ...standing,
      log,
      outcome: measured,
    }),
    ...standing,
    powerW: HEAT_SOURCES[request.heat].powerW,
  };
}

const linesOf = ({ before, lines }: Plan) => ({ ...(before ? { before } : {}), lines });

type Request = ReturnType<typeof requestInKitchen>;

/** What counts of a log up to its first jar, with no more readings than tell anything. */
export function stoveLogOf(entries: readonly Entry[]): readonly LoggedEntry[] {
  const effective = effectiveEntries(entries);
  const firstJar = effective.find(({ kind }) => isOfTheJars(kind) || kind === 'ready')?.at;
  return thinned(
    effective.filter(
      ({ kind, at }) => !isOfTheJars(kind) && (firstJar === undefined || at <= firstJar),
    ),
  );
}

/** A log with no more readings than tell anything. */
function thinned(entries: readonly Entry[]): readonly LoggedEntry[] {
  const isReading = ({ kind }: Entry) => kind === 'temperature' || kind === 'weight';
  const readings = entries.filter(isReading).length;
  const every = Math.max(1, Math.ceil(readings / MOST_READINGS));
  let nth = 0;
  return entries
    .filter((entry) => !isReading(entry) || nth++ % every === 0)
    .map(({ at, kind, value, text }) => ({ at, kind, value, text }));
}

function plannedOf({ yield: jars, minutes, stop, set }: Plan): PlannedCook {
  return {
    fullJars: jars?.fullJars ?? null,
    volumeMl: jars === undefined ? null : roundQuantiles(jars.volumeMl, 0),
    minutes: minutes ?? null,
    stopC: stop.kind === 'body' ? null : (stop.tempC ?? null),
    set: set?.forecast ?? null,
  };
}

/** The cook from its flame to its end, where its log tells of one; ms. */
function spanOf(request: Request, log: readonly LoggedEntry[]) {
  const cookPlan = cookPlanOf(request);
  const straight = cookPlan === null ? null : straightened(cookPlan, log);
  const litMs = straight?.entries.find(({ kind }) => kind === 'lit')?.at;
  return straight === null || litMs === undefined ? null : { litMs, endMs: straight.endMs };
}

function happenedOf(
  request: Request,
  log: readonly LoggedEntry[],
): Pick<HappenedCook, 'minutes' | 'stopC'> {
  const span = spanOf(request, log);
  const last = log.findLast(
    ({ kind, at, value }) =>
      kind === 'temperature' && value !== null && (span === null || at <= span.endMs),
  );
  const round = (value: number) => Number(value.toFixed(DECIMALS));
  return {
    minutes: span === null ? null : round((span.endMs - span.litMs) / MINUTE_MS),
    stopC: span === null || last?.value == null ? null : round(last.value),
  };
}

/** Its temperatures, no closer together than can be drawn. */
function curveOf(request: Request, log: readonly LoggedEntry[]): readonly CurvePoint[] {
  const span = spanOf(request, log);
  if (span === null) return [];
  const points = log.flatMap(({ kind, at, value }) =>
    kind === 'temperature' && value !== null && at >= span.litMs && at <= span.endMs
      ? [{ minute: Number(((at - span.litMs) / MINUTE_MS).toFixed(2)), tempC: value }]
      : [],
  );
  const every = Math.max(1, Math.ceil(points.length / MOST_CURVE));
  return points.filter((_, index) => index % every === 0 || index === points.length - 1);
}

const NO_JARS = { jars: null, sealed: null, unsealed: null, volumeMl: null } as const;

/** What its log says of the jars. */
export function jarsOf(
  request: Request,
  entries: readonly Entry[],
): Pick<HappenedCook, 'jars' | 'sealed' | 'unsealed' | 'volumeMl'> {
  const byHand = entriesByHand(entries);
  const jarPlan = byHand.some(({ kind }) => kind === 'filled')
    ? jarPlanOf(request, byHand, 0)
    : null;
  if (jarPlan === null) return NO_JARS;
  const { jars } = jarProgressOf(jarPlan, byHand);
  if (jars.length === 0) return NO_JARS;
  const count = (...states: readonly string[]) =>
    jars.filter(({ state }) => states.includes(state)).length;
  return {
    jars: jars.filter(({ part, state }) => !part && state !== 'broken').length,
    sealed: count('sealed', 'shelf'),
    unsealed: count('unsealed'),
    volumeMl: jars.reduce((sum, { holdsMl }) => sum + holdsMl, 0),
  };
}
