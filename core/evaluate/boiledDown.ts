import {
  contentsOf,
  solublesG,
  solublesPctOf,
  startContents,
  undissolvedG,
} from '../formula/index.ts';
import {
  acidLoadOf,
  boiledTo,
  freedShare,
  gellingRatioOf,
  packPectinLeft,
  pHOf,
  type FruitCook,
} from '../gel/index.ts';
import type { Sourness } from '../ingredients/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { exactly, range, timesRange, type Range } from '../quantity/index.ts';
import type { Boil } from './evaluation.ts';

/**
 * Lines as they are after their cook: the water that left is gone from each alike, its pectin is out
 * and partly worn, its sugar partly inverted.
 */
export function boiledDown(
  lines: readonly UnderstoodLine[],
  { finish, cook }: Boil,
  fruitCook: FruitCook,
): readonly UnderstoodLine[] {
  const raw = startContents(lines);
  const solids = solublesG(raw);
  const pct = solublesPctOf(finish.contents);
  const waterLeft = Math.min(
    1,
    Math.max(LEAST_WATER_LEFT, ((100 / pct - 1) * solids - undissolvedG(raw)) / raw.water),
  );
  return lines.map((line) => {
    const { ingredient, massG } = line;
    const { water } = contentsOf(ingredient, massG.typical);
    const nowG = massG.typical - water * (1 - waterLeft);
    const times = massG.typical / nowG;
    const left =
      ingredient.gelling === 'low-methoxyl'
        ? 1
        : gellingRatioOf(ingredient) === null
          ? cook.pectinLeft
          : packPectinLeft(cook.flameOnBoilMin);
    const { make, sour } = ingredient;
    const { byVolume: _, ...kept } = line;
    return {
      ...kept,
      massG: exactly(nowG),
      weighedG: massG.typical,
      ingredient: {
        ...ingredient,
        pectinIsOut: true,
        pectinPct: narrower(
          timesRange(ingredient.pectinPct, times * left * freedShare(ingredient, fruitCook)),
        ),
        calciumMg: timesRange(ingredient.calciumMg, times),
        make: {
          ...make,
          solublesPct: timesRange(make.solublesPct, times),
          insolublesPct: timesRange(make.insolublesPct, times),
          sugarsPct: timesRange(make.sugarsPct, times),
          sucroseShare: make.sucroseShare * (1 - cook.invertShare),
        },
        ...(sour === undefined || water === 0
          ? {}
          : { sour: concentrated(sour, massG.typical, water, waterLeft, times) }),
      },
    };
  });
}

/** Something always stays wet; share of the water. */
const LEAST_WATER_LEFT = 0.01;

/** How sour something is once part of its water is gone; what stays is known better than it was. */
function concentrated(
  { pH, taPct, acids }: Sourness,
  massG: number,
  waterG: number,
  waterLeft: number,
  times: number,
): Sourness {
  const at = (read: number) =>
    pHOf(
      boiledTo(
        acidLoadOf({ pH: read, taPct: taPct.typical, acids }, massG, waterG),
        waterG * waterLeft,
      ),
    );
  return {
    acids,
    taPct: timesRange(taPct, times),
    pH: narrower(range(at(pH.low), at(pH.typical), at(pH.high))),
  };
}

/** How much of what nobody knew of its pectin and acid is left once it was seen to set. Judgement. */
const UNKNOWN_LEFT = 0.5;

const narrower = ({ low, typical, high }: Range): Range =>
  range(
    typical - UNKNOWN_LEFT * (typical - low),
    typical,
    typical + UNKNOWN_LEFT * (high - typical),
  );
