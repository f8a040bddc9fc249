import { chanceFrom, quantilesOf } from '../forecast/index.ts';
import {
  drawnTruth,
  obedientCook,
  readingsOf,
  toldRequest,
  trueSheet,
  USUAL_PROBE,
  type Practice,
} from '../practice/index.ts';
import { asPlanned, estimate, cookPlanOf, type Entry, type CookPlan } from '../stove/index.ts';
import { USUAL_REQUEST, type PlanRequest } from '../evaluate/index.ts';
import {
  boilsAtC,
  holds,
  oneSecond,
  independentKitchen,
  probeOf,
  solidsOf,
  type IndependentPot,
} from './independentModel.ts';

/** What the trial’s thermometer adds; the cook read boiling water to a tenth of a degree first. */
const OFFSET_K = 1.5;

/** Four kinds of jam, so that heat-up, softening and long boils all count. */
const BATCHES: readonly (readonly string[])[] = [
  ['2 kg crushed damsons', '1.4 kg sugar'],
  ['2 kg crushed strawberries', '1.4 kg sugar', '60 mL bottled lemon juice'],
  ['1 kg blackcurrants', '500 mL water', '1.3 kg sugar'],
  ['1.2 kg crushed apricots', '800 g sugar', '30 mL bottled lemon juice'],
];

/** How well a cook was known half-way to its stop. */
export type Trial = {
  /** Error of the minutes left, over them. */
  readonly error: number;
  /** Whether any minutes were told. */
  readonly told: boolean;
  /** Whether p10 to p90 hold them; minutes that were not told hold nothing. */
  readonly within: boolean;
  /** Error of the flame, over it; null where the truth has no one flame. */
  readonly flameError: number | null;
  /** The estimate once more, to time it. */
  readonly again: () => void;
};

/** A share of trials, and their errors in order. */
export type TrialSummary = {
  readonly cooks: number;
  readonly medianError: number;
  readonly p90Error: number;
  readonly mostError: number;
  /** How many told no minutes. */
  readonly untold: number;
  /** Share of them whose minutes left lay within the range; untold ones are misses. */
  readonly within: number;
  readonly medianFlameError: number | null;
};

function requestFor(seed: number): PlanRequest {
  const lines = BATCHES[seed % BATCHES.length] ?? [];
  return { ...USUAL_REQUEST, lines, altitudeM: (seed * 37) % 2400, draws: 0 };
}

/** What boiling water showed before the cook. */
const shownInWater = ({ waterBoilsC }: CookPlan, seed: number): number =>
  Number((waterBoilsC + OFFSET_K + 0.1 * Math.sin(seed)).toFixed(1));

function sure(cookPlan: CookPlan | null): CookPlan {
  if (cookPlan === null) throw new RangeError('A trial’s formula can be cooked');
  return cookPlan;
}

/** One noisy cook of this program’s own simulated kettle, looked at half-way to its stop. */
export function ownKettleTrial(seed: number): Trial {
  const practice: Practice = {
    seed,
    fault: 'none',
    probe: { ...USUAL_PROBE, offsetK: OFFSET_K },
    scale: false,
  };
  const request = requestFor(seed);
  const real = sure(trueSheet(request, practice));
  const told = sure(cookPlanOf(toldRequest(request, practice), shownInWater(real, seed)));
  const events = obedientCook(real, practice, 0);
  const stopMs = events.find(({ kind }) => kind === 'off-heat')?.at ?? NaN;
  const nowMs = stopMs / 2;
  const done = events.filter(({ at }) => at <= nowMs);
  const log = [...done, ...readingsOf(real, practice, done, 0, 0, Math.floor(nowMs / 1000))];
  const trueW = real.setting.netPowerW * Math.exp(drawnTruth(seed)[0]);
  return judged(told, log, nowMs, stopMs, trueW);
}

/** One cook of the other kettle, by a cook who presses late, looked at half-way to its stop. */
export const independentModelTrial = (seed: number): Trial => {
  const [half] = independentModelTrials(seed, ({ stopMs }) => [stopMs / 2]);
  if (half === undefined) throw new RangeError('It is looked at once');
  return half;
};

/** When the other kettle stopped, and when its sugar went in, ms from the flame. */
export type OtherCookTimes = { readonly stopMs: number; readonly sugarMs: number };

/** One cook of the other kettle, looked at whenever it is asked for. */
export function independentModelTrials(
  seed: number,
  looks: (of: OtherCookTimes) => readonly number[],
): readonly Trial[] {
  const request = requestFor(seed);
  const cookPlan = sure(cookPlanOf(request));
  const told = sure(cookPlanOf(request, shownInWater(cookPlan, seed)));
  const { entries, stopMs } = otherCook(cookPlan, seed);
  const sugarMs = entries.find(({ kind }) => kind === 'added')?.at ?? 0;
  return looks({ stopMs, sugarMs }).map((nowMs) =>
    judged(
      told,
      entries.filter(({ at }) => at <= nowMs),
      nowMs,
      stopMs,
      null,
    ),
  );
}

function judged(
  told: CookPlan,
  log: readonly Entry[],
  nowMs: number,
  stopMs: number,
  trueW: number | null,
): Trial {
  const look = () => estimate(told, log, nowMs, { calibrated: true });
  const { minutesLeft, powerW } = look();
  const left = (stopMs - nowMs) / 60_000;
  return {
    error: Math.abs((minutesLeft?.p50 ?? 0) / left - 1),
    told: minutesLeft !== null,
    within: minutesLeft !== null && minutesLeft.p10 <= left && left <= minutesLeft.p90,
    flameError: trueW === null ? null : Math.abs(powerW.p50 / trueW - 1),
    again: look,
  };
}

/** The other kettle is given up after so long, s. */
const LONGEST_S = 6 * 3600;
/** A hand needs so long from seeing to pressing, s. */
const LATE_S = { least: 5, most: 45 } as const;
/** Sugar is felt on the spoon for so long, s. */
const GRITTY_S = 230;

/** What happened at the other kettle from the flame to the stop, and what was in it then, g. */
export type OtherCook = {
  readonly entries: readonly Entry[];
  readonly stopMs: number;
  readonly massG: number;
};

/**
 * One cook of the other kettle.
 * @param seed of its hands and its probe
 * @param kitchen its own, where several are cooked in one
 */
export function otherCook(
  cookPlan: CookPlan,
  seed: number,
  kitchen = independentKitchen(seed, OFFSET_K),
): OtherCook {
  const chance = chanceFrom(Math.imul(seed + 99, 0x85ebca6b));
  const probe = probeOf(seed, kitchen, cookPlan.setting.startTempC);
  const entries: Entry[] = [];
  const write = (kind: Entry['kind'], second: number, value: number | null, text: string | null) =>
    entries.push({
      source: kind === 'temperature' ? 'probe' : 'cook',
      seq: entries.length + 1,
      at: second * 1000,
      kind,
      value,
      text,
    });
  let pot: IndependentPot = {
    ...holds(cookPlan.first, kitchen.solidsTimes),
    tempC: cookPlan.setting.startTempC,
  };
  let index = 0;
  let since = 0;
  let seenAt: number | null = null;
  for (let second = 0; second < LONGEST_S; second += 1) {
    const act = cookPlan.acts[index];
    if (act === undefined) break;
    const stops = act.endsCook && solidsOf(pot) >= cookPlan.targetPct;
    if (stops)
      return {
        entries,
        stopMs: second * 1000,
        massG: pot.waterG + pot.solublesG + pot.otherG,
      };
    const ready: boolean =
      act.id === 'light' ||
      act.adds !== null ||
      (act.id === 'to-boil' && pot.tempC > boilsAtC(pot, cookPlan.waterBoilsC) - 0.1) ||
      (act.id === 'dissolve' && second - since > GRITTY_S) ||
      (act.takes.by === 'clock' && second - since > 60 * (act.takes.minutes ?? 0));
    if (ready && !act.endsCook)
      seenAt ??= second + LATE_S.least + (LATE_S.most - LATE_S.least) * chance();
    if (seenAt !== null && second >= seenAt) {
      if (act.adds !== null) pot = withAdded(pot, holds(act.adds.contents, 1), cookPlan);
      const [end] = act.ends;
      if (end)
        write(
          end.on,
          second,
          act.adds?.massG ?? null,
          act.adds === null ? null : asPlanned(act.adds.id),
        );
      [index, since, seenAt] = [index + 1, second, null];
    }
    pot = oneSecond(pot, cookPlan, kitchen, second, act.flame, act.lid);
    write('temperature', second, probe(pot.tempC), null);
  }
  throw new RangeError('The other kettle never came to its stop');
}

/** Cold sugar stirred in. */
function withAdded(
  pot: IndependentPot,
  more: Omit<IndependentPot, 'tempC'>,
  { setting }: CookPlan,
): IndependentPot {
  const heat = ({ waterG, solublesG, otherG }: Omit<IndependentPot, 'tempC'>) =>
    4.18 * waterG + 1.5 * (solublesG + otherG);
  return {
    waterG: pot.waterG + more.waterG,
    solublesG: pot.solublesG + more.solublesG,
    hexosesG: pot.hexosesG + more.hexosesG,
    otherG: pot.otherG + more.otherG,
    tempC: (heat(pot) * pot.tempC + heat(more) * setting.startTempC) / (heat(pot) + heat(more)),
  };
}

/** Trials by seed, 1 to `cooks`, in sum. */
export function summaryOf(trials: readonly Trial[]): TrialSummary {
  const errors = trials.map(({ error }) => error).sort((a, b) => a - b);
  const flames = trials.flatMap(({ flameError }) => (flameError === null ? [] : [flameError]));
  const { p50, p90 } = quantilesOf(Float64Array.from(errors));
  return {
    cooks: trials.length,
    medianError: p50,
    p90Error: p90,
    mostError: errors.at(-1) ?? NaN,
    untold: trials.filter(({ told }) => !told).length,
    within: trials.filter(({ within }) => within).length / trials.length,
    medianFlameError: flames.length === 0 ? null : quantilesOf(Float64Array.from(flames)).p50,
  };
}

/** Trials of one kind, by their seeds. */
export const trialsOf = (one: (seed: number) => Trial, cooks: number): readonly Trial[] =>
  Array.from({ length: cooks }, (_, index) => one(index + 1));
