import { message, type Text } from '@idle-kettle/words/message';
import { massOf, solublesPctOf, sugarsG } from '../formula/index.ts';
import {
  boiledTo,
  GELLING_RATIOS,
  gellingSolidsPct,
  LOW_METHOXYL_WINDOW,
  titratablePct,
  typicalAcidLoad,
  type SetModel,
} from '../gel/index.ts';
import type { Boil } from '../evaluate/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { commonPractice, type Range } from '../quantity/index.ts';

const TASTES = commonPractice(
  'jams taste flat below 0.5 % and harsh above 1.3 % titratable acidity as citric acid',
);

/** Titratable acidity of a finished spread that tastes right, g of citric acid per 100 g. */
export const TASTE_WINDOW = { low: 0.5, high: 1.3, provenance: TASTES } as const;

type Window = Pick<Range, 'low' | 'high'>;

/** Soluble solids and pH at which a gel of each kind stands well; null where it has no gel. */
const BEARS: { readonly [model in SetModel]: { solublesPct: Window; pH: Window } | null } = {
  'high-methoxyl': { solublesPct: { low: 52, high: 69 }, pH: { low: 2.8, high: 3.6 } },
  'low-methoxyl': LOW_METHOXYL_WINDOW,
  'gelling-sugar': {
    solublesPct: {
      low: 0.9 * Math.min(...GELLING_RATIOS.map(gellingSolidsPct)),
      high: 70,
    },
    pH: { low: 2.8, high: 3.8 },
  },
  body: null,
  egg: null,
};

/** A batch that was worked out, and what it is made of. */
export type Made = { readonly boil: Boil; readonly lines: readonly UnderstoodLine[] };

/** Titratable acidity of a finished batch, g of citric acid per 100 g. */
export function finishedAcidPct({ boil, lines }: Made): number {
  const { contents } = boil.finish;
  return titratablePct(boiledTo(typicalAcidLoad(lines), contents.water), massOf(contents));
}

const isIn = (value: number, { low, high }: Window): boolean => value >= low && value <= high;

/** Whether a value is in a window, or no farther out of it than it was; `was` absent for anew. */
const noWorse = (value: number, window: Window, was: number | null | false): boolean =>
  isIn(value, window) ||
  (typeof was === 'number' &&
    isIn(value, {
      low: Math.min(window.low, was) - ROUNDING,
      high: Math.max(window.high, was) + ROUNDING,
    }));

/**
 * Whether a mended batch would taste right and stands inside the windows of its gel. What was too
 * sour before may stay so, where nothing sour was added; and so may what was flat, where it sets on
 * calcium as it did before, and acid is no matter of its set.
 * @param was what the batch set on before
 */
export function isToTaste(model: SetModel, mended: Made, before: Made, was: SetModel): boolean {
  const bears = BEARS[model];
  if (bears === null) return true;
  const { boil } = mended;
  const [acid, acidWas] = [finishedAcidPct(mended), finishedAcidPct(before)];
  const calcium = boil.setters;
  const same = was === model;
  const least =
    model === 'low-methoxyl' && same
      ? Math.min(TASTE_WINDOW.low, acidWas - ROUNDING)
      : TASTE_WINDOW.low;
  return (
    acid >= least &&
    acid <= Math.max(TASTE_WINDOW.high, acidWas + ROUNDING) &&
    isIn(solublesPctOf(boil.finish.contents), bears.solublesPct) &&
    noWorse(boil.pH ?? Infinity, bears.pH, same && before.boil.pH) &&
    (model !== 'low-methoxyl' ||
      calcium === null ||
      isIn(calcium.calciumMg / calcium.lowMethoxylG, LOW_METHOXYL_WINDOW.calciumMgPerG))
  );
}
const ROUNDING = 0.02;

/** More or less acid, g per 100 g, and sugar, g per 100 g, than this is tasted. */
const TASTED_ACID = 0.08;
const TASTED_SUGAR = 4;
/** A batch that grows or shrinks by less than this share fills about as many jars. */
const SAME_JARS = 0.04;

/**
 * What a change does to taste and jars, in a few words.
 * @param pots how many pots like the mended one there are
 */
export function effectOf(mended: Made, before: Made, pots = 1): Text {
  const acid = finishedAcidPct(mended) - finishedAcidPct(before);
  const sugarIn = ({ boil: { finish } }: Made) =>
    (100 * sugarsG(finish.contents)) / massOf(finish.contents);
  const sugar = sugarIn(mended) - sugarIn(before);
  const volume = ({ boil }: Made) => boil.forecast.volumeMl.p50;
  const grows = (pots * volume(mended)) / volume(before) - 1;
  const taste =
    Math.abs(sugar) >= TASTED_SUGAR
      ? sugar > 0
        ? message('advice.tastesSweeter')
        : message('advice.tastesLessSweet')
      : Math.abs(acid) >= TASTED_ACID
        ? acid > 0
          ? message('advice.tastesSharper')
          : message('advice.tastesMilder')
        : message('advice.tastesTheSame');
  const percent = Math.round(Math.abs(100 * grows));
  const jars =
    Math.abs(grows) < SAME_JARS
      ? message('advice.asManyJars')
      : grows > 0
        ? message('advice.moreJam', { percent })
        : message('advice.lessJam', { percent });
  return message('advice.tasteAndJars', { taste, jars });
}
