import { minutesOfActs, stoveChain, toTheStop, wholeChain, type Act } from '../chain/index.ts';
import { comesAsSauce, usualTargetPct } from '../method/index.ts';
import { roundQuantiles, type Quantiles } from '../quantity/index.ts';
import { boilMinutesOf, type Boil, type Evaluation } from '../evaluate/index.ts';
import type { CannerHeat } from './cannerHeat.ts';
import type { Plan, PlanAct } from './plan.ts';

/** The chain of a plan, from the fruit to the shelf, with the minutes of each act. */
export function actsOfPlan(
  worked: Evaluation,
  { method, minutes }: Plan['process'],
  heats: CannerHeat | null,
): PlanAct[] {
  const { request, choice, heat, understood, pretreated, boil } = worked;
  const of = {
    product: request.product,
    method: choice.method,
    lines: understood,
    targetPct: boil?.targetPct ?? usualTargetPct(request.product),
    boilMin: boilMinutesOf(request, choice.method, understood),
    heat,
    isSauce: comesAsSauce(request.before, understood),
  };
  const stove = boil?.chain ?? stoveChain(of);
  const before =
    pretreated === null
      ? null
      : {
          before: pretreated.pretreatment,
          lines: pretreated.understood,
          obtained: pretreated.obtained,
        };
  const atTheStove = boil === null ? new Map<Act, Quantiles>() : stoveMinutes(boil);
  return wholeChain(of, stove, before, { method, minutes }).map((act) => {
    const { ahead, adds, takes, ...rest } = act;
    const known =
      act.id === 'heat-canner'
        ? (heats?.toBoil ?? null)
        : (atTheStove.get(act) ?? (takes.minutes === null ? null : point(takes.minutes)));
    return {
      ...rest,
      by: takes.by,
      minutes: known === null ? null : roundQuantiles(known, 1),
      adds: adds === null ? null : { id: adds.id, massG: adds.massG },
    };
  });
}

const point = (minutes: number): Quantiles => ({ p10: minutes, p50: minutes, p90: minutes });

/**
 * Minutes of the acts to the stop, as the cook went through them; what no clock decides is spread
 * so that all of them together take as long as is forecast.
 */
function stoveMinutes({ chain, cook, forecast }: Boil): ReadonlyMap<Act, Quantiles> {
  if (cook.outcome !== 'reached') return new Map();
  const acts = toTheStop(chain.acts);
  const taken = minutesOfActs(acts, cook.stages);
  const fixed = (index: number) => acts[index]?.takes.minutes !== null;
  const sum = (which: boolean) =>
    taken.reduce((minutes, own, index) => (fixed(index) === which ? minutes + own : minutes), 0);
  const [byClock, byPot] = [sum(true), sum(false)];
  const times = (total: number) => (byPot === 0 ? 1 : Math.max(0, total - byClock) / byPot);
  const { p10, p50, p90 } = forecast.minutes;
  return new Map(
    acts.flatMap((act, index) => {
      const own = taken[index] ?? 0;
      if (own === 0) return [];
      const at = (total: number) => (fixed(index) ? own : own * times(total));
      return [[act, { p10: at(p10), p50: at(p50), p90: at(p90) }] as const];
    }),
  );
}
