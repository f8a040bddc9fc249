import { GELLING_RATIOS, type GellingRatio } from '../gel/index.ts';
import { type Method, PRODUCTS } from '../method/index.ts';
import { type Plan, planBatch } from '../plan/index.ts';
import { type PlanRequest, readLines, evaluate } from '../evaluate/index.ts';
import { linesBy, linesByGellingSugar, USUAL_SUGAR } from './linesBy.ts';
import { solveFor } from './solveFor.ts';

/** The same fruit by one method: the amounts it would take, and what comes of them. */
export type MethodTrial = {
  readonly method: Method;
  /** The gelling sugar of a trial by that method; null for the batch’s own, and for the others. */
  readonly gellingRatio: GellingRatio | null;
  readonly request: PlanRequest;
  readonly plan: Plan;
};

/**
 * Every method that the product is made by, on the fruit of this batch: its own method as it is
 * written, the others with the sugar that is usual for them and the pectin that makes them firm, or
 * as firm as it gets; gelling sugars each with the fruit that they are made for.
 */
export function compareMethods(request: PlanRequest): MethodTrial[] {
  // What is in jars was made by its method already.
  if (request.remake !== null) return [];
  const { understood: lines, pretreated } = evaluate({ ...request, draws: 0 }, readLines(request));
  const gave = new Set(pretreated?.obtained.lines);
  const own = planBatch({ ...request, draws: 0 });
  const now = own.ok ? own.plan.method : null;
  return PRODUCTS[request.product].methods.flatMap((method): MethodTrial[] => {
    if (method === now) return planned({ ...request, method }, method);
    if (method === 'gelling-sugar')
      return GELLING_RATIOS.flatMap((ratio) =>
        planned(
          {
            ...request,
            method,
            targetSolublesPct: null,
            lines: linesByGellingSugar(lines, ratio, gave),
          },
          method,
          ratio,
        ),
      );
    const starting = {
      ...request,
      method,
      targetSolublesPct: null,
      lines: linesBy(lines, { method, sugar: USUAL_SUGAR[method] ?? 1 }, request, gave),
    };
    for (const firmness of ['firm', 'soft'] as const) {
      const found = solveFor(starting, { firmness });
      if (found.outcome === 'solved')
        return [{ method, gellingRatio: null, request: found.request, plan: found.plan }];
    }
    return planned(starting, method);
  });
}

function planned(
  request: PlanRequest,
  method: Method,
  gellingRatio: GellingRatio | null = null,
): MethodTrial[] {
  const outcome = planBatch(request);
  return outcome.ok ? [{ method, gellingRatio, request, plan: outcome.plan }] : [];
}
