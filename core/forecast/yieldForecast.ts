import { LEAST_INVERT_SHARE, MOST_INVERT_SHARE, USUAL_INVERT_SHARE } from '../boil/index.ts';
import { contentsOf, massOf, NOTHING, plus, type UnderstoodLine } from '../formula/index.ts';
import { range, type Range, type Spread } from '../quantity/index.ts';
import {
  FILLING_TEMP_C,
  finishOf,
  jarredMl,
  SKIM_AND_CLING,
  TRAPPED_AIR,
  volumeMl,
} from '../yield/index.ts';
import { chanceFrom, drawFrom } from './random.ts';
import { spreadOf } from './spread.ts';

/** How far from the target a cook with a kitchen thermometer stops, g of solubles per 100 g. */
const STOP_SCATTER_PCT = 1.5;

const INVERT_SHARE: Range = range(LEAST_INVERT_SHARE, USUAL_INVERT_SHARE.value, MOST_INVERT_SHARE);

export type YieldForecast = {
  /** What reaches the jars, filled hot, in mL. */
  readonly volumeMl: Spread;
  /** What is in the pot at the stop, in g. */
  readonly massG: Spread;
};

/**
 * Spread of the yield over many imagined batches: fruit drawn within its ranges, volumes within
 * the scatter of filling a cup, the stop within a thermometer's error, and the losses.
 * @param draws how many batches, 1 or more
 */
export function forecastYield(
  lines: readonly UnderstoodLine[],
  targetPct: number,
  seed: number,
  draws: number,
): YieldForecast {
  const chance = chanceFrom(seed);
  const volumes = new Float64Array(draws);
  const masses = new Float64Array(draws);
  const stop = range(targetPct - STOP_SCATTER_PCT, targetPct, targetPct + STOP_SCATTER_PCT);
  for (let i = 0; i < draws; i++) {
    let start = NOTHING;
    for (const { ingredient, massG } of lines) {
      const { solublesPct, insolublesPct } = ingredient.make;
      start = plus(
        start,
        contentsOf(
          ingredient,
          drawFrom(massG, chance),
          drawFrom(solublesPct, chance),
          drawFrom(insolublesPct, chance),
        ),
      );
    }
    const { contents } = finishOf(start, drawFrom(stop, chance), drawFrom(INVERT_SHARE, chance));
    const loss = drawFrom(SKIM_AND_CLING.share, chance);
    volumes[i] = jarredMl(
      volumeMl(contents, FILLING_TEMP_C),
      loss,
      drawFrom(TRAPPED_AIR.share, chance),
    );
    masses[i] = massOf(contents);
  }
  return { volumeMl: spreadOf(volumes), massG: spreadOf(masses) };
}
