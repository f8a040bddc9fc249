import { emptiedPot, type EmptiedPot, type PlanRequest, type Remake } from '../evaluate/index.ts';
import type { Facts } from './facts.ts';

/** The jars at hand, and the request that empties them into a pot. */
export type EmptiedJars = {
  readonly request: PlanRequest;
  readonly pot: EmptiedPot;
};

/** The jars at hand as a batch; null where their formula tells nothing. */
export function emptiedJars(
  formula: PlanRequest,
  solublesPct: number | null,
  inJarsMl: number,
  problem: 'loose' | 'stiff',
  { sugarShare = 1 }: Facts,
): EmptiedJars | null {
  const remake: Remake = {
    lines: formula.lines,
    before: formula.before,
    method: formula.method,
    volumeMl: inJarsMl,
    solublesPct,
    sugarShare,
    problem,
  };
  const request: PlanRequest = { ...formula, lines: [], before: null, remake };
  const pot = emptiedPot(request, remake);
  return pot === null || pot.unrecognized.length > 0 ? null : { request, pot };
}

/** From cold to a boil and a minute of it, min: what one more heating wears like. Judgement. */
const HEATING_MIN = 8;
const MOST_HEATINGS = 3;
const SETS_FROM = 0.75;

/** How often it can be heated before its pectin is worn below a soft set. */
export function heatingsLeft({ pot: { cook } }: EmptiedJars): number {
  if (cook.setRatio === null || !(cook.cook.boilMin > 0)) return 0;
  const each = cook.cook.pectinLeft ** (HEATING_MIN / cook.cook.boilMin);
  if (!(cook.setRatio > SETS_FROM)) return 1;
  if (each >= 1) return MOST_HEATINGS;
  return Math.min(
    MOST_HEATINGS,
    Math.max(1, Math.floor(Math.log(SETS_FROM / cook.setRatio) / Math.log(each))),
  );
}
