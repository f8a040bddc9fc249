import type { UnderstoodLine } from '../reader/index.ts';
import { isSugar, type Method, PRODUCTS } from '../method/index.ts';
import { type Plan, planBatch } from '../plan/index.ts';
import { type PlanRequest, readLines, workOut } from '../work/index.ts';
import { gramsOf, isFruit } from './imagine.ts';
import { solveFor } from './solveFor.ts';

/** The same fruit by one method: the amounts it would take, and what comes of them. */
export type MethodTrial = {
  readonly method: Method;
  readonly request: PlanRequest;
  readonly plan: Plan;
};

/** Sugar by fruit, by weight, as each method usually has it; common practice. */
const SUGAR_SHARE: { readonly [method in Method]?: number } = {
  'long-boil': 0.8,
  'powdered-pectin': 1.22,
  'liquid-pectin': 1.5,
  'low-methoxyl': 0.25,
};
/** Pectin to start from, g to a kilogram of fruit, before it is solved for. */
const PECTIN: { readonly [method in Method]?: readonly [id: string, gramsPerKg: number] } = {
  'powdered-pectin': ['powdered pectin', 42],
  'liquid-pectin': ['liquid pectin', 80],
  'low-methoxyl': ['low-sugar pectin', 35],
};

/**
 * Every method that the product is made by, on the fruit of this batch: its own method as it is written, the others
 * with the sugar that is usual for them and the pectin that makes them firm, or as firm as it gets.
 */
export function compareMethods(request: PlanRequest): MethodTrial[] {
  const lines = workOut({ ...request, draws: 0 }, readLines(request)).understood;
  const own = planBatch({ ...request, draws: 0 });
  const now = own.ok ? own.plan.method : null;
  return PRODUCTS[request.product].methods.flatMap((method): MethodTrial[] => {
    if (method === now) return planned({ ...request, method }, method);
    const starting = {
      ...request,
      method,
      targetSolublesPct: null,
      before: null,
      lines: linesFor(lines, method),
    };
    for (const firmness of ['firm', 'soft'] as const) {
      const found = solveFor(starting, { firmness });
      if (found.outcome === 'solved') return [{ method, request: found.request, plan: found.plan }];
    }
    return planned(starting, method);
  });
}

function planned(request: PlanRequest, method: Method): MethodTrial[] {
  const outcome = planBatch(request);
  return outcome.ok ? [{ method, request, plan: outcome.plan }] : [];
}

function linesFor(lines: readonly UnderstoodLine[], method: Method): string[] {
  const fruitG = gramsOf(lines, isFruit);
  const kept = lines.filter(
    (line) =>
      !isSugar(line) && line.ingredient.kind !== 'pectin' && line.ingredient.kind !== 'calcium',
  );
  const pectin = PECTIN[method];
  return [
    ...kept.map(({ text }) => text),
    `${Math.round((SUGAR_SHARE[method] ?? 1) * fruitG)} g sugar`,
    ...(pectin ? [`${Math.round((pectin[1] * fruitG) / 1000)} g ${pectin[0]}`] : []),
  ];
}
