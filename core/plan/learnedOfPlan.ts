import { message, type Text } from '@idle-kettle/words/message';
import type { Evaluation } from '../evaluate/index.ts';
import type { LearnedFigure } from '../forecast/index.ts';
import { METHODS } from '../method/index.ts';
import { convert, fahrenheitDegrees, roundQuantiles } from '../quantity/index.ts';

/** What a plan started from that the cooks of its kitchen told. */
export type LearnedOfPlan = {
  readonly what: 'power' | 'thermometer' | 'yield' | 'minutes';
  /** kW, K, or a share of what the sums say. */
  readonly typical: number;
  readonly range: { readonly p10: number; readonly p90: number };
  /** How many cooks it rests on. */
  readonly batches: number;
  /** `Your burner gives 1.5 kW, which boils off 2.4 kg an hour: from 6 batches.` */
  readonly from: Text;
};

/** What boils off, kg an hour of a kilowatt: the heat of vaporisation is 2.257 MJ/kg at 100 °C. */
export const KG_AN_HOUR_OF_A_KW = 3600 / 2257;
const DECIMALS = 3;

/**
 * What a plan started from that was learned, each with the cooks it rests on: only what counts in
 * it, and nothing that somebody says better.
 */
export function learnedOfPlan({ request, choice }: Evaluation): readonly LearnedOfPlan[] {
  const { learned, netPowerKw, waterBoilsC } = request;
  const { stopKind } = METHODS[choice.method];
  const told = (
    what: LearnedOfPlan['what'],
    figure: LearnedFigure | null,
    counts: boolean,
    say: (figure: LearnedFigure) => Text,
  ): readonly LearnedOfPlan[] => {
    if (figure === null || !counts) return [];
    const { p10, p50, p90 } = roundQuantiles(figure, DECIMALS);
    const { batches } = figure;
    return [{ what, typical: p50, range: { p10, p90 }, batches, from: say(figure) }];
  };
  return [
    ...told('power', learned.netPowerKw, netPowerKw === null, ({ p50, batches }) =>
      message('plan.learnedPower', {
        kw: p50.toFixed(1),
        kgAnHour: (KG_AN_HOUR_OF_A_KW * p50).toFixed(1),
        lbAnHour: convert(KG_AN_HOUR_OF_A_KW * p50, 'kg', 'lb').toFixed(1),
        count: batches,
      }),
    ),
    ...told(
      'thermometer',
      learned.thermometerOffsetK,
      waterBoilsC === null && stopKind !== 'egg',
      ({ p50, batches }) =>
        message(p50 < 0 ? 'plan.learnedReadsLow' : 'plan.learnedReadsHigh', {
          c: Math.abs(p50).toFixed(1),
          f: fahrenheitDegrees(Math.abs(p50)).toFixed(1),
          count: batches,
        }),
    ),
    ...told('yield', learned.yieldTimes, true, ({ p50, batches }) =>
      message(p50 < 1 ? 'plan.learnedFewerJars' : 'plan.learnedMoreJars', {
        pct: Math.abs(100 * (p50 - 1)).toFixed(0),
        count: batches,
      }),
    ),
    ...told('minutes', learned.minutesTimes, true, ({ p50, batches }) =>
      message(p50 < 1 ? 'plan.learnedQuicker' : 'plan.learnedSlower', {
        pct: Math.abs(100 * (p50 - 1)).toFixed(0),
        count: batches,
      }),
    ),
  ];
}
