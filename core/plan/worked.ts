import type { Ambient } from '../ambient/index.ts';
import { ruleStopC, solublesPctBoilingAt } from '../boil/index.ts';
import type { Contents, PuzzlingLine, UnderstoodLine } from '../formula/index.ts';
import type { Finish } from '../yield/index.ts';
import type { PlanRequest } from './request.ts';

/** What the parts of a plan are worked out from. */
export type Worked = {
  readonly request: PlanRequest;
  readonly ambient: Ambient;
  readonly understood: readonly UnderstoodLine[];
  readonly puzzling: readonly PuzzlingLine[];
  /** Absent until the lines hold solubles, and water enough to dissolve them. */
  readonly boil: { readonly start: Contents; readonly finish: Finish } | null;
};

/** Soluble solids of the whole batch at the rule's temperature, g per 100 g; null without a recipe. */
export function solublesPctAtRule({ ambient, boil }: Worked): number | null {
  if (boil === null) return null;
  return solublesPctBoilingAt(boil.finish.contents, ruleStopC(ambient), ambient.pressurePa);
}
