import { evaluate, type PlanRequest } from '../evaluate/index.ts';
import { massOf, scaled, solublesPctOf } from '../formula/index.ts';
import { isSugar, METHODS, type Method } from '../method/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { range, type Range } from '../quantity/index.ts';
import { solverRecipeOf } from '../solve/index.ts';
import { FILLING_TEMP_C, volumeMl } from '../yield/index.ts';
import type { Facts } from './facts.ts';

/** The batch as it stands in its jars, and what it would be with more in it. */
export type EmptiedJars = {
  readonly request: PlanRequest;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  readonly massG: number;
  readonly solublesPct: number;
  /** Where it should have stopped. */
  readonly targetPct: number;
};

/** What a batch holds over what it needs, that is seen to be loose, or stiff. */
const SEEN_RATIO = { loose: 0.63, stiff: 1.8 } as const;

/** The jars at hand as a batch; null where their formula tells nothing. */
export function emptiedJars(
  formula: PlanRequest,
  solublesPct: number | null,
  inJarsMl: number,
  problem: 'loose' | 'stiff',
  { sugarShare = 1 }: Facts,
): EmptiedJars | null {
  const recipe = solverRecipeOf({ ...formula, learned: { ...formula.learned, setTimes: [] } });
  if (recipe === null) return null;
  const { request, method } = recipe;
  const lines = recipe.lines.map((line) => (isSugar(line) ? scaled(line, sugarShare) : line));
  const whole = evaluate({ ...request, method, draws: 0 }, lines).boil;
  if (whole === null) return null;
  const targetPct = solublesPctOf(whole.finish.contents);
  const isBoiledDown = METHODS[method].stopKind !== 'timed-boil';
  const stopped = solublesPct ?? targetPct;
  const at = evaluate(
    { ...request, method, draws: 0, targetSolublesPct: isBoiledDown ? stopped : null },
    lines,
  ).boil;
  if (at === null || at.setRatio === null) return null;
  const seen = SEEN_RATIO[problem] / at.setRatio;
  const times = problem === 'loose' ? Math.min(1, seen) : Math.max(1, seen);
  const scale = inJarsMl / volumeMl(at.finish.contents, FILLING_TEMP_C);
  const figure = { p10: times, p50: times, p90: times, batches: 0 };
  return {
    request: {
      ...request,
      learned: { ...request.learned, setTimes: [{ id: method, times: figure }] },
    },
    method,
    lines: lines.map((line) => asSeen(scaled(line, scale))),
    massG: scale * massOf(at.finish.contents),
    solublesPct: isBoiledDown ? stopped : solublesPctOf(at.finish.contents),
    targetPct,
  };
}

/** How much of what nobody knew of its pectin and acid is left once it was seen to set. Judgement. */
const UNKNOWN_LEFT = 0.5;

/** A line whose pectin and acid are known better, for it was seen how it sets. */
function asSeen(line: UnderstoodLine): UnderstoodLine {
  const { ingredient } = line;
  const narrower = ({ low, typical, high }: Range): Range =>
    range(
      typical - UNKNOWN_LEFT * (typical - low),
      typical,
      typical + UNKNOWN_LEFT * (high - typical),
    );
  return {
    ...line,
    ingredient: {
      ...ingredient,
      pectinPct: narrower(ingredient.pectinPct),
      ...(ingredient.sour === undefined
        ? {}
        : { sour: { ...ingredient.sour, pH: narrower(ingredient.sour.pH) } }),
    },
  };
}

/** From cold to a boil and a minute of it, min: what one more heating wears like. Judgement. */
const HEATING_MIN = 8;
const MOST_HEATINGS = 3;
const SETS_FROM = 0.75;

/** How often it can be heated before its pectin is worn below a soft set. */
export function heatingsLeft({ request, method, lines }: EmptiedJars): number {
  const { boil } = evaluate(
    { ...request, method, draws: 0, learned: { ...request.learned, setTimes: [] } },
    lines,
  );
  if (boil === null || boil.setRatio === null || !(boil.cook.boilMin > 0)) return 0;
  const each = boil.cook.pectinLeft ** (HEATING_MIN / boil.cook.boilMin);
  if (!(boil.setRatio > SETS_FROM)) return 1;
  if (each >= 1) return MOST_HEATINGS;
  return Math.min(
    MOST_HEATINGS,
    Math.max(1, Math.floor(Math.log(SETS_FROM / boil.setRatio) / Math.log(each))),
  );
}
