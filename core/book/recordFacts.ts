import { isOfTheJars } from '../chain/index.ts';
import { requestInKitchen } from '../kitchen/index.ts';
import { effectiveEntries } from '../stove/index.ts';
import { jarsOf, stoveLogOf, type KeptCook } from './cookSummary.ts';
import { stoppedAtPct, type CookOutcome, type LoggedEntry } from '../learning/index.ts';
import { planBatch } from '../plan/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import type { Facts } from '../troubleshooting/index.ts';

/** A cook as far as its trouble can be told from it. */
export type TroubledCook = {
  /** As it was planned, by nothing that was learned. */
  readonly request: PlanRequest;
  /** What counts of its log at the stove, and at the jars. */
  readonly log: readonly LoggedEntry[];
  readonly jarLog: readonly LoggedEntry[];
  readonly outcome: CookOutcome;
};

/**
 * What the record of a cook, over or not, says of what may be wrong with it: its facts, and what is
 * in its jars, mL.
 */
export function troubledCookOf(
  { formula, kitchen, entries, outcome }: KeptCook,
  nowMs: number,
): { readonly facts: Facts; readonly volumeMl: number | null } {
  const request = { ...requestInKitchen(formula, kitchen), netPowerKw: null };
  const volumeMl = outcome.volumeMl ?? jarsOf(request, entries).volumeMl;
  const facts = recordFacts(
    {
      request,
      log: stoveLogOf(entries),
      jarLog: effectiveEntries(entries).filter(({ kind }) => isOfTheJars(kind)),
      outcome: { ...outcome, volumeMl },
    },
    nowMs,
  );
  return { facts, volumeMl };
}

const MINUTE_MS = 60_000;
const MONTH_MS = (365.25 / 12) * 24 * 60 * MINUTE_MS;
/** More came out than this, over what was planned: more than one batch was in the pot. Judgement. */
const MORE_THAN_ONE = 1.6;

/**
 * Facts that a cook’s record gives: computed, so that nobody has to be asked for them.
 * @param nowMs when it is looked at, ms since 1970
 */
export function recordFacts({ request, log, jarLog, outcome }: TroubledCook, nowMs: number): Facts {
  const atJars = (kind: LoggedEntry['kind']) => jarLog.find((entry) => entry.kind === kind);
  const first = (kind: LoggedEntry['kind']) => log.find((entry) => entry.kind === kind);
  const last = (kind: LoggedEntry['kind']) => log.findLast((entry) => entry.kind === kind);
  const after = (from: LoggedEntry | undefined, to: LoggedEntry | undefined): number | null =>
    from === undefined || to === undefined || to.at < from.at
      ? null
      : (to.at - from.at) / MINUTE_MS;
  const [lit, off] = [first('lit'), last('off-heat')];
  const solublesPct = stoppedAtPct({ request, log, outcome, burner: '', pot: '' });
  const water = last('water-boils')?.value ?? null;
  const shown = log.findLast(
    ({ kind, at, value }) =>
      kind === 'temperature' && value !== null && at <= (off?.at ?? Infinity),
  );
  const cookMin = after(lit, off);
  const stirs = log.filter(({ kind }) => kind === 'stirred').length;
  const found: { readonly [fact in keyof Facts]: Facts[fact] | null } = {
    solublesPct,
    waterBoilsC: water,
    // A thermometer that was never in boiling water tells less than the whole record does.
    stopTempC: water === null || solublesPct !== null ? null : (shown?.value ?? null),
    cookMin,
    batches: batchesOf(request, outcome),
    stirredMin: cookMin === null || stirs === 0 ? null : cookMin / (stirs + 1),
    standMin: after(off, atJars('filled')),
    boilLost: atJars('loaded') === undefined ? null : atJars('boil-lost') !== undefined,
    restMin: after(atJars('canner-off'), atJars('lifted-out')),
    processedMin: after(atJars('canner-boils'), atJars('canner-off')),
    rimWiped: atJars('wiped') === undefined ? null : true,
    monthsOld: off === undefined ? null : Math.max(0, (nowMs - off.at) / MONTH_MS),
  };
  return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== null)) as Facts;
}

/** How many times the formula was in the pot, by what came out of it. */
function batchesOf(request: PlanRequest, { volumeMl }: CookOutcome): number | null {
  if (volumeMl === null) return null;
  const outcome = planBatch({ ...request, draws: 0 });
  const planned = outcome.ok ? outcome.plan.yield?.volumeMl.p50 : undefined;
  const times = planned === undefined ? NaN : volumeMl / planned;
  return times >= MORE_THAN_ONE ? times : null;
}
