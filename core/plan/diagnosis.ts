import { solublesPctOf } from '../formula/index.ts';
import {
  needByPH,
  needBySolubles,
  pectinNeededPct,
  setClassOf,
  STANDARD_GEL_PECTIN,
} from '../gel/index.ts';
import type { Plan } from './plan.ts';
import { roundTo } from './round.ts';
import type { Boil } from './worked.ts';

/** Below this ratio of pectin held to pectin needed, something is short. */
const ENOUGH = 0.75;

/** A side that asks for this much more pectin than it would at its best is what holds the set back. */
const HOLDS_BACK = 1.3;

type Short = NonNullable<Plan['set']>['short'];

/** The set of a plan before anything is offered to mend it. */
export type Diagnosis = Omit<NonNullable<Plan['set']>, 'remedies'>;

/**
 * How the batch will set, and which of sugar, acid and pectin is the short side: the one that, put
 * right, would help the most. Absent where nothing in the batch is sour, or the cook cannot be followed.
 */
export function diagnose(boil: Boil): Diagnosis | undefined {
  const { pH, pectinPct, forecast, finish } = boil;
  if (pH === null || pectinPct === null || !forecast.setShare || !forecast.setRatio)
    return undefined;
  const solublesPct = solublesPctOf(finish.contents);
  const neededPct = pectinNeededPct(solublesPct, pH);
  const short = shortSide(pectinPct / neededPct, solublesPct, pH);
  return {
    forecast: setClassOf(forecast.setRatio.p50),
    share: Object.fromEntries(
      Object.entries(forecast.setShare).map(([set, share]) => [set, roundTo(share, 3)]),
    ) as typeof forecast.setShare,
    short,
    text: inWords(short, { pectinPct, neededPct, solublesPct, pH }),
  };
}

function shortSide(ratio: number, solublesPct: number, pH: number): Short {
  if (ratio >= ENOUGH) return 'none';
  const sides = [
    ['sugar', needBySolubles(solublesPct)],
    ['acid', needByPH(pH)],
    ['pectin', 1 / (ratio * needBySolubles(solublesPct) * needByPH(pH))],
  ] as const;
  const [side, factor] = sides.reduce((worst, next) => (next[1] > worst[1] ? next : worst));
  return factor >= HOLDS_BACK ? side : 'pectin';
}

type Figures = { pectinPct: number; neededPct: number; solublesPct: number; pH: number };

function inWords(short: Short, { pectinPct, neededPct, solublesPct, pH }: Figures): string {
  const pectin = `${pectinPct.toFixed(2)} % of ${neededPct.toFixed(2)} %`;
  switch (short) {
    case 'none':
      return `Pectin ${pectin} needed at pH ${pH.toFixed(1)} and ${solublesPct.toFixed(0)} % soluble solids.`;
    case 'pectin':
      return `Pectin is the short side: ${pectin}. Fruit richer in it, or some under-ripe, would help.`;
    case 'acid':
      return `Acid is the short side: at pH ${pH.toFixed(1)} the pectin does not link well, and ${neededPct.toFixed(2)} % would be needed instead of ${STANDARD_GEL_PECTIN.value.toFixed(2)} %. Best is pH 3.0 to 3.2.`;
    case 'sugar':
      return `Sugar is the short side: ${solublesPct.toFixed(0)} % soluble solids, where a gel of this kind wants 60 % or more.`;
  }
}
