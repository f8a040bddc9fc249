import { planBatch, type Plan } from '../plan/index.ts';
import { requestOf } from './features.ts';
import { TESTED_FORMULAS, type TestedFormula } from './testedFormulas.ts';

/** A forecast of jars beside what a formula prints. */
export type YieldCase = {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  /** Jars of the printed size. */
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
  /** Whether the middle of what is printed lies in the range, a quarter of a jar more or less. */
  readonly holds: boolean;
};

const HALF_PINT_ML = 237;
const QUARTER_JAR = 0.25;

/**
 * The forecast yield of every formula that prints one.
 * @throws Error for one that cannot be planned
 */
export const yieldCases = (): YieldCase[] =>
  TESTED_FORMULAS.flatMap((formula) => (formula.jars === undefined ? [] : [held(formula)]));

function held(formula: TestedFormula): YieldCase {
  const { from = NaN, to = NaN, jarMl = HALF_PINT_ML } = formula.jars ?? {};
  const volume = volumeOf(formula);
  const [p10, p50, p90] = [volume.p10, volume.p50, volume.p90].map((mL) => mL / jarMl) as [
    number,
    number,
    number,
  ];
  const middle = (from + to) / 2;
  return {
    name: formula.name,
    from,
    to,
    p10,
    p50,
    p90,
    holds: middle >= p10 - QUARTER_JAR && middle <= p90 + QUARTER_JAR,
  };
}

function volumeOf(formula: TestedFormula): NonNullable<Plan['yield']>['volumeMl'] {
  const outcome = planBatch(requestOf(formula));
  const found = outcome.ok ? outcome.plan.yield : undefined;
  if (found === undefined) throw new Error(`${formula.name} cannot be planned`);
  return found.volumeMl;
}

/**
 * Share of the printed yields that their ranges hold, and the median width of a range over its
 * middle.
 */
export function coverageOf(yields: readonly YieldCase[]): {
  readonly coverage: number;
  readonly width: number;
} {
  const widths = yields.map(({ p10, p50, p90 }) => (p90 - p10) / p50).sort((a, b) => a - b);
  return {
    coverage: yields.filter(({ holds }) => holds).length / yields.length,
    width: widths[Math.floor(widths.length / 2)] ?? NaN,
  };
}
