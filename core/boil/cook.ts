import { saturationPressurePa } from '../ambient/index.ts';
import {
  massOf,
  plus,
  solublesG,
  solublesPctOf,
  undissolvedG,
  type Contents,
} from '../formula/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';
import { boilingPointC } from './boilingPoint.ts';
import { integrate, type State } from './integrate.ts';
import {
  evaporationHeat,
  EVAPORATION_HEAT,
  inversionRate,
  KITCHEN_AIR_VAPOUR,
  PAN_EVAPORATION,
  pectinLossRate,
  specificHeat,
} from './kinetics.ts';
import { MOLAR_MASS_SUCROSE, MOLAR_MASS_WATER, waterActivity } from './waterActivity.ts';

/** No pot is followed longer than this. */
export const LONGEST_COOK_MIN = 24 * 60;

/** Share of the steam that a lid lets out; the rest runs back. */
export const LID_LETS_OUT = constant(0.1, '1', commonPractice('a lid returns about 90 %'));

/** Heat that a pot off the stove gives to the kitchen, W per m² of base and K. */
export const POT_COOLING = constant(
  30,
  'W/(m² K)',
  commonPractice('still air around base, sides and surface; judgement'),
);

/** A pot whose syrup holds less water than this to a gram of solubles is dry: 95 °Brix, beyond every model here. */
const DRY_WATER_PER_SOLUBLES = 5 / 95;

/** Longest steps: while the pot warms by this much, or loses this share of its water, or this long. */
const STEP_WARMING_K = 5;
const STEP_WATER_SHARE = 0.1;
const LONGEST_STEP_S = 1200;

/** What ends a stage of the cook. Minutes count from the start of the stage. */
export type Until =
  | { readonly kind: 'boil' }
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'solubles'; readonly pct: number }
  | { readonly kind: 'temperature'; readonly tempC: number };

/** One stretch of the cook: something may go in, cold, and then it is heated until something happens. */
export type Stage = {
  readonly name: string;
  readonly add?: Contents;
  readonly lid?: boolean;
  /** Share of the burner's power: 1 unless given, 0 off the heat. */
  readonly flame?: number;
  /** Whether the fruit meanwhile frees as much pectin as wears away: while it softens. */
  readonly freesPectin?: boolean;
  readonly until: Until;
};

export type CookSetting = {
  readonly pressurePa: number;
  /** Heat that reaches the batch, W. */
  readonly netPowerW: number;
  readonly panDiameterCm: number;
  /** Temperature of the kitchen, of the pot before it is lit, and of what is added, °C. */
  readonly startTempC: number;
  /** [H⁺] of the batch, mol per kg of water, by grams of water left. */
  readonly hydrogenAt: (waterG: number) => number;
  readonly stages: readonly Stage[];
};

export type CookMoment = {
  readonly minute: number;
  readonly tempC: number;
  readonly massG: number;
  readonly solublesPct: number;
};

/** How one stage went. */
export type StageTaken = {
  readonly name: string;
  readonly startMin: number;
  readonly endMin: number;
  readonly tempC: number;
  readonly massG: number;
};

export type Cook = {
  readonly outcome: 'reached' | 'never boils' | 'too long' | 'boils dry';
  /** Until the first boil; the whole cook where it never boils. */
  readonly heatUpMin: number;
  readonly boilMin: number;
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

/** The pot at one moment. */
type Moment = {
  readonly t: number;
  readonly tempC: number;
  readonly batch: Contents;
  readonly wear: number;
};

/** A batch after `inverting` grams of sucrose have taken up their water. */
const afterInverting = (batch: Contents, inverting: number, waterTaken: number): Contents => ({
  ...batch,
  sucrose: batch.sucrose - inverting,
  hexoses: batch.hexoses + inverting + waterTaken,
  water: batch.water - waterTaken,
});

/**
 * Follows a pot from cold through the stages of its cook: below the boil it warms while some water
 * leaves its surface, at the boil it rides its own boiling curve while the net power makes steam; sugar
 * inverts and pectin wears all along. What is added goes in cold and drops the temperature. Error-controlled.
 * @throws RangeError when the batch holds no water or no solubles
 */
export function simulateCook(start: Contents, setting: CookSetting): Cook {
  if (!(start.water > 0 && solublesG(start) > 0))
    throw new RangeError('A cook needs water and something dissolved in it');
  const trace: CookMoment[] = [];
  const stages: StageTaken[] = [];
  let now: Moment = { t: 0, tempC: setting.startTempC, batch: start, wear: 0 };
  let sucroseIn = start.sucrose;
  let massIn = massOf(start);
  let boilsAtS: number | null = null;
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
    stages.push({
      name: stage.name,
      startMin,
      endMin: now.t / 60,
      tempC: now.tempC,
      massG: massOf(now.batch),
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
function stirredIn(now: Moment, add: Contents, addTempC: number): Moment {
  const heat = (batch: Contents) => (massOf(batch) === 0 ? 0 : massOf(batch) * specificHeat(batch));
  const [here, added] = [heat(now.batch), heat(add)];
  return {
    ...now,
    batch: plus(now.batch, add),
    tempC: (here * now.tempC + added * addTempC) / (here + added),
  };
}

type Taken = {
  readonly end: Moment;
  readonly ended: 'done' | 'late' | 'dry';
  readonly boilsAtS: number | null;
};

const OUTCOMES = {
  done: 'reached',
  late: 'too long',
  cold: 'never boils',
  dry: 'boils dry',
} as const;

/** Warmer than this below its boiling point, a pot on the flame is at the boil. */
const AT_THE_BOIL_K = 1e-3;

/** Follows one stage to its end, changing between warming and boiling as often as it takes. */
function follow(from: Moment, stage: Stage, setting: CookSetting, trace: CookMoment[]): Taken {
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
          trace.push(momentOf(now.t + offset, leg.at(state)));
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

const momentOf = (t: number, { tempC, batch }: Omit<Moment, 't'>): CookMoment => ({
  minute: t / 60,
  tempC,
  massG: massOf(batch),
  solublesPct: solublesPctOf(batch),
});

/** How far past its end a stage is; negative before it. Minutes end by the clock. */
function past(until: Until, { tempC, batch }: Omit<Moment, 't'>): number {
  if (until.kind === 'solubles') return solublesPctOf(batch) - until.pct;
  return until.kind === 'temperature' ? tempC - until.tempC : -1;
}

/**
 * A batch that a trial step took beyond dryness, with half the water that counts as dry: what is drier has no boiling point, and
 * the step is cut where the pot is dry.
 */
const noDrier = (batch: Contents): Contents => ({
  ...batch,
  water: Math.max(batch.water, (DRY_WATER_PER_SOLUBLES / 2) * solublesG(batch)),
});

/** Positive once the pot is dry. */
const dryness = (batch: Contents): number =>
  DRY_WATER_PER_SOLUBLES - batch.water / solublesG(batch);

const isDone = (until: Until, now: Moment): boolean => past(until, now) > -1e-9;

type Leg = {
  readonly at: (y: State) => Omit<Moment, 't'>;
  readonly problem: Parameters<typeof integrate>[2];
};

/** The equations of one leg, warming or boiling. State: temperature °C, water g, sucrose g, log of pectin left. */
function legOf(
  from: Moment,
  boils: boolean,
  flameW: number,
  stage: Stage,
  setting: CookSetting,
): Leg {
  const { pressurePa, hydrogenAt, startTempC } = setting;
  const base = from.batch;
  const area = (Math.PI / 4) * (setting.panDiameterCm / 100) ** 2;
  const letsOut = stage.lid === true ? LID_LETS_OUT.value : 1;
  // A trial step may shoot past the last of the water or sucrose; it is then rejected or cut short.
  const driest = 0.04 * solublesG(base);
  const contentsAt = (y: State): Contents => {
    const sucrose = Math.max(0, y[2] as number);
    const gone = base.sucrose - sucrose;
    // Written out: copied with a spread, this is half of the time of a cook.
    return {
      water: Math.max(y[1] as number, driest),
      sucrose,
      hexoses: base.hexoses + gone + (gone * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value,
      otherSolubles: base.otherSolubles,
      insolubles: base.insolubles,
      fat: base.fat,
      egg: base.egg,
    };
  };
  const at = (y: State): Omit<Moment, 't'> => {
    const batch = contentsAt(y);
    const tempC = boils ? boilingPointC(noDrier(batch), pressurePa) : (y[0] as number);
    return { tempC, batch, wear: y[3] as number };
  };
  const chemistry = (tempC: number, batch: Contents) => {
    const hydrogen = hydrogenAt(batch.water);
    const inverting = batch.sucrose * inversionRate(tempC, hydrogen);
    return {
      inverting,
      waterTaken: (inverting * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value,
      wearing: stage.freesPectin === true ? 0 : pectinLossRate(tempC, hydrogen),
    };
  };
  const coolingW = (tempC: number) =>
    flameW > 0 ? 0 : POT_COOLING.value * area * (tempC - startTempC);
  const warming = (y: State): State => {
    const tempC = y[0] as number;
    const batch = contentsAt(y);
    const drive = waterActivity(batch) * saturationPressurePa(tempC) - KITCHEN_AIR_VAPOUR.value;
    const steamKg = letsOut * PAN_EVAPORATION.value * area * Math.max(0, drive);
    const { inverting, waterTaken, wearing } = chemistry(tempC, batch);
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    return [
      (flameW - coolingW(tempC) - steamKg * evaporationHeat(tempC)) / heat,
      -1000 * steamKg - waterTaken,
      -inverting,
      -wearing,
    ];
  };
  const boiling = (y: State): State => {
    const batch = noDrier(contentsAt(y));
    const boilsAt = (of: Contents) => boilingPointC(noDrier(of), pressurePa);
    const tempC = boilsAt(batch);
    const { inverting, waterTaken, wearing } = chemistry(tempC, batch);
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    // The boiling point climbs as water leaves, and a little as sugar inverts; both want heat.
    const smallG = batch.water * 1e-5;
    const climbPerKg =
      (1000 * (boilsAt({ ...batch, water: batch.water - smallG }) - tempC)) / smallG;
    const climbPerS = boilsAt(afterInverting(batch, inverting, waterTaken)) - tempC;
    const steamKg =
      (letsOut * Math.max(0, flameW - heat * climbPerS)) /
      (evaporationHeat(tempC) + letsOut * heat * climbPerKg);
    return [0, -1000 * steamKg - waterTaken, -inverting, -wearing];
  };
  const massG = massOf(base);
  const warmingStepS =
    ((massG / 1000) * specificHeat(base) * STEP_WARMING_K) / Math.max(flameW, 50);
  const boilingStepS = ((base.water / 1000) * EVAPORATION_HEAT.value * STEP_WATER_SHARE) / flameW;
  return {
    at,
    problem: {
      slope: boils ? boiling : warming,
      event: (y) => {
        const here = at(y);
        const ended = Math.max(past(stage.until, here), dryness(here.batch));
        if (boils) return ended;
        return flameW > 0
          ? Math.max(ended, here.tempC - boilingPointC(noDrier(here.batch), pressurePa))
          : ended;
      },
      tolerance: [0.005, massG * 1e-5, massG * 1e-5, 1e-5],
      longestStep: Math.min(LONGEST_STEP_S, boils ? boilingStepS : warmingStepS),
    },
  };
}

/** Dry matter of a batch, dissolved and not, g per 100 g. */
export const drySolidsPct = (batch: Contents): number =>
  (100 * (solublesG(batch) + undissolvedG(batch))) / massOf(batch);
