import { massOf } from '../formula/index.ts';
import {
  CURD_EGG,
  LOW_METHOXYL_PECTIN,
  LOW_METHOXYL_WINDOW,
  MOUNDING,
  needByPH,
  needBySolubles,
  pectinNeededPct,
  SET_LEAST_RATIO,
  type SetClass,
  setClassOf,
  type SetModel,
  type Setters,
  STANDARD_GEL_PECTIN,
} from '../gel/index.ts';
import { roundQuantiles, roundTo, type Quantiles } from '../quantity/index.ts';
import type { Boil } from '../evaluate/index.ts';

/**
 * Below this ratio of what makes it set, held over needed, something is short: a sugar gel sets softly from here on, as tested formulas
 * do, a calcium gel is near its usual dose, a butter mounds and a curd stands.
 */
export const ENOUGH: { readonly [model in SetModel]: number } = {
  'high-methoxyl': SET_LEAST_RATIO.soft,
  'low-methoxyl': 0.85,
  body: 0.85,
  egg: SET_LEAST_RATIO.soft,
};

/** A side that asks for this much more pectin than it would at its best is what holds the set back. */
const HOLDS_BACK = 1.3;

/** A pectin-poor jam with less fruit than this is short of fruit, g per 100 g. */
const LITTLE_FRUIT = 30;

/** No spread holds more pectin than this, g per 100 g. */
const MOST_PECTIN_PCT = 5;

/** What may be short in a batch that does not set. */
export type ShortSide = 'fruit' | 'sugar' | 'acid' | 'pectin' | 'calcium' | 'egg' | 'none';

/** How a batch sets, and what is short, before anything is offered to mend it. */
export type Diagnosis = {
  readonly model: SetModel;
  readonly forecast: SetClass;
  /** What makes it set, held over needed: below 0.5 pours, 0.75 loose, 1.15 soft, 2 firm. */
  readonly ratio: Quantiles;
  /** Share of the imagined batches in each class. */
  readonly share: { readonly [set in SetClass]: number };
  readonly short: ShortSide;
  readonly text: string;
};

type Figures = {
  readonly massG: number;
  readonly solublesPct: number;
  readonly pH: number;
  readonly fruitPer100g: number;
} & Setters;

type Told = { readonly short: ShortSide; readonly text: string };

/**
 * How the batch will set, and which side is short: the one that, put right, would help the most. Absent
 * where it cannot be told: nothing in the batch is sour, or the cook cannot be followed.
 */
export function diagnose(boil: Boil, model: SetModel, fruitPer100g: number): Diagnosis | undefined {
  const { forecast, finish, setters } = boil;
  const { setRatio: ratio, setShare: share } = forecast;
  if (setters === null || !ratio || !share) return undefined;
  const figures: Figures = {
    ...setters,
    massG: massOf(finish.contents),
    solublesPct: forecast.solublesPct.p50,
    pH: forecast.pH?.finish.p50 ?? 7,
    fruitPer100g,
  };
  return {
    model,
    forecast: setClassOf(ratio.p50),
    ratio: roundQuantiles(ratio, 2),
    share: Object.fromEntries(
      Object.entries(share).map(([set, part]) => [set, roundTo(part, 3)]),
    ) as typeof share,
    ...TELL[model](ratio.p50, figures),
  };
}

const TELL: { readonly [model in SetModel]: (ratio: number, of: Figures) => Told } = {
  'high-methoxyl': tellSugarGel,
  'low-methoxyl': tellCalciumGel,
  body: (ratio) => {
    const held = `${(ratio * MOUNDING.value).toFixed(1)} g of solids and pulp in 100 g, where ${MOUNDING.value} g mounds`;
    return ratio >= ENOUGH.body
      ? { short: 'none', text: `Thick enough to mound: ${held}.` }
      : { short: 'fruit', text: `Too thin to mound: ${held}. Reduce it further.` };
  },
  egg: (ratio) => {
    const held = `${(ratio * CURD_EGG.value).toFixed(1)} %, where ${CURD_EGG.value} % stands`;
    return ratio >= ENOUGH.egg
      ? { short: 'none', text: `Egg solids ${held}. It thickens at 77 °C (170 °F).` }
      : { short: 'egg', text: `Egg is the short side: egg solids ${held}. It stays thin.` };
  },
};

/** Told by the middling batch of the draws, so that what is held is under what is wanted exactly when something is short. */
function tellSugarGel(ratio: number, figures: Figures): Told {
  const { solublesPct, pH } = figures;
  const neededPct = pectinNeededPct(solublesPct, pH);
  const soft = ENOUGH['high-methoxyl'];
  const percent = (pct: number): string => `${pct.toFixed(2)} %`;
  const [held, wanted] = [percent(ratio * neededPct), percent(soft * neededPct)];
  const short = shortOfSugarGel(ratio, figures);
  const there = `at pH ${pH.toFixed(1)} and ${solublesPct.toFixed(0)} % soluble solids`;
  if (short === 'none') {
    const firm = SET_LEAST_RATIO.firm;
    return {
      short,
      text:
        ratio >= firm
          ? `Nothing is short: pectin ${held}, where a firm set takes ${percent(firm * neededPct)} ${there}.`
          : `Nothing is short: pectin ${held}, where a soft set takes ${wanted} ${there}, and a firm one ${percent(firm * neededPct)}. ${FIRMER[sideOfSugarGel(figures, ratio)]}`,
    };
  }
  const text: { readonly [short in ShortSide]?: string } = {
    fruit: `Fruit is the short side: ${figures.fruitPer100g.toFixed(0)} g in 100 g brings pectin ${held} of the ${wanted} that a soft set takes.`,
    pectin: `Pectin is the short side: ${held} of the ${wanted} that a soft set takes. Fruit richer in it, or some under-ripe, would help.`,
    acid: `Acid is the short side: at pH ${pH.toFixed(1)} the pectin does not link ${neededPct > MOST_PECTIN_PCT ? 'at all' : `well: a soft set takes ${wanted} instead of ${percent(soft * STANDARD_GEL_PECTIN.value)}, and there is ${held}`}. Best is pH 3.0 to 3.2.`,
    sugar: `Sugar is the short side: ${solublesPct.toFixed(0)} % soluble solids, where a gel of this kind wants 60 % or more.`,
  };
  const loose = ratio >= SET_LEAST_RATIO.loose ? 'It sets loosely, to be spooned. ' : '';
  return { short, text: `${loose}${text[short] ?? ''}` };
}

/** What would make a soft set firmer, by the side that would help the most. */
const FIRMER: { readonly [side in SideOfSugarGel]: string } = {
  sugar: 'More sugar would make it firmer.',
  acid: 'More acid would make it firmer.',
  pectin: 'More pectin would make it firmer.',
  fruit: 'More fruit would make it firmer.',
};

type SideOfSugarGel = 'sugar' | 'acid' | 'pectin' | 'fruit';

const shortOfSugarGel = (ratio: number, figures: Figures): ShortSide =>
  ratio >= ENOUGH['high-methoxyl'] ? 'none' : sideOfSugarGel(figures, ratio);

/** The side that, put right, would help a sugar gel the most. */
function sideOfSugarGel({ solublesPct, pH, fruitPer100g }: Figures, ratio: number): SideOfSugarGel {
  const sides = [
    ['sugar', needBySolubles(solublesPct)],
    ['acid', needByPH(pH)],
    ['pectin', 1 / (ratio * needBySolubles(solublesPct) * needByPH(pH))],
  ] as const;
  const [side, factor] = sides.reduce((worst, next) => (next[1] > worst[1] ? next : worst));
  if (factor >= HOLDS_BACK && side !== 'pectin') return side;
  return fruitPer100g > 0 && fruitPer100g < LITTLE_FRUIT ? 'fruit' : 'pectin';
}

function tellCalciumGel(ratio: number, figures: Figures): Told {
  const { lowMethoxylG, calciumMg, massG, pH } = figures;
  const pectinPct = (100 * lowMethoxylG) / massG;
  const perG = lowMethoxylG === 0 ? 0 : calciumMg / lowMethoxylG;
  const { calciumMgPerG, pH: window } = LOW_METHOXYL_WINDOW;
  const held = `${pectinPct.toFixed(2)} % low-methoxyl pectin, ${perG.toFixed(0)} mg calcium a gram`;
  if (ratio >= ENOUGH['low-methoxyl'])
    return { short: 'none', text: `Enough of both: ${held}. Sugar is free.` };
  const short: ShortSide =
    pectinPct < ENOUGH['low-methoxyl'] * LOW_METHOXYL_PECTIN.value
      ? 'pectin'
      : perG < calciumMgPerG.low
        ? 'calcium'
        : pH > window.high
          ? 'acid'
          : 'pectin';
  const wants = {
    pectin: `Pectin is the short side: ${held}, where ${LOW_METHOXYL_PECTIN.value} % is usual.`,
    calcium: `Calcium is the short side: ${held}, where 15 to 45 mg is usual.`,
    acid: `Acid is the short side: pH ${pH.toFixed(1)}, where calcium gels want 2.8 to 4.5.`,
  }[short];
  return { short, text: wants };
}
