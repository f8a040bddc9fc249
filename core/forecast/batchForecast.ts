import { message, type Text } from '@idle-kettle/words/message';
import type { Cook } from '../boil/index.ts';
import { massOf, plus, solublesPctOf, type Contents } from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  afterBoiling,
  type FruitCook,
  boiledTo,
  inWater,
  pHOf,
  SET_CLASSES,
  setClassOf,
  setRatioOf,
  type SetClass,
  type SetModel,
} from '../gel/index.ts';
import type { StopKind } from '../method/index.ts';
import { range, type Range, type Quantiles } from '../quantity/index.ts';
import {
  boiledFor,
  FILLING_TEMP_C,
  finishOf,
  jarredMl,
  SKIM_AND_CLING,
  TRAPPED_AIR,
  volumeMl,
} from '../yield/index.ts';
import { contributorsTo, type Contributor, type Factor } from './contributors.ts';
import { cupRange, fillingRange, lossRange, powerRange, stopRange, type Care } from './care.ts';
import { drawPot, isMeasured } from './drawnPot.ts';
import { weightsFor, type Measurements } from './measurements.ts';
import { chanceFrom, drawFrom, quantileOf } from './random.ts';
import { quantilesOf } from './quantiles.ts';

/**
 * Steam of a cook that ends by the clock or the thermometer, over the followed one's: lively or
 * slow, wide or narrow.
 */
const STEAM_SCATTER: Range = range(0.5, 1, 1.6);

/** How much of the followed cook's inversion another cook of the same batch may have. */
const INVERSION_SCATTER: Range = range(0.6, 1, 1.4);
const MOST_INVERT_SHARE = 0.95;

/** Contributors are ranked on this many draws: enough for shares to stand within a few per cent. */
const RANKED_DRAWS = 1000;

/** How a batch may turn out: p10, p50 and p90 of each figure, and what they come from. */
export type BatchForecast = {
  /** What reaches the jars, filled hot, in mL. */
  readonly volumeMl: Quantiles;
  /** What is in the pot at the stop, in g. */
  readonly massG: Quantiles;
  readonly solublesPct: Quantiles;
  /** From cold to the stop. */
  readonly minutes: Quantiles;
  /** Absent where nothing in the batch is sour. */
  readonly pH?: { readonly start: Quantiles; readonly finish: Quantiles };
  /** What makes it set, held over needed. Absent where it cannot be told. */
  readonly setRatio?: Quantiles;
  /** Share of the imagined batches in each class of set; they add up to 1. */
  readonly setShare?: { readonly [set in SetClass]: number };
  /** What the spread of each figure comes from, the biggest first. */
  readonly contributors: {
    readonly jars: readonly Contributor[];
    readonly minutes: readonly Contributor[];
    readonly set: readonly Contributor[];
  };
  /** Some of the imagined batches: pH and soluble solids at the stop, and how they set. */
  readonly cloud: readonly CloudPoint[];
  /** Whether the measurements given lie outside anything these lines could be. */
  readonly measurementsUnlikely: boolean;
};

/** One imagined batch at its stop: pH, soluble solids in g per 100 g, and how it sets. */
export type CloudPoint = {
  readonly pH: number;
  readonly solublesPct: number;
  readonly set: SetClass;
};

const CLOUD_POINTS = 300;

/** What differs from pot to pot besides the lines, as a contributor is told. */
const LUCK = {
  howFullYourCupsAre: message('forecast.howFullYourCupsAre'),
  howMuchBoilsOff: message('forecast.howMuchBoilsOff'),
  whereYouStop: message('forecast.whereYouStop'),
  skimmingAndCling: message('forecast.skimmingAndCling'),
  airStirredIn: message('forecast.airStirredIn'),
  howFullTheJarsAre: message('forecast.howFullTheJarsAre'),
  yourBurner: message('forecast.yourBurner'),
};

/**
 * What a forecast is made from, besides the lines: the cook as it was followed, where it stops, and
 * how many batches are drawn.
 */
export type ForecastSetting = {
  /** Soluble solids to stop at; null where the cook ends by the clock or the thermometer. */
  readonly targetPct: number | null;
  readonly stopKind: StopKind;
  readonly care: Care;
  readonly setModel: SetModel;
  /** How firmly it sets in this kitchen over what the sums say. */
  readonly setTimes: number;
  /** Whether it comes to a set that can be foretold. */
  readonly gels: boolean;
  readonly fruitCook: FruitCook;
  readonly seed: number;
  /** How many batches are imagined, 1 or more. */
  readonly draws: number;
  /** Lines that go in at the end, and are not boiled. */
  readonly late: ReadonlySet<UnderstoodLine>;
  /** Everything else, at its typical values, and the cook of it as it was followed. */
  readonly boiled: Contents;
  readonly cook: Cook;
  /** Minutes of that cook that the clock fixes, whatever the pot. */
  readonly clockMin: number;
  /** Mass of it at the stop, at its typical values, g. */
  readonly stopMassG: number;
  readonly measured: Measurements;
  /**
   * Whether only how much it gives and how long it takes is asked for, and neither what that comes
   * from nor how it sets.
   */
  readonly amountsAlone: boolean;
};

/**
 * Spread of what a batch may turn out as, over many imagined batches: fruit, acidity and pectin
 * drawn within their ranges, volumes within the scatter of filling a cup, the stop within a
 * thermometer's error, the burner's power, and the losses. Times, inversion and wear of pectin are
 * those of the followed cook, scaled by how much water leaves.
 */
export function forecastBatch(
  lines: readonly UnderstoodLine[],
  setting: ForecastSetting,
): BatchForecast {
  const { targetPct, seed, draws, cook, setModel } = setting;
  const chance = chanceFrom(seed);
  const column = () => new Float64Array(draws);
  const [volumes, masses, solids, minutes, startPH, finishPH, ratios, brix] = [
    column(),
    column(),
    column(),
    column(),
    column(),
    column(),
    column(),
    column(),
  ];
  const { amountsAlone, measured: readings } = setting;
  const ranked = amountsAlone ? 0 : Math.min(draws, RANKED_DRAWS);
  const factors: Factor[] = [];
  let i = 0;
  let noted = 0;
  const note = (what: Text, of: string, u: number) => {
    if (i === 0) {
      factors.push({
        what: of === '' ? what : message('forecast.ofThe', { what, of }),
        places: new Float64Array(ranked),
      });
    }
    (factors[noted++] as Factor).places[i] = u;
  };
  const luck = (what: Text, from: Range): number => {
    const u = chance();
    if (i < ranked) note(what, '', u);
    return quantileOf(from, u);
  };
  const stop = targetPct === null ? null : stopRange(targetPct, setting.stopKind, setting.care);
  const burner = powerRange(setting.care);
  const filling = fillingRange(setting.care);
  const losses = lossRange(SKIM_AND_CLING.share, setting.care);
  const air = lossRange(TRAPPED_AIR.share, setting.care);
  const { yieldTimes, minutesTimes } = setting.care.learned;
  const [usualYield, usualMinutes] = [yieldTimes?.p50 ?? 1, minutesTimes?.p50 ?? 1];
  const measured = lines.some(({ massG }) => isMeasured(massG));
  const cupFilling = cupRange(setting.care);
  const steamOfCook = Math.max(1, massOf(setting.boiled) - setting.stopMassG);
  const sour = lines.some(({ ingredient }) => ingredient.sour !== undefined);
  const tellsPH = sour && !amountsAlone;
  const readsPH = sour && readings.startPH !== null;
  const tells =
    setting.gels && !amountsAlone && (sour || setModel === 'body' || setModel === 'egg');
  const wanted = { acid: tellsPH || readsPH, setters: tells };

  for (; i < draws; i++) {
    noted = 0;
    const cups = measured ? luck(LUCK.howFullYourCupsAre, cupFilling) : 1;
    const pot = drawPot(
      lines,
      setting.late,
      setting.fruitCook,
      cups,
      chance,
      i < ranked ? note : null,
      wanted,
    );
    const invertShare = Math.min(
      MOST_INVERT_SHARE,
      cook.invertShare * drawFrom(INVERSION_SCATTER, chance),
    );
    const atStop =
      stop === null
        ? boiledFor(
            pot.contents,
            steamOfCook * luck(LUCK.howMuchBoilsOff, STEAM_SCATTER),
            invertShare,
          )
        : finishOf(pot.contents, luck(LUCK.whereYouStop, stop), invertShare).contents;
    const contents = plus(atStop, pot.late);
    const loss = luck(LUCK.skimmingAndCling, losses);
    const massG = massOf(contents);
    const jarredAtMl = jarredMl(
      volumeMl(contents, FILLING_TEMP_C),
      loss,
      luck(LUCK.airStirredIn, air),
    );
    volumes[i] = (usualYield * jarredAtMl) / luck(LUCK.howFullTheJarsAre, filling);
    masses[i] = massG;
    solids[i] = solublesPctOf(contents);
    brix[i] = solublesPctOf(pot.contents);

    const power = luck(LUCK.yourBurner, burner);
    const heatTimes = massOf(pot.contents) / massOf(setting.boiled) / power;
    const boilTimes =
      stop === null
        ? heatTimes
        : Math.max(0, massOf(pot.contents) - massOf(atStop)) / steamOfCook / power;
    minutes[i] =
      usualMinutes *
        (cook.heatUpMin * heatTimes + Math.max(0, cook.boilMin - setting.clockMin) * boilTimes) +
      Math.min(setting.clockMin, cook.boilMin);
    if (tellsPH || readsPH)
      startPH[i] = pHOf(inWater(pot.acid, pot.contents.water + pot.late.water));
    if (tellsPH) finishPH[i] = pHOf(boiledTo(pot.acid, contents.water));
    if (tells) {
      const held = setRatioOf(
        setModel,
        contents,
        sour ? (finishPH[i] as number) : null,
        afterBoiling(pot.setters, cook.pectinLeft ** boilTimes, cook.flameOnBoilMin),
      );
      ratios[i] = setting.setTimes * held;
    }
  }
  const { weights, unlikely } = weightsFor(readings, brix, sour ? startPH : null);
  const spread = (values: Float64Array) => quantilesOf(values, weights);
  const contributors = (result: Float64Array) =>
    contributorsTo(result.subarray(0, ranked), factors);
  return {
    volumeMl: spread(volumes),
    massG: spread(masses),
    solublesPct: spread(solids),
    minutes: spread(minutes),
    ...(tellsPH ? { pH: { start: spread(startPH), finish: spread(finishPH) } } : {}),
    ...(tells ? { setRatio: spread(ratios), setShare: sharesOf(ratios, weights) } : {}),
    contributors: {
      jars: contributors(volumes),
      minutes: contributors(minutes),
      set: tells ? contributors(ratios) : [],
    },
    cloud: tellsPH
      ? Array.from({ length: Math.min(draws, CLOUD_POINTS) }, (_, k) => ({
          pH: finishPH[k] as number,
          solublesPct: solids[k] as number,
          set: setClassOf(ratios[k] as number),
        }))
      : [],
    measurementsUnlikely: unlikely,
  };
}

function sharesOf(
  ratios: Float64Array,
  weights: Float64Array | null,
): { readonly [set in SetClass]: number } {
  const sums: Record<SetClass, number> = { pours: 0, loose: 0, soft: 0, firm: 0, slices: 0 };
  let total = 0;
  for (let i = 0; i < ratios.length; i++) {
    const weight = weights === null ? 1 : (weights[i] as number);
    sums[setClassOf(ratios[i] as number)] += weight;
    total += weight;
  }
  for (const set of SET_CLASSES) sums[set] /= total;
  return sums;
}
