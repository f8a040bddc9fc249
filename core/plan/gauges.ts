import { message } from '@idle-kettle/words/message';
import type { UnderstoodLine } from '../parser/index.ts';
import { CURD_EGG, LOW_METHOXYL_WINDOW, MOUNDING, type SetModel } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import { commonPractice, roundQuantiles, type Quantiles } from '../quantity/index.ts';
import type { Gauge, GaugeId } from './gauge.ts';
import type { Plan } from './plan.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

export const GAUGE_WINDOWS_SOURCE = commonPractice(
  'fruit 35–95 g per 100 g (45 or more by most laws, weight for weight and more by most cooks), solids 60–68 %, pH 2.8–3.5 (best 3.0–3.2) for sugar gels; makers’ windows for calcium gels',
);

type Scale = Pick<Gauge, 'side' | 'name' | 'unit' | 'window' | 'best' | 'foot' | 'top'>;

const SOLIDS = {
  side: 'sugar',
  name: message('plan.solubleSolids'),
  unit: '%',
  foot: 0,
  top: 80,
} as const;
const ACID = { side: 'acid', name: 'pH', unit: '', foot: 5, top: 2.4 } as const;
const FRUIT = { side: 'fruit', name: message('plan.fruitPer100G'), unit: 'g', foot: 0 } as const;
const SETTERS = {
  side: 'pectin',
  foot: 0,
  top: 3,
  unit: 'times',
  window: { low: 0.75, high: 2 },
  best: { low: 1, high: 1.6 },
} as const;

const SCALES: { readonly [model in SetModel]: { readonly [id in GaugeId]: Scale } } = {
  'high-methoxyl': {
    fruit: { ...FRUIT, window: { low: 35, high: 95 }, top: 130 },
    sugar: { ...SOLIDS, window: { low: 60, high: 68 } },
    acid: { ...ACID, window: { low: 2.8, high: 3.5 }, best: { low: 3, high: 3.2 } },
    pectin: { ...SETTERS, name: message('plan.pectinOverThePectinNeeded2') },
  },
  'low-methoxyl': {
    fruit: { ...FRUIT, window: { low: 50, high: 100 }, top: 140 },
    sugar: { ...SOLIDS, window: LOW_METHOXYL_WINDOW.solublesPct },
    acid: { ...ACID, window: LOW_METHOXYL_WINDOW.pH },
    pectin: { ...SETTERS, name: message('plan.pectinAndCalciumOverWhat') },
  },
  body: {
    fruit: { ...FRUIT, window: { low: 80, high: 260 }, top: 320 },
    sugar: { ...SOLIDS, window: { low: 30, high: 55 } },
    acid: { ...ACID, window: { low: 2.8, high: 4.2 } },
    pectin: {
      ...SETTERS,
      side: 'body',
      name: message('plan.bodyOverWhereItMounds', { value: MOUNDING.value }),
    },
  },
  egg: {
    fruit: {
      ...FRUIT,
      side: 'juice',
      name: message('plan.juicePer100G'),
      window: { low: 15, high: 35 },
      top: 60,
    },
    sugar: { ...SOLIDS, window: { low: 30, high: 50 } },
    acid: { ...ACID, window: { low: 2.2, high: 3.6 }, top: 2 },
    pectin: {
      ...SETTERS,
      side: 'egg',
      name: message('plan.eggSolidsOver', { value: CURD_EGG.value }),
    },
  },
};

/** The gauges of a batch, those that can be told. */
export function gaugesOf(
  { choice, understood }: Evaluation,
  { forecast }: Boil,
  set: Plan['set'],
): Gauge[] {
  const { setModel } = METHODS[choice.method];
  const fruitG = understood
    .filter(standsForFruit)
    .reduce((sum, { massG }) => sum + massG.typical, 0);
  const { p10, p50, p90 } = forecast.massG;
  const values: { readonly [id in GaugeId]: Quantiles | undefined } = {
    // A heavier pot holds less fruit in 100 g.
    fruit: { p10: (100 * fruitG) / p90, p50: (100 * fruitG) / p50, p90: (100 * fruitG) / p10 },
    sugar: forecast.solublesPct,
    acid: forecast.pH?.finish,
    pectin: set?.ratio,
  };
  return (['fruit', 'sugar', 'acid', 'pectin'] as const).flatMap((id) => {
    const value = values[id];
    return value ? [gauge(id, value, SCALES[setModel][id])] : [];
  });
}

const standsForFruit = ({ ingredient: { kind, id } }: UnderstoodLine): boolean =>
  kind === 'fruit' || kind === 'juice' || /^(lemon|lime)-juice/.test(id);

function gauge(id: GaugeId, value: Quantiles, scale: Scale): Gauge {
  const { low, high } = scale.window;
  return {
    id,
    ...scale,
    value: roundQuantiles(value, id === 'fruit' || id === 'sugar' ? 1 : 2),
    reading: value.p50 < low ? 'under' : value.p50 > high ? 'over' : 'within',
  };
}
