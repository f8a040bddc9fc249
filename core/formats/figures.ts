import type { PlanInWords } from '../plan/index.ts';

/** One figure of a plan: what it is, its middle, and its range where it has one. */
export type PlanFigure = {
  readonly name: string;
  readonly unit: string;
  readonly value: number | string;
  readonly p10?: number;
  readonly p90?: number;
};

const ranged = (
  name: string,
  unit: string,
  spread: { readonly p10: number; readonly p50: number; readonly p90: number } | undefined,
): PlanFigure[] =>
  spread ? [{ name, unit, value: spread.p50, p10: spread.p10, p90: spread.p90 }] : [];

const single = (name: string, unit: string, value: number | string | null | undefined) =>
  value === undefined || value === null ? [] : [{ name, unit, value }];

/** The figures of a plan in the order in which a cook asks for them. */
export const figuresOf = (plan: PlanInWords): PlanFigure[] => [
  ...single('product', '', plan.product),
  ...single('method', '', plan.method),
  ...single('stop', '°C', plan.stop.tempC),
  ...single('stop', '°F', plan.stop.tempF),
  ...single('stop by the rule', '°F', plan.stop.ruleTempF),
  ...single('full rolling boil', 'min', plan.stop.boilMin),
  ...single('water boils', '°C', plan.stop.waterBoilsC),
  ...ranged('on the stove', 'min', plan.minutes),
  ...single('set', '', plan.set?.forecast),
  ...single('short side', '', plan.set?.short),
  ...ranged('mass at the stop', 'g', plan.finish?.massG),
  ...single('soluble solids', 'g per 100 g', plan.finish?.solublesPct),
  ...ranged('pH', '', plan.finish?.pH),
  ...single('pectin', 'g per 100 g', plan.finish?.pectinPct),
  ...single('fruit', 'g per 100 g', plan.finish?.fruitPer100g),
  ...single('sugars', 'g per 100 g', plan.finish?.sugarsPer100g),
  ...ranged('to the jars', 'mL', plan.yield?.volumeMl),
  ...ranged('full jars', '', plan.yield?.fullJars),
  ...single('part jar', 'mL', plan.yield?.partMl),
  ...single('shelf', '', plan.shelf.verdict),
  ...single('best within', 'months', plan.shelf.months),
  ...single('in the canner', 'min', plan.process.minutes ?? 'as printed'),
];
