import { message, type Text } from '@idle-kettle/words/message';
import { isTasted, type Evaluation } from '../evaluate/index.ts';
import type { LearnedFigure, LearnedOfEach } from '../forecast/index.ts';
import { METHODS } from '../method/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { convert, fahrenheitDegrees, roundQuantiles } from '../quantity/index.ts';

/** What a plan started from that the cooks of its kitchen told. */
export type LearnedOfPlan = {
  readonly what: 'power' | 'thermometer' | 'yield' | 'minutes' | 'set' | 'cup' | 'solids';
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
export function learnedOfPlan({
  request,
  choice,
  understood,
}: Evaluation): readonly LearnedOfPlan[] {
  const { netPowerKw, waterBoilsC } = request;
  // Jars that were seen to set say more than what is usual here.
  const learned = request.remake === null ? request.learned : { ...request.learned, setTimes: [] };
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
      message(learned.ofPot ? 'plan.learnedPot' : 'plan.learnedPower', {
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
        pct: offPct(p50),
        count: batches,
      }),
    ),
    ...ofOne(learned.setTimes, choice.method).flatMap((figure) =>
      told('set', figure, true, ({ p50, batches }) =>
        message(p50 < 1 ? 'plan.learnedSofter' : 'plan.learnedFirmer', {
          pct: offPct(p50),
          count: batches,
        }),
      ),
    ),
    ...told('cup', learned.cupTimes, understood.some(isFruitInCups), ({ p50, batches }) =>
      message(p50 < 1 ? 'plan.learnedLightCup' : 'plan.learnedFullCup', {
        pct: offPct(p50),
        count: batches,
      }),
    ),
    ...[...new Set(understood.map(({ ingredient }) => ingredient))].flatMap(({ id, name }) =>
      ofOne(learned.solidsTimes, id).flatMap((figure) =>
        told('solids', figure, !isTasted(request), ({ p50, batches }) =>
          message(p50 < 1 ? 'plan.learnedTart' : 'plan.learnedSweet', {
            fruit: name,
            pct: offPct(p50),
            count: batches,
          }),
        ),
      ),
    ),
    ...told('minutes', learned.minutesTimes, true, ({ p50, batches }) =>
      message(p50 < 1 ? 'plan.learnedQuicker' : 'plan.learnedSlower', {
        pct: offPct(p50),
        count: batches,
      }),
    ),
  ];
}

/** How far a figure is off what the sums say, in whole per cent. */
const offPct = (times: number): string => Math.abs(100 * (times - 1)).toFixed(0);

const ofOne = (learned: LearnedOfEach, of: string): readonly LearnedFigure[] =>
  learned.filter(({ id }) => id === of).map(({ times }) => times);

const isFruitInCups = ({ ingredient, byVolume }: UnderstoodLine): boolean =>
  ingredient.kind === 'fruit' && byVolume === true;
