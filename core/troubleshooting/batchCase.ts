import type { PlanRequest } from '../evaluate/index.ts';
import { METHODS } from '../method/index.ts';
import { planBatch, type Gauge, type Plan } from '../plan/index.ts';
import type { Facts } from './facts.ts';

/** What a batch is by its formula, as far as trouble hangs on it; null for what cannot be told. */
export type BatchCase = {
  readonly facts: Facts;
  /** Of its pot, soluble solids over where it should stop, g per 100 g. */
  readonly overPct: number | null;
  /** Where they should be. */
  readonly targetPct: number | null;
  readonly solublesPct: number | null;
  /** Of the finished spread, measured or foretold, and where its method works. */
  readonly acid: { readonly pH: number; readonly low: number; readonly high: number } | null;
  /** What makes it set over what is needed, at its right stop. */
  readonly setRatio: number | null;
  /** How long it boiled, or cooked, over what the formula asks for. */
  readonly boilTimes: number | null;
  readonly planned: {
    readonly boilMin: number | null;
    readonly cookMin: number | null;
    readonly headspaceMm: number;
    readonly processMin: number | null;
    /** Minutes that it may be left unstirred, near its end. */
    readonly stirEveryMin: number | null;
  };
  /** 0 for green to 1 for over-ripe, where its lines say. */
  readonly ripeness: number | null;
  readonly isGrape: boolean;
  /** Whether the shelf is safe for it by its formula. */
  readonly isForPantry: boolean;
  /** Whether it was put in the pantry, as far as the facts tell. */
  readonly isStored: boolean;
  /** Whether it was meant for the pantry. */
  readonly wantsPantry: boolean;
  readonly isEgg: boolean;
};

/** Solids that a kelvin more above boiling water stands for near a stop, g per 100 g. */
const PCT_A_KELVIN = 3.6;

/** Why a formula tells nothing: its faults, as a plan gives them. */
export type CaseOutcome =
  | { readonly ok: true; readonly batch: BatchCase; readonly plan: Plan | null }
  | Extract<ReturnType<typeof planBatch>, { readonly ok: false }>;

/**
 * A batch by its formula and what is known of it.
 * @param request its formula; null where nobody knows it
 */
export function batchCase(request: PlanRequest | null, facts: Facts): CaseOutcome {
  if (request === null) return { ok: true, batch: unknown(facts), plan: null };
  const outcome = planBatch({ ...request, draws: 0 });
  if (!outcome.ok) return outcome;
  const { plan } = outcome;
  const gauge = (of: Gauge['id']) => plan.gauges?.find(({ id }) => id === of);
  const [sugar, acid] = [gauge('sugar'), gauge('acid')];
  const targetPct = METHODS[plan.method].stopKind === 'egg' ? null : (sugar?.value.p50 ?? null);
  const solublesPct = facts.solublesPct ?? byTemperature(plan, facts, targetPct);
  const pH = facts.pH ?? acid?.value.p50;
  const planned = {
    boilMin: boilMinOf(plan),
    cookMin: plan.minutes?.p50 ?? null,
    headspaceMm: plan.process.headspaceMm,
    processMin: plan.process.minutes ?? null,
    stirEveryMin: plan.pot?.stirEveryMin.finish ?? null,
  };
  const understood = plan.lines.flatMap((line) => (line.understood ? [line] : []));
  const wantsPantry = request.storeIn === null || request.storeIn === 'pantry';
  const fruit = understood.filter(({ state }) => state !== undefined);
  const ripe = fruit.flatMap(({ ripeness }) => ripeness ?? []);
  return {
    ok: true,
    plan,
    batch: {
      facts,
      targetPct,
      solublesPct,
      overPct: solublesPct === null || targetPct === null ? null : solublesPct - targetPct,
      acid: pH === undefined ? null : { pH, ...(acid?.window ?? USUAL_ACID) },
      setRatio: plan.set?.ratio.p50 ?? null,
      boilTimes: timesOf(facts.boilMin, planned.boilMin) ?? timesOf(facts.cookMin, planned.cookMin),
      planned,
      ripeness: ripe.length === 0 ? null : ripe.reduce((sum, of) => sum + of, 0) / ripe.length,
      isGrape: understood.some(({ ingredient = '' }) => /grape(?!fruit)/.test(ingredient)),
      isForPantry: plan.shelf.verdict === 'pantry',
      isStored: wantsPantry && (facts.processedMin !== undefined || facts.monthsOld !== undefined),
      wantsPantry,
      isEgg: METHODS[plan.method].stopKind === 'egg',
    },
  };
}

/** Where a sugar gel works; common practice. */
const USUAL_ACID = { low: 2.8, high: 3.5 } as const;

/** Where a sugar gel stops, g per 100 g, and above boiling water, K; common practice. */
const USUAL_STOP = { pct: 65, aboveWaterC: 4.5 } as const;

/** A batch whose formula nobody knows: what is usual of a jam. */
function unknown(facts: Facts): BatchCase {
  const { solublesPct, stopTempC, waterBoilsC, pH } = facts;
  const byHeat =
    stopTempC === undefined || waterBoilsC === undefined
      ? null
      : PCT_A_KELVIN * (stopTempC - waterBoilsC - USUAL_STOP.aboveWaterC);
  const overPct = solublesPct === undefined ? byHeat : solublesPct - USUAL_STOP.pct;
  return {
    ...UNKNOWN,
    facts,
    overPct,
    targetPct: USUAL_STOP.pct,
    solublesPct: overPct === null ? null : USUAL_STOP.pct + overPct,
    acid: pH === undefined ? null : { pH, ...USUAL_ACID },
  };
}

const UNKNOWN: Omit<BatchCase, 'facts' | 'overPct' | 'targetPct' | 'solublesPct' | 'acid'> = {
  setRatio: null,
  boilTimes: null,
  planned: { boilMin: null, cookMin: null, headspaceMm: 6, processMin: null, stirEveryMin: null },
  ripeness: null,
  isGrape: false,
  isForPantry: true,
  isStored: false,
  wantsPantry: true,
  isEgg: false,
};

const isTimed = ({ stop }: Plan): boolean => stop.kind === 'timed-boil';

/** Minutes of boiling that the formula asks for. */
function boilMinOf(plan: Plan): number | null {
  const { minutes, stop } = plan;
  return isTimed(plan) ? stop.boilMin : (minutes?.p50 ?? null);
}

const timesOf = (was: number | undefined, asked: number | null): number | null =>
  was === undefined || asked === null || asked === 0 ? null : was / asked;

/** Solids by what the thermometer showed at the stop, over what it shows there by the plan. */
function byTemperature({ stop }: Plan, facts: Facts, targetPct: number | null): number | null {
  const { stopTempC, waterBoilsC = stop.waterBoilsC } = facts;
  if (stopTempC === undefined || targetPct === null || stop.aboveWaterC === undefined) return null;
  return targetPct + PCT_A_KELVIN * (stopTempC - waterBoilsC - stop.aboveWaterC);
}
