import { massOf, startContents } from '../formula/index.ts';
import { METHODS } from '../method/index.ts';
import type { GaugeId } from '../plan/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { bisect } from './bisect.ts';
import { AS_WRITTEN, tryMix, type TrialMix, type Mix, type SolverRecipe } from './tryMix.ts';
import { solverRecipeOf } from './solverRecipeOf.ts';
import { requestOf } from './requestOf.ts';

/** What is turned, how far, and what it moves; the reading rises with `x` where `rises`. */
type Knob = {
  readonly mix: (x: number) => Mix;
  readonly from: number;
  readonly to: number;
  readonly reading: (found: TrialMix) => number;
  readonly rises: boolean;
};

const MOST_TIMES = 8;
const LEAST_TARGET_PCT = 20;
const MOST_TARGET_PCT = 76;
const MOST_LEMON_PER_KG = 250;
const MOST_PECTIN_PER_KG = 60;

/**
 * The request with one gauge turned to a value, or as near as it goes: fruit by its amount, sugar
 * by the stop (by its amount where the clock decides), acid by bottled lemon juice, pectin by a
 * pectin, or by eggs. Null where the lines do not make a batch.
 * @param value in the unit of the gauge
 */
export function moveGauge(request: PlanRequest, gauge: GaugeId, value: number): PlanRequest | null {
  const solverRecipe = solverRecipeOf(request);
  if (solverRecipe === null) return null;
  const { mix, from, to, reading, rises } = knobOf(solverRecipe, gauge);
  const at = (x: number) => {
    const found = tryMix(solverRecipe, mix(x));
    return found === null ? NaN : reading(found) * (rises ? 1 : -1);
  };
  return requestOf(solverRecipe, mix(bisect(at, rises ? value : -value, from, to)));
}

function knobOf(solverRecipe: SolverRecipe, gauge: GaugeId): Knob {
  const { request, method, lines } = solverRecipe;
  const plain: Mix = { ...AS_WRITTEN, targetPct: request.targetSolublesPct };
  const { setModel, stopKind } = METHODS[method];
  const potKg = massOf(startContents(lines)) / 1000;
  const dosed = (id: string) => (massG: number) => ({ ...plain, dose: { id, massG } });
  switch (gauge) {
    case 'fruit':
      return {
        mix: (fruit) => ({ ...plain, fruit }),
        from: 0.02,
        to: MOST_TIMES,
        reading: ({ fruitPer100g }) => fruitPer100g,
        rises: true,
      };
    case 'sugar': {
      const bySolids = stopKind === 'temperature' || stopKind === 'body';
      return {
        mix: bySolids ? (targetPct) => ({ ...plain, targetPct }) : (sugar) => ({ ...plain, sugar }),
        from: bySolids ? LEAST_TARGET_PCT : 0.02,
        to: bySolids ? MOST_TARGET_PCT : MOST_TIMES,
        reading: ({ solublesPct }) => solublesPct,
        rises: true,
      };
    }
    case 'acid':
      return {
        mix: dosed('lemon-juice-bottled'),
        from: 0,
        to: MOST_LEMON_PER_KG * potKg,
        reading: ({ pH }) => pH ?? NaN,
        rises: false,
      };
    case 'pectin': {
      const reading = ({ setRatio }: TrialMix) => setRatio;
      if (setModel === 'body') {
        return {
          mix: (targetPct) => ({ ...plain, targetPct }),
          from: LEAST_TARGET_PCT,
          to: MOST_TARGET_PCT,
          reading,
          rises: true,
        };
      }
      if (setModel === 'gelling-sugar')
        return {
          mix: (sugar) => ({ ...plain, sugar }),
          from: 0.02,
          to: MOST_TIMES,
          reading,
          rises: true,
        };
      const own = lines.find(({ ingredient }) => ingredient.kind === 'pectin')?.ingredient.id;
      const usual = {
        'high-methoxyl': 'powdered-pectin',
        'low-methoxyl': 'low-sugar-pectin',
        egg: 'egg-yolk',
      }[setModel];
      return {
        mix: dosed(setModel === 'egg' ? usual : (own ?? usual)),
        from: 0,
        to: MOST_PECTIN_PER_KG * potKg * (setModel === 'egg' || own === 'liquid-pectin' ? 4 : 1),
        reading,
        rises: true,
      };
    }
  }
}
