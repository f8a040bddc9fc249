import {
  massOf,
  plus,
  solublesG,
  solublesPctOf,
  undissolvedG,
  type Contents,
} from '../formula/index.ts';
import { boilingPointC } from './boilingPoint.ts';
import { integrate } from './integrate.ts';
import { specificHeat } from './kinetics.ts';
import { AT_THE_BOIL_K, dryness, isDone, legOf, noDrier, type PotState } from './leg.ts';
import type { CookSetting, Stage } from './stage.ts';

/** No pot is followed longer than this. */
export const LONGEST_COOK_MIN = 24 * 60;

/** The pot at a minute of its cook. */
export type CookMoment = {
  readonly minute: number;
  readonly tempC: number;
  readonly massG: number;
  readonly solublesPct: number;
  /** Whether it is at the boil. */
  readonly boils: boolean;
};

/** How one stage went. */
export type StageTaken = {
  readonly name: string;
  readonly startMin: number;
  readonly endMin: number;
  readonly tempC: number;
  readonly massG: number;
  /**
   * How many moments of the trace are of it and of what was before it: the next is after what the
   * next stage adds.
   */
  readonly traced: number;
};

/** How a cook went, from cold to its end. */
export type Cook = {
  readonly outcome: 'reached' | 'never boils' | 'too long' | 'boils dry';
  /** Until the first boil; the whole cook where it never boils. */
  readonly heatUpMin: number;
  readonly boilMin: number;
  /** Of these, with the flame on. */
  readonly flameOnBoilMin: number;
  readonly contents: Contents;
  readonly stopTempC: number;
  readonly steamG: number;
  /** Share of the sucrose that has inverted, 0 to 1. */
  readonly invertShare: number;
  /** Share of the pectin's power that is left, 0 to 1. */
  readonly pectinLeft: number;
  readonly stages: readonly StageTaken[];
  readonly trace: readonly CookMoment[];
};

/**
 * Follows a pot from cold through the stages of its cook: below the boil it warms while some water
 * leaves its surface, at the boil it rides its own boiling curve while the net power makes steam;
 * sugar inverts and pectin wears all along. What is added goes in cold and drops the temperature.
 * Error-controlled.
 * @throws RangeError when the batch holds no water or no solubles
 */
export function simulateCook(start: Contents, setting: CookSetting): Cook {
  if (!(start.water > 0 && solublesG(start) > 0))
    throw new RangeError('A cook needs water and something dissolved in it');
  const trace: CookMoment[] = [];
  const stages: StageTaken[] = [];
  let now: PotState = { t: 0, tempC: setting.startTempC, batch: start, wear: 0 };
  let sucroseIn = start.sucrose;
  let massIn = massOf(start);
  let boilsAtS: number | null = null;
  let flameOnBoilS = 0;
  let ended: Taken['ended'] = 'done';
  for (const stage of setting.stages) {
    const startMin = now.t / 60;
    if (stage.add) {
      now = stirredIn(now, stage.add, setting.startTempC);
      sucroseIn += stage.add.sucrose;
      massIn += massOf(stage.add);
    }
    const taken = follow(now, stage, setting, trace);
    now = taken.end;
    boilsAtS ??= taken.boilsAtS;
    if (boilsAtS !== null && stage.flame !== 0)
      flameOnBoilS += now.t - Math.max(60 * startMin, boilsAtS);
    stages.push({
      name: stage.name,
      startMin,
      endMin: now.t / 60,
      tempC: now.tempC,
      massG: massOf(now.batch),
      traced: trace.length,
    });
    ended = taken.ended;
    if (ended !== 'done') break;
  }
  const endMin = now.t / 60;
  const heatUpMin = boilsAtS === null ? endMin : boilsAtS / 60;
  return {
    outcome: OUTCOMES[ended === 'late' && boilsAtS === null ? 'cold' : ended],
    heatUpMin,
    boilMin: endMin - heatUpMin,
    flameOnBoilMin: flameOnBoilS / 60,
    contents: now.batch,
    stopTempC: now.tempC,
    steamG: massIn - massOf(now.batch),
    invertShare: sucroseIn === 0 ? 0 : 1 - now.batch.sucrose / sucroseIn,
    pectinLeft: Math.exp(now.wear),
    stages,
    trace,
  };
}

/** Something cold stirred in: masses add, and the heat is shared. */
function stirredIn(now: PotState, add: Contents, addTempC: number): PotState {
  const heat = (batch: Contents) => (massOf(batch) === 0 ? 0 : massOf(batch) * specificHeat(batch));
  const [here, added] = [heat(now.batch), heat(add)];
  return {
    ...now,
    batch: plus(now.batch, add),
    tempC: (here * now.tempC + added * addTempC) / (here + added),
  };
}

type Taken = {
  readonly end: PotState;
  readonly ended: 'done' | 'late' | 'dry';
  readonly boilsAtS: number | null;
};

const OUTCOMES = {
  done: 'reached',
  late: 'too long',
  cold: 'never boils',
  dry: 'boils dry',
} as const;

/** Follows one stage to its end, changing between warming and boiling as often as it takes. */
function follow(from: PotState, stage: Stage, setting: CookSetting, trace: CookMoment[]): Taken {
  const { pressurePa } = setting;
  const flameW = setting.netPowerW * (stage.flame ?? 1);
  const { until } = stage;
  const mostS = Math.min(
    LONGEST_COOK_MIN * 60 - from.t,
    until.kind === 'minutes' ? until.minutes * 60 : Infinity,
  );
  let now = from;
  let boilsAtS: number | null = null;
  for (;;) {
    const boils =
      flameW > 0 && now.tempC >= boilingPointC(noDrier(now.batch), pressurePa) - AT_THE_BOIL_K;
    if (boils) boilsAtS ??= now.t;
    if (boils && until.kind === 'boil') return { end: now, ended: 'done', boilsAtS };
    const leg = legOf(now, boils, flameW, stage, setting);
    const left = from.t + mostS - now.t;
    const { t, y, happened } = integrate(
      [now.tempC, now.batch.water, now.batch.sucrose, now.wear],
      left,
      {
        ...leg.problem,
        onStep: (offset, state) => {
          trace.push(momentOf(now.t + offset, boils, leg.at(state)));
        },
      },
    );
    const here = leg.at(y);
    now = { ...here, t: now.t + t };
    if (isDone(until, now)) return { end: now, ended: 'done', boilsAtS };
    if (dryness(now.batch) > -1e-9) return { end: now, ended: 'dry', boilsAtS };
    if (!happened) {
      const byTheClock = until.kind === 'minutes' && mostS === until.minutes * 60;
      return { end: now, ended: byTheClock ? 'done' : 'late', boilsAtS };
    }
  }
}

const momentOf = (
  t: number,
  boils: boolean,
  { tempC, batch }: Omit<PotState, 't'>,
): CookMoment => ({
  minute: t / 60,
  tempC,
  massG: massOf(batch),
  solublesPct: solublesPctOf(batch),
  boils,
});

/** Dry matter of a batch, dissolved and not, g per 100 g. */
export const drySolidsPct = (batch: Contents): number =>
  (100 * (solublesG(batch) + undissolvedG(batch))) / massOf(batch);
