import { message, type Text } from '@idle-kettle/words/message';
import type { SetClass } from '../gel/index.ts';
import { eitherTemperature } from '../quantity/index.ts';
import { momentsOf, effectiveEvents, type Entry, type CookPlan } from '../stove/index.ts';
import type { ToldCause } from '../troubleshooting/index.ts';
import { COOL_K, hasSet, setOf } from './drops.ts';
import { FAULTS } from './faults.ts';
import { truthAt } from './kettle.ts';
import type { Practice } from './practice.ts';

/** What a practice cook came to. */
export type Debrief = {
  readonly set: SetClass;
  readonly solublesPct: number;
  /** Soluble solids it should have stopped at. */
  readonly targetPct: number;
  /** True temperature when it left the heat for the last time, °C, and where the stop truly was. */
  readonly stoppedC: number;
  readonly stopC: number;
  readonly minutes: number;
  readonly lesson: Text;
  /** What told, or would have told. */
  readonly told: readonly Text[];
  readonly missed: readonly Text[];
  /** 0 to 100. */
  readonly score: number;
  /** What spoiled it; left out of debriefs of an earlier day. */
  readonly causes?: readonly ToldCause[];
};

/** Solids off the aim that cost all of the points for stopping, %. */
const WORST_PCT = 8;
/** Cooler by this much costs all of the points for stopping, K. */
const WORST_K = 10;

/** Tests of the set. */
const TESTS: ReadonlySet<string> = new Set(['plate-test', 'sheet-test', 'mound-test']);
/** More minutes than this without stirring, on the boil, scorches. */
const STIR_GAP_MIN = 6;

/** The debrief of a practice cook that is over, or left. `sheet` is the true one. */
export function debriefOf(
  cookPlan: CookPlan,
  practice: Practice,
  entries: readonly Entry[],
  endMs: number,
): Debrief {
  const events = effectiveEvents(entries);
  const moments = momentsOf(cookPlan, events);
  const litAtMs = moments.at(-1)?.progress.litAtMs ?? endMs;
  const offAtMs = events.findLast(({ kind }) => kind === 'off-heat')?.at ?? endMs;
  const truth = truthAt(cookPlan, practice, entries, offAtMs);
  const set = setOf(cookPlan, truth, entries);
  const off = truth.solublesPct - cookPlan.targetPct;
  const bySolids = cookPlan.stopKind === 'temperature' || cookPlan.stopKind === 'body';
  const checked = events.some(({ kind }) => kind === 'water-boils');
  const tested = events.some(({ kind }) => TESTS.has(kind));
  // A butter goes by its body, whatever the thermometer shows; a curd by the thermometer alone.
  const needsWater = cookPlan.tempTells || cookPlan.stopKind === 'egg';
  const needsTest = cookPlan.acts.some(({ ends }) => ends.some(({ on }) => TESTS.has(on)));
  const gap = longestGapMin(events, litAtMs, offAtMs);
  const told: Text[] = [];
  const missed: Text[] = [];
  const say = (good: boolean, yes: Text, no: Text) => (good ? told.push(yes) : missed.push(no));
  if (needsWater) {
    say(
      checked,
      message('practice.youCheckedBoilingWaterFirst'),
      message('practice.youDidntCheckBoilingWater'),
    );
  }
  if (bySolids) {
    say(
      Math.abs(off) <= 1,
      message('practice.youTookItOffAtSolids', {
        value: truth.solublesPct.toFixed(1),
        value2: cookPlan.targetPct.toFixed(0),
      }),
      off > 0
        ? message('practice.itBoiledOnToSolids', {
            value: truth.solublesPct.toFixed(1),
            value2: cookPlan.targetPct.toFixed(0),
          })
        : message('practice.youTookItOffAtSolidsShort', {
            value: truth.solublesPct.toFixed(1),
            value2: cookPlan.targetPct.toFixed(0),
          }),
    );
  }
  const coldBy = cookPlan.stopC - truth.tempC;
  const isLit = events.some(({ kind }) => kind === 'lit');
  if (!isLit) missed.push(message('practice.youNeverLitTheBurner'));
  else if (!bySolids) {
    say(
      coldBy <= COOL_K,
      message('practice.itGotToWhereItStops', { stop: eitherTemperature(cookPlan.stopC) }),
      message('practice.youTookItOffTooCool', {
        off: eitherTemperature(truth.tempC),
        stop: eitherTemperature(cookPlan.stopC),
      }),
    );
  }
  if (needsTest) {
    say(tested, message('practice.youTestedADropBefore'), message('practice.youTestedNoDropA'));
  }
  const stirs = events.filter(({ kind }) => kind === 'stirred').length;
  const stirredWell = isLit && stirs > 0 && gap <= STIR_GAP_MIN;
  say(
    stirredWell,
    message('practice.youStirredOftenEnough'),
    stirs === 0
      ? message('practice.youLoggedNoStir')
      : message('practice.itWentUnstirredForMinutes', { round: Math.round(gap) }),
  );
  const share = bySolids ? Math.abs(off) / WORST_PCT : Math.max(0, coldBy - COOL_K) / WORST_K;
  const stopPoints = isLit ? 50 * Math.max(0, 1 - share) : 0;
  const score = Math.round(
    stopPoints +
      (hasSet(set) ? 20 : 0) +
      (checked || !needsWater ? 12 : 0) +
      (tested || !needsTest ? 10 : 0) +
      (stirredWell ? 8 : 0),
  );
  return {
    set,
    solublesPct: truth.solublesPct,
    targetPct: cookPlan.targetPct,
    stoppedC: truth.tempC,
    stopC: cookPlan.stopC,
    minutes: (offAtMs - litAtMs) / 60_000,
    lesson: FAULTS[practice.fault].lesson,
    told,
    missed,
    score,
  };
}

/** The longest time on the heat without a stir, once there is sugar to scorch, minutes. */
function longestGapMin(events: readonly Entry[], litAtMs: number, offAtMs: number): number {
  const stirs = events
    .filter(
      ({ kind, at }) =>
        (kind === 'stirred' || kind === 'added' || kind === 'dissolved') &&
        at > litAtMs &&
        at < offAtMs,
    )
    .map(({ at }) => at);
  const from = events.find(({ kind }) => kind === 'added')?.at ?? litAtMs;
  const times = [from, ...stirs.filter((at) => at > from), Math.max(from, offAtMs)];
  return Math.max(...times.slice(1).map((at, i) => (at - (times[i] as number)) / 60_000));
}
