import { type Text, message, sentences } from '@idle-kettle/words/message';
import { massOf } from '../formula/index.ts';
import {
  CURD_EGG,
  gellingSolidsPct,
  LOW_METHOXYL_PECTIN,
  LOW_METHOXYL_WINDOW,
  MOUNDING,
  needByPH,
  needBySolubles,
  packPectinLeft,
  pectinNeededPct,
  SET_LEAST_RATIO,
  type SetClass,
  setClassOf,
  type SetModel,
  type Setters,
  STANDARD_GEL_PECTIN,
} from '../gel/index.ts';
import { eitherMass, roundQuantiles, roundTo, type Quantiles } from '../quantity/index.ts';
import type { Boil } from '../evaluate/index.ts';

/**
 * Below this ratio of what makes it set, held over needed, something is short: a sugar gel sets
 * softly from here on, as tested formulas do, a calcium gel is near its usual dose, a butter mounds
 * and a curd stands.
 */
export const ENOUGH: { readonly [model in SetModel]: number } = {
  'high-methoxyl': SET_LEAST_RATIO.soft,
  'low-methoxyl': 0.85,
  'gelling-sugar': SET_LEAST_RATIO.soft,
  body: 0.85,
  egg: SET_LEAST_RATIO.soft,
};

/**
 * A side that asks for this much more pectin than it would at its best is what holds the set back.
 */
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
  readonly text: Text;
};

type Figures = {
  readonly massG: number;
  readonly solublesPct: number;
  readonly pH: number;
  readonly fruitPer100g: number;
  /** Share of a gelling sugar’s pectin that the boil left. */
  readonly packLeft: number;
} & Setters;

type Told = { readonly short: ShortSide; readonly text: Text };

/**
 * How the batch will set, and which side is short: the one that, put right, would help the most.
 * Absent where it cannot be told: nothing in the batch is sour, or the cook cannot be followed.
 * @param fruitPer100g fruit that went in, g per 100 g of the finished batch
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
    packLeft: packPectinLeft(boil.cook.flameOnBoilMin),
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
  'gelling-sugar': tellGellingSugar,
  body: (ratio) => {
    const held = message('advice.gOfSolidsAndPulp', {
      value: (ratio * MOUNDING.value).toFixed(1),
      value2: MOUNDING.value,
    });
    return ratio >= ENOUGH.body
      ? { short: 'none', text: message('advice.thickEnoughToMound', { held }) }
      : { short: 'fruit', text: message('advice.tooThinToMoundCook', { held }) };
  },
  egg: (ratio) => {
    const held = message('advice.needs', {
      value: (ratio * CURD_EGG.value).toFixed(1),
      value2: CURD_EGG.value,
    });
    return ratio >= ENOUGH.egg
      ? { short: 'none', text: message('advice.enoughEggEggSolidsIt', { held }) }
      : { short: 'egg', text: message('advice.notEnoughEggSoIt', { held }) };
  },
};

/**
 * Told by the middling batch of the draws, so that what is held is under what is wanted exactly
 * when something is short.
 */
function tellSugarGel(ratio: number, figures: Figures): Told {
  const { solublesPct, pH } = figures;
  const neededPct = pectinNeededPct(solublesPct, pH);
  const soft = ENOUGH['high-methoxyl'];
  const percent = (pct: number): string => `${pct.toFixed(2)} %`;
  const [held, wanted] = [percent(ratio * neededPct), percent(soft * neededPct)];
  const short = shortOfSugarGel(ratio, figures);
  const there = message('advice.atPhAndSolubleSolids', {
    pH: pH.toFixed(1),
    solublesPct: solublesPct.toFixed(0),
  });
  if (short === 'none') {
    const firm = SET_LEAST_RATIO.firm;
    return {
      short,
      text:
        ratio >= firm
          ? message('advice.enoughPectinForAFirm', {
              held,
              percent: percent(firm * neededPct),
              there,
            })
          : message('advice.enoughPectinForASoft', {
              held,
              wanted,
              there,
              percent: percent(firm * neededPct),
              value: FIRMER[sideOfSugarGel(figures, ratio)],
            }),
    };
  }
  const text: { readonly [short in ShortSide]?: Text } = {
    fruit: message('advice.notEnoughFruitGPer', {
      value: figures.fruitPer100g.toFixed(0),
      held,
      wanted,
    }),
    pectin: message('advice.notEnoughPectinForA', { held, wanted }),
    acid: message('advice.notEnoughAcidAtPh', {
      pH: pH.toFixed(1),
      part:
        neededPct > MOST_PECTIN_PCT
          ? message('advice.atAll')
          : message('advice.wellASoftSetNeeds', {
              wanted,
              percent: percent(soft * STANDARD_GEL_PECTIN.value),
              held,
            }),
    }),
    sugar: message('advice.notEnoughSugarSolubleSolids', { solublesPct: solublesPct.toFixed(0) }),
  };
  const loose = ratio >= SET_LEAST_RATIO.loose && message('advice.itSetsLooselyForSpooning');
  return { short, text: sentences(loose, text[short]) };
}

/** What would make a soft set firmer, by the side that would help the most. */
const FIRMER: { readonly [side in SideOfSugarGel]: Text } = {
  sugar: message('advice.moreSugarWouldMakeIt'),
  acid: message('advice.moreAcidWouldMakeIt'),
  pectin: message('advice.morePectinWouldMakeIt'),
  fruit: message('advice.moreFruitWouldMakeIt'),
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

/** A gelling sugar is told by its dose: how much fruit it is made for, and how much there is. */
function tellGellingSugar(ratio: number, figures: Figures): Told {
  const { setsFruitG, gellingSugarG, massG, fruitPer100g, packLeft, solublesPct, pH } = figures;
  const held = message('advice.gellingSugarSets', {
    sets: eitherMass(roundTens(setsFruitG)),
    fruit: eitherMass(roundTens((fruitPer100g * massG) / 100)),
  });
  if (ratio >= ENOUGH['gelling-sugar'])
    return { short: 'none', text: message('advice.enoughGellingSugar', { held }) };
  if (gellingSugarG === 0) return { short: 'sugar', text: message('advice.noGellingSugarYet') };
  const short: ShortSide =
    pH > GELLING_SUGAR_MOST_PH ? 'acid' : packLeft < WORN_PACK_SHARE ? 'pectin' : 'sugar';
  const text = {
    acid: message('advice.notEnoughAcidForGellingSugar', { pH: pH.toFixed(1) }),
    pectin: message('advice.gellingSugarBoiledTooLong'),
    sugar:
      (fruitPer100g * massG) / 100 > TOO_MUCH_FRUIT * setsFruitG
        ? message('advice.tooMuchFruitForGellingSugar', { held })
        : message('advice.tooThinForGellingSugar', {
            solublesPct: solublesPct.toFixed(0),
            usual: gellingSolidsPct(setsFruitG / gellingSugarG).toFixed(0),
          }),
  }[short];
  const loose = ratio >= SET_LEAST_RATIO.loose && message('advice.itSetsLooselyForSpooning');
  return { short, text: sentences(loose, text) };
}
const roundTens = (massG: number): number => 10 * Math.round(massG / 10);
/** Its pectin is spent where less than this share of it still gels. */
const WORN_PACK_SHARE = 0.8;
/** Less sour than this it needs lemon juice; common practice. */
const GELLING_SUGAR_MOST_PH = 3.9;
/** More fruit than it is made for, by this much, is too much. */
const TOO_MUCH_FRUIT = 1.1;

function tellCalciumGel(ratio: number, figures: Figures): Told {
  const { lowMethoxylG, calciumMg, massG, pH } = figures;
  const pectinPct = (100 * lowMethoxylG) / massG;
  const perG = lowMethoxylG === 0 ? 0 : calciumMg / lowMethoxylG;
  const { calciumMgPerG, pH: window } = LOW_METHOXYL_WINDOW;
  const held = message('advice.lowMethoxylPectinMgCalcium', {
    pectinPct: pectinPct.toFixed(2),
    perG: perG.toFixed(0),
  });
  if (ratio >= ENOUGH['low-methoxyl'])
    return { short: 'none', text: message('advice.enoughPectinAndCalciumAt', { held }) };
  const short: ShortSide =
    pectinPct < ENOUGH['low-methoxyl'] * LOW_METHOXYL_PECTIN.value
      ? 'pectin'
      : perG < calciumMgPerG.low
        ? 'calcium'
        : pH > window.high
          ? 'acid'
          : 'pectin';
  const wants = {
    pectin: message('advice.notEnoughPectinIsUsual', { held, value: LOW_METHOXYL_PECTIN.value }),
    calcium: message('advice.notEnoughCalcium15To', { held }),
    acid: message('advice.notEnoughAcidPhCalcium', { pH: pH.toFixed(1) }),
  }[short];
  return { short, text: wants };
}
