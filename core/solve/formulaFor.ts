import { message, type Text } from '@idle-kettle/words/message';
import { SET_LEAST_RATIO, type SetClass } from '../gel/index.ts';
import { isHard, type Product, PRODUCTS } from '../method/index.ts';
import { type Fault, type Plan, planBatch } from '../plan/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { changed, type PlanRequest, readLines, evaluate } from '../evaluate/index.ts';
import { isFruit } from './tryMix.ts';
import { linesBy, USUAL_SUGAR, type Proportions } from './linesBy.ts';

/** A whole formula for fruit alone, and the plan that it gives; or what has to be said first. */
export type FirstFormula =
  | { readonly outcome: 'found'; readonly request: PlanRequest; readonly plan: Plan }
  | { readonly outcome: 'refused'; readonly faults: readonly Fault[] };

/** Fruits that are made into marmalade unless something else is asked for. */
const FOR_MARMALADE: ReadonlySet<string> = new Set([
  'orange', 'seville-orange', 'lemon', 'lime', 'grapefruit', 'clementine', 'kumquat', 'bergamot', 'yuzu',
]); // prettier-ignore

const long = (sugar: number, water: number, lemon = 0): Proportions => ({
  method: 'long-boil',
  sugar,
  water,
  lemon,
});
const usual = (method: 'powdered-pectin' | 'low-methoxyl', lemon = 0): Proportions => ({
  method,
  sugar: USUAL_SUGAR[method] ?? 1,
  lemon,
});
/** Lemon juice to a gram of fruit, mL: that of a lemon to a kilogram, and twice that; common practice. */
const LEMON = 0.045;
const BY_PECTIN = [
  usual('powdered-pectin'),
  usual('powdered-pectin', 2 * LEMON),
  usual('low-methoxyl'),
];

/**
 * The ways that are tried, the plainest first. Fruit that sets by itself takes the more sugar and
 * water the more pectin it holds, as tested formulas of currants, quinces and bitter oranges do;
 * common practice.
 */
const WAYS: { readonly [product in Product]?: readonly Proportions[] } = {
  jam: [
    long(0.8, 0),
    long(0.8, 0, LEMON),
    long(1, 0.3),
    long(1.25, 0.4),
    long(1.5, 0.6),
    ...BY_PECTIN,
  ],
  conserve: [long(0.8, 0), long(0.8, 0, LEMON), long(1, 0.3), ...BY_PECTIN],
  marmalade: [long(2, 2.4), long(2.4, 3), long(1.5, 2), long(1, 1), ...BY_PECTIN],
  jelly: [long(0.75, 0), long(0.75, 0, LEMON), long(1, 0), ...BY_PECTIN],
  butter: [{ method: 'reduce', sugar: 0.4 }],
};

const BEST = 3;
const PANTRY = 10;
/** How welcome a set is where nothing was asked for. */
const WELCOME: { readonly [set in SetClass]: number } = {
  firm: BEST,
  soft: BEST,
  slices: 2,
  loose: 1,
  pours: 0,
};
/** Changes made one after another, where no way gives a set and the pantry as it is. */
const MOST_CHANGES = 4;
/** Enough imagined batches to find what mends one. */
const DRAWS = 300;

/** Whether a formula can be worked out from the fruit alone. */
export const canBeWorkedOut = (product: Product): boolean => WAYS[product] !== undefined;

/**
 * A formula for the fruit that somebody has: the plainest way that sets it and opens the pantry,
 * its amounts as they would be weighed out. Juice becomes a jelly and citrus fruit a marmalade
 * where the request asks for a jam. Where no way gives both, the one that comes nearest, with the
 * changes that its plan itself proposes; its plan then says what is still wanting.
 */
export function formulaFor(request: PlanRequest): FirstFormula {
  const { understood, unrecognized, pretreated } = evaluate(
    { ...request, draws: 0 },
    readLines(request),
  );
  const gave = new Set(pretreated?.obtained.lines);
  const fruit = understood.filter(isFruit);
  if (unrecognized.length > 0) return refused(message('solve.fixTheHighlightedLinesFirst'));
  if (fruit.length === 0) return refused(message('solve.enterHowMuchFruitThere'));
  const product = productOf(request.product, fruit);
  const ways = WAYS[product];
  if (ways === undefined)
    return refused(message('solve.aCantBeSuggestedFrom', { name: PRODUCTS[product].name }));
  const starts = ways.map((proportions) => ({
    ...request,
    product,
    method: proportions.method,
    targetSolublesPct: null,
    draws: DRAWS,
    lines: linesBy(understood, watered(proportions, understood), request, gave),
  }));
  const plain = untilGood(starts);
  const tried = plain.some((one) => isGood(one) || isStiff(one))
    ? plain
    : [...plain, ...oneByMethod(plain).map(mended)];
  const nearest = tried.reduce<Tried | null>(
    (best, one) => (best !== null && !isBetter(one, best) ? best : one),
    null,
  );
  return nearest === null
    ? refused(message('solve.noFormulaWasFoundFor'))
    : {
        outcome: 'found',
        request: { ...nearest.request, draws: request.draws },
        plan: nearest.plan,
      };
}

const refused = (message: Text): FirstFormula => ({
  outcome: 'refused',
  faults: [{ field: 'lines', message }],
});

function productOf(asked: Product, fruit: readonly UnderstoodLine[]): Product {
  if (asked !== 'jam') return asked;
  if (fruit.every(({ ingredient }) => ingredient.kind === 'juice')) return 'jelly';
  return fruit.every(({ ingredient }) => FOR_MARMALADE.has(ingredient.id)) ? 'marmalade' : 'jam';
}

type Tried = {
  readonly request: PlanRequest;
  readonly plan: Plan;
  /** How many changes it took. */
  readonly changes: number;
};

/** Hard fruit has a little to soften in. */
const watered = (proportions: Proportions, lines: readonly UnderstoodLine[]): Proportions =>
  proportions.method === 'long-boil' && lines.some(isHard)
    ? { ...proportions, water: Math.max(proportions.water ?? 0, TO_SOFTEN) }
    : proportions;
const TO_SOFTEN = 0.15;

/** More sugar and water mend nothing that the first of a method does not. */
const oneByMethod = (tried: readonly Tried[]): readonly Tried[] =>
  tried.filter(({ plan }, i) => tried.findIndex((one) => one.plan.method === plan.method) === i);

/**
 * Each as it is, up to the first that is good. Pectin is not bought for fruit that sets by itself,
 * however stiffly.
 */
function untilGood(starts: readonly PlanRequest[]): Tried[] {
  const tried: Tried[] = [];
  for (const start of starts) {
    const byItself = start.method === starts[0]?.method;
    if (tried.some(isGood) || (!byItself && tried.some(isStiff))) break;
    tried.push(...planned(start));
  }
  return tried;
}

function planned(request: PlanRequest): Tried[] {
  const outcome = planBatch(request);
  return outcome.ok ? [{ request, plan: outcome.plan, changes: 0 }] : [];
}

/**
 * What opens the pantry first, then what sets it: each change is one that the plan itself proposes,
 * and has proved.
 */
function mended(start: Tried): Tried {
  let now = start;
  while (now.changes < MOST_CHANGES && !isGood(now)) {
    const change = now.plan.shelf.way?.change ?? now.plan.set?.remedies[0]?.change;
    const [next] = change === undefined ? [] : planned(changed(now.request, change));
    if (next === undefined) return now;
    now = { ...next, changes: now.changes + 1 };
  }
  return now;
}

/** The pantry above all, then a set. */
const worth = ({ plan }: Tried): number =>
  (plan.shelf.verdict === 'pantry' ? PANTRY : 0) + (plan.set ? welcome(plan.set) : 0);

/** A set that lies at the edge of a loose or a stiff one is no more welcome than that. */
const welcome = ({ forecast, ratio }: NonNullable<Plan['set']>): number =>
  ratio.p50 < SURE_SOFT
    ? Math.min(WELCOME.loose, WELCOME[forecast])
    : ratio.p50 > SURE_FIRM
      ? WELCOME.slices
      : WELCOME[forecast];
const SURE_SOFT = 1.015 * SET_LEAST_RATIO.soft;
const SURE_FIRM = 0.95 * SET_LEAST_RATIO.slices;

/** Of two that are worth as much, the one that was changed less. */
const isBetter = (one: Tried, other: Tried): boolean =>
  worth(one) > worth(other) || (worth(one) === worth(other) && one.changes < other.changes);

const isGood = (tried: Tried): boolean => worth(tried) === PANTRY + BEST;

const isStiff = (tried: Tried): boolean => worth(tried) === PANTRY + WELCOME.slices;
