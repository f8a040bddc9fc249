import { type Cook } from '../boil/index.ts';
import {
  contentsOf,
  massOf,
  NOTHING,
  plus,
  solublesPctOf,
  type Contents,
  type UnderstoodLine,
} from '../formula/index.ts';
import {
  acidLoadOf,
  inWater,
  NO_ACID,
  pectinNeededPct,
  pHOf,
  plusLoad,
  SET_CLASSES,
  setClassOf,
  type AcidLoad,
  type SetClass,
} from '../gel/index.ts';
import { commonPractice, range, type Range, type Spread } from '../quantity/index.ts';
import {
  FILLING_TEMP_C,
  finishOf,
  jarredMl,
  SKIM_AND_CLING,
  TRAPPED_AIR,
  volumeMl,
} from '../yield/index.ts';
import { chanceFrom, drawFrom, type Chance } from './random.ts';
import { spreadOf } from './spread.ts';

/** How far from the target a cook with a kitchen thermometer stops, g of solubles per 100 g. */
const STOP_SCATTER_PCT = 1.5;

/** What a burner really puts into a pot, over what it is taken for; until the kitchen has learned it. */
export const POWER_SCATTER = {
  share: range(0.82, 1, 1.18),
  provenance: commonPractice('burners, pots and draughts'),
};

/** How much of the followed cook's inversion another cook of the same batch may have. */
const INVERSION_SCATTER: Range = range(0.6, 1, 1.4);
const MOST_INVERT_SHARE = 0.95;

export type BatchForecast = {
  /** What reaches the jars, filled hot, in mL. */
  readonly volumeMl: Spread;
  /** What is in the pot at the stop, in g. */
  readonly massG: Spread;
  /** From cold to the stop. */
  readonly minutes: Spread;
  /** Absent where nothing in the batch is sour. */
  readonly pH?: { readonly start: Spread; readonly finish: Spread };
  /** Pectin held over pectin needed. Absent where the pH is. */
  readonly setRatio?: Spread;
  /** Share of the imagined batches in each class of set; they add up to 1. */
  readonly setShare?: { readonly [set in SetClass]: number };
};

export type ForecastSetting = {
  readonly targetPct: number;
  readonly seed: number;
  /** How many batches are imagined, 1 or more. */
  readonly draws: number;
  /** The batch at its typical values before the cook, and that cook as it was followed. */
  readonly start: Contents;
  readonly cook: Cook;
  /** Mass at the stop at its typical values, g. */
  readonly finishMassG: number;
};

/** One imagined pot before it is lit. */
type Pot = { readonly contents: Contents; readonly acid: AcidLoad; readonly pectinG: number };

/**
 * Spread of what a batch may turn out as, over many imagined batches: fruit, acidity and pectin drawn
 * within their ranges, volumes within the scatter of filling a cup, the stop within a thermometer's
 * error, the burner's power, and the losses. Times, inversion and wear of pectin are those of the
 * followed cook, scaled by how much water leaves.
 */
export function forecastBatch(
  lines: readonly UnderstoodLine[],
  setting: ForecastSetting,
): BatchForecast {
  const { targetPct, seed, draws, cook } = setting;
  const chance = chanceFrom(seed);
  const column = () => new Float64Array(draws);
  const [volumes, masses, minutes, startPH, finishPH, ratios] = [
    column(),
    column(),
    column(),
    column(),
    column(),
    column(),
  ];
  const stop = range(targetPct - STOP_SCATTER_PCT, targetPct, targetPct + STOP_SCATTER_PCT);
  const steamOfCook = Math.max(1, massOf(setting.start) - setting.finishMassG);
  const sour = lines.some(({ ingredient }) => ingredient.sour !== undefined);
  const counts: Record<SetClass, number> = { pours: 0, loose: 0, soft: 0, firm: 0, slices: 0 };

  for (let i = 0; i < draws; i++) {
    const pot = drawPot(lines, chance);
    const invertShare = Math.min(
      MOST_INVERT_SHARE,
      cook.invertShare * drawFrom(INVERSION_SCATTER, chance),
    );
    const { contents } = finishOf(pot.contents, drawFrom(stop, chance), invertShare);
    const loss = drawFrom(SKIM_AND_CLING.share, chance);
    const massG = massOf(contents);
    volumes[i] = jarredMl(
      volumeMl(contents, FILLING_TEMP_C),
      loss,
      drawFrom(TRAPPED_AIR.share, chance),
    );
    masses[i] = massG;

    const power = drawFrom(POWER_SCATTER.share, chance);
    const boilTimes = Math.max(0, massOf(pot.contents) - massG) / steamOfCook / power;
    const heatTimes = massOf(pot.contents) / massOf(setting.start) / power;
    minutes[i] = cook.heatUpMin * heatTimes + cook.boilMin * boilTimes;
    if (!sour) continue;

    startPH[i] = pHOf(inWater(pot.acid, pot.contents.water));
    const pH = pHOf(inWater(pot.acid, contents.water));
    finishPH[i] = pH;
    const pectinPct = (100 * pot.pectinG * cook.pectinLeft ** boilTimes) / massG;
    const ratio = pectinPct / pectinNeededPct(solublesPctOf(contents), pH);
    ratios[i] = ratio;
    counts[setClassOf(ratio)]++;
  }
  const common = {
    volumeMl: spreadOf(volumes),
    massG: spreadOf(masses),
    minutes: spreadOf(minutes),
  };
  if (!sour) return common;
  return {
    ...common,
    pH: { start: spreadOf(startPH), finish: spreadOf(finishPH) },
    setRatio: spreadOf(ratios),
    setShare: Object.fromEntries(
      SET_CLASSES.map((set) => [set, counts[set] / draws]),
    ) as BatchForecast['setShare'] & object,
  };
}

function drawPot(lines: readonly UnderstoodLine[], chance: Chance): Pot {
  let contents = NOTHING;
  let acid = NO_ACID;
  let pectinG = 0;
  for (const { ingredient, massG: massRange } of lines) {
    const { make, sour, pectinPct } = ingredient;
    const massG = drawFrom(massRange, chance);
    const part = contentsOf(
      ingredient,
      massG,
      drawFrom(make.solublesPct, chance),
      drawFrom(make.insolublesPct, chance),
    );
    contents = plus(contents, part);
    pectinG += (massG * drawFrom(pectinPct, chance)) / 100;
    if (sour) {
      const reading = {
        pH: drawFrom(sour.pH, chance),
        taPct: drawFrom(sour.taPct, chance),
        acids: sour.acids,
      };
      acid = plusLoad(acid, acidLoadOf(reading, massG, part.water));
    }
  }
  return { contents, acid, pectinG };
}
