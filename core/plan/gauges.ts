import { message } from '@idle-kettle/words/message';
import { weighedOutG, type UnderstoodLine } from '../parser/index.ts';
import { CURD_EGG, MOUNDING, type SetModel } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import { roundQuantiles, type Quantiles } from '../quantity/index.ts';
import type { Gauge, GaugeId } from './gauge.ts';
import { windowsOf, type Window } from './gaugeWindows.ts';
import type { Plan } from './plan.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

type Scale = Pick<Gauge, 'side' | 'name' | 'unit' | 'best' | 'foot' | 'top'>;

const SOLIDS = {
  side: 'sugar',
  name: message('plan.solubleSolids'),
  unit: '%',
  foot: 0,
  top: 80,
} as const;
const ACID = { side: 'acid', name: 'pH', unit: '', foot: 5, top: 2.4 } as const;
const FRUIT = {
  side: 'fruit',
  name: message('plan.fruitPer100G'),
  unit: 'g',
  foot: 0,
  top: 140,
} as const;
const SETTERS = {
  side: 'pectin',
  foot: 0,
  top: 3,
  unit: 'times',
  best: { low: 1, high: 1.6 },
} as const;
/** Where acid links pectin best. */
const BEST_PH = { low: 3, high: 3.2 };

const SCALES: { readonly [model in SetModel]: { readonly [id in GaugeId]: Scale } } = {
  'high-methoxyl': {
    fruit: FRUIT,
    sugar: SOLIDS,
    acid: { ...ACID, best: BEST_PH },
    pectin: { ...SETTERS, top: 4, name: message('plan.pectinOverThePectinNeeded2') },
  },
  'low-methoxyl': {
    fruit: FRUIT,
    sugar: SOLIDS,
    acid: ACID,
    pectin: { ...SETTERS, name: message('plan.pectinAndCalciumOverWhat') },
  },
  'gelling-sugar': {
    fruit: FRUIT,
    sugar: SOLIDS,
    acid: ACID,
    pectin: { ...SETTERS, name: message('plan.gellingSugarOverWhatIsNeeded') },
  },
  body: {
    fruit: { ...FRUIT, top: 320 },
    sugar: SOLIDS,
    acid: ACID,
    pectin: {
      ...SETTERS,
      side: 'body',
      name: message('plan.bodyOverWhereItMounds', { value: MOUNDING.value }),
    },
  },
  egg: {
    fruit: { ...FRUIT, side: 'juice', name: message('plan.juicePer100G'), top: 60 },
    sugar: SOLIDS,
    acid: { ...ACID, top: 2 },
    pectin: {
      ...SETTERS,
      side: 'egg',
      name: message('plan.eggSolidsOver', { value: CURD_EGG.value }),
    },
  },
};

/** Peppers stand for fruit in a pepper jelly. */
const PEPPERS = { side: 'peppers', name: message('plan.peppersPer100G') } as const;

/** The gauges of a batch, those that can be told. */
export function gaugesOf(
  { request, choice, understood }: Evaluation,
  { forecast, setters }: Boil,
  set: Plan['set'],
): Gauge[] {
  const { product } = request;
  const scales = SCALES[METHODS[choice.method].setModel];
  const gelling = setters === null ? NaN : setters.setsFruitG / setters.gellingSugarG;
  const windows = windowsOf(product, choice.method, Number.isFinite(gelling) ? gelling : 1);
  const fruitG = understood
    .filter(standsForFruit)
    .reduce((sum, line) => sum + weighedOutG(line), 0);
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
    const scale =
      id === 'fruit' && product === 'pepper-jelly' ? { ...scales[id], ...PEPPERS } : scales[id];
    return value ? [gauge(id, value, scale, windows[id])] : [];
  });
}

const standsForFruit = ({ ingredient: { kind, id } }: UnderstoodLine): boolean =>
  kind === 'fruit' || kind === 'juice' || /^(lemon|lime)-juice/.test(id);

function gauge(id: GaugeId, value: Quantiles, scale: Scale, window: Window): Gauge {
  const { low, high } = window;
  return {
    id,
    ...scale,
    window,
    value: roundQuantiles(value, id === 'fruit' || id === 'sugar' ? 1 : 2),
    reading: value.p50 < low ? 'under' : value.p50 > high ? 'over' : 'within',
  };
}
