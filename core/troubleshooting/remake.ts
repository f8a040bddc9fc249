import { evaluate, type Boil, type PlanRequest } from '../evaluate/index.ts';
import { massOf, solublesG } from '../formula/index.ts';
import { SET_CLASSES, setClassOf, type SetClass } from '../gel/index.ts';
import { METHODS, type Method } from '../method/index.ts';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import type { Fault } from '../plan/index.ts';
import { roundQuantiles, roundTo, type Quantiles } from '../quantity/index.ts';
import { readingKitchen } from '../evaluate/index.ts';
import { batchCase } from './batchCase.ts';
import { emptiedJars, heatingsLeft, type EmptiedJars } from './emptiedJars.ts';
import { discardReason, type DiscardReason } from './discard.ts';
import type { Facts } from './facts.ts';
import { findingsOf } from './findings.ts';
import {
  publishedFor,
  QUART_ML,
  type Published,
  type RemakeBoil,
  type RemakeWay,
} from './published.ts';
import { ranked } from './rank.ts';

/** Jars of a batch that are to be made again. */
export type RemakeRequest = {
  readonly formula: PlanRequest;
  /** What is in the jars that are emptied, mL. */
  readonly volumeMl: number;
  readonly problem: 'loose' | 'stiff';
  readonly facts: Facts;
};

/** What it will be. */
export type RemakeForecast = {
  readonly set: SetClass;
  /** Share of the imagined remakes that set softly or firmly, as they should; 0 to 1. */
  readonly odds: number;
  readonly share: { readonly [set in SetClass]: number };
  readonly volumeMl: Quantiles;
  /** Soluble solids where it stops, g per 100 g. */
  readonly solublesPct: number;
};

/** What goes in by the model’s own sums, and what comes of it. */
export type Computed = {
  readonly way: RemakeWay;
  readonly lines: readonly string[];
  readonly boil: RemakeBoil;
  readonly forecast: RemakeForecast;
};

/** One cup of it first, with a plate test: what goes into that. */
export type Trial = {
  readonly volumeMl: number;
  readonly lines: readonly string[];
  readonly boil: RemakeBoil;
  readonly test: 'plate-test';
};

/** How a batch is made again; null where it is not, and why. */
export type Remake = {
  readonly published: Published | null;
  readonly computed: Computed | null;
  readonly trial: Trial | null;
  /** How often it can still be heated before its pectin no longer sets it. */
  readonly heatings: number;
  /** Minutes of its second process, as long as the first; null for none. */
  readonly processMin: number | null;
  readonly refused: DiscardReason | 'egg' | 'cannot-be-told' | null;
};

/** How it is made again, or what is wrong with its formula. */
export type RemakeOutcome =
  | { readonly ok: true; readonly remake: Remake }
  | { readonly ok: false; readonly faults: readonly Fault[] };

const CUP_ML = 236.588;
/** Odds that are good enough to be offered at once, and how many imagined remakes tell them. */
const GOOD_ODDS = 0.88;
const DRAWS = 500;
/** How much of the published amounts is tried, the least first. */
const DOSES = [0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6.5, 8];
/** How much water is tried on a stiff one, share of its weight. */
const THINNINGS = [
  0.02, 0.04, 0.06, 0.08, 0.1, 0.12, 0.14, 0.16, 0.2, 0.25, 0.3, 0.36, 0.42, 0.5, 0.6,
];
/** A spread that is thinned holds no less than this for the shelf: sugar goes in as well. */
const LEAST_PCT = 60;
/** Evaporated in a short hard boil, g of solubles per 100 g more. Judgement. */
const BOILED_AWAY_PCT = 0.5;

/** What goes in, in g and mL. */
type Dose = readonly {
  readonly amount: number;
  readonly unit: 'g' | 'mL';
  readonly name: string;
}[];

/** What pectin from a box is stirred into, mL a quart, and the acid that goes with any. */
const WATER_ML = 60;
const LEMON_ML = 30;
/** Pectin of the printed amounts, a quart: 4 tsp of powder, 2 tbsp of liquid. */
const POWDER_G = 12;
const LIQUID_ML = 30;
/** What pectin is mixed with, or brings with it, is made up for with sugar; it is at least this, g a quart. */
const LEAST_SUGAR_G = 50;

/** So many times the printed pectin, with sugar that keeps the solids as they are. */
function doseOf(
  way: Exclude<RemakeWay, 'thin'>,
  times: number,
  quarts: number,
  { solublesPct, targetPct }: EmptiedJars,
): Dose {
  const lemon = { amount: LEMON_ML * quarts, unit: 'mL', name: 'bottled lemon juice' } as const;
  if (way === 'none') return [{ ...lemon, amount: lemon.amount * times }];
  const waterG = (LEMON_ML + (way === 'powder' ? WATER_ML : LIQUID_ML * times)) * quarts;
  const keepPct = Math.max(Math.min(solublesPct, targetPct), LEAST_PCT);
  const sugarG = Math.max(LEAST_SUGAR_G * quarts, (waterG * keepPct) / (100 - keepPct));
  const sugar = { amount: sugarG, unit: 'g', name: 'sugar' } as const;
  return way === 'powder'
    ? [
        sugar,
        { amount: WATER_ML * quarts, unit: 'mL', name: 'water' },
        lemon,
        { amount: POWDER_G * times * quarts, unit: 'g', name: 'powdered pectin' },
      ]
    : [sugar, lemon, { amount: LIQUID_ML * times * quarts, unit: 'mL', name: 'liquid pectin' }];
}

/**
 * How jars that are too loose or too stiff are made again: the amounts that are printed, and the
 * model’s own, tried on the batch as its record tells it.
 */
export function remakeOf({
  formula,
  volumeMl: inJarsMl,
  problem,
  facts,
}: RemakeRequest): RemakeOutcome {
  const outcome = batchCase(formula, facts);
  if (!outcome.ok) return outcome;
  const { batch, plan } = outcome;
  const why = discardReason(problem, batch, ranked(problem, batch, findingsOf(batch)));
  const refused = why ?? (batch.isEgg ? 'egg' : null);
  if (refused !== null) return { ok: true, remake: { ...NO_REMAKE, refused } };
  const way = wayOf(plan?.method ?? 'long-boil', problem);
  const published = publishedFor(way, inJarsMl);
  const jars = emptiedJars(formula, batch.solublesPct, inJarsMl, problem, facts);
  const computed = jars === null ? null : computedFor(jars, way, problem, inJarsMl);
  return {
    ok: true,
    remake: {
      published,
      computed,
      trial: computed === null ? null : trialOf(computed, inJarsMl),
      heatings: jars === null ? 0 : heatingsLeft(jars),
      processMin: plan?.process.minutes ?? null,
      refused: computed === null ? 'cannot-be-told' : null,
    },
  };
}

const NO_REMAKE: Remake = {
  published: null,
  computed: null,
  trial: null,
  heatings: 0,
  processMin: null,
  refused: null,
};

function wayOf(method: Method, problem: 'loose' | 'stiff'): RemakeWay {
  if (problem === 'stiff') return 'thin';
  if (method === 'powdered-pectin') return 'powder';
  return method === 'liquid-pectin' ? 'liquid' : 'none';
}

type Tried = { readonly boil: Boil; readonly dose: Dose; readonly odds: number };

/** The batch with more in it, boiled; null where it cannot be. */
function tried(jars: EmptiedJars, dose: Dose, boilsOn: boolean): Tried | null {
  const added = dose
    .filter(({ amount }) => amount > 0)
    .map(({ amount, unit, name }) =>
      readLine(`${amount.toFixed(1)} ${unit} ${name}`, readingKitchen(jars.request)),
    )
    .filter((line): line is UnderstoodLine => line.understood);
  const isBoiledDown = METHODS[jars.method].stopKind !== 'timed-boil';
  const mix = evaluate({ ...jars.request, method: jars.method, draws: 0 }, added).boil?.all;
  const [addedG, addedSolublesG] =
    mix === undefined ? totals(added) : [massOf(mix), solublesG(mix)];
  const mixedPct =
    (100 * ((jars.massG * jars.solublesPct) / 100 + addedSolublesG)) / (jars.massG + addedG);
  const target = boilsOn ? Math.max(jars.targetPct, mixedPct) : mixedPct + BOILED_AWAY_PCT;
  const { boil } = evaluate(
    {
      ...jars.request,
      method: jars.method,
      targetSolublesPct: isBoiledDown ? roundTo(target, 1) : null,
      draws: DRAWS,
    },
    [...jars.lines, ...added],
  );
  const share = boil?.forecast.setShare;
  return boil === null || share === undefined
    ? null
    : { boil, dose, odds: share.soft + share.firm };
}

const totals = (lines: readonly UnderstoodLine[]): readonly [number, number] => [
  lines.reduce((sum, { massG }) => sum + massG.typical, 0),
  lines.reduce(
    (sum, { massG, ingredient }) =>
      sum + (massG.typical * ingredient.make.solublesPct.typical) / 100,
    0,
  ),
];

/** The first of some doses that is good enough; the best of them where none is. */
function firstGood(jars: EmptiedJars, doses: readonly Dose[], boilsOn: boolean): Tried | null {
  let best: Tried | null = null;
  for (const dose of doses) {
    const one = tried(jars, dose, boilsOn);
    if (one === null) continue;
    if (best === null || one.odds > best.odds) best = one;
    if (one.odds >= GOOD_ODDS) break;
  }
  return best;
}

function computedFor(
  jars: EmptiedJars,
  way: RemakeWay,
  problem: 'loose' | 'stiff',
  inJarsMl: number,
): Computed | null {
  if (problem === 'stiff') {
    const found = firstGood(
      jars,
      THINNINGS.map((share) => thinned(jars, share * jars.massG)),
      false,
    );
    return found === null ? null : toldAs('thin', found, { minutes: 1 });
  }
  const quarts = inJarsMl / QUART_ML;
  // The way of its method first; then boiling on alone, and pectin from a box.
  const ways = [...new Set(['none', way, 'powder'] as const)].filter(
    (one): one is 'powder' | 'liquid' | 'none' =>
      one !== 'thin' && !(one === 'none' && METHODS[jars.method].stopKind === 'timed-boil'),
  );
  let best: Computed | null = null;
  for (const one of ways) {
    const doses = (one === 'none' ? [0, ...DOSES.slice(0, 7)] : DOSES).map((times) =>
      doseOf(one, times, quarts, jars),
    );
    const found = firstGood(jars, doses, one === 'none');
    if (found === null) continue;
    const told = toldAs(one, found, publishedFor(one, inJarsMl).boil);
    if (best === null || told.forecast.odds > best.forecast.odds) best = told;
    if (found.odds >= GOOD_ODDS) break;
  }
  return best;
}

/** Water, and sugar where the shelf would lack it. */
function thinned({ massG, solublesPct }: EmptiedJars, waterG: number): Dose {
  const pct = (massG * solublesPct) / (massG + waterG);
  const wanted = Math.min(solublesPct, LEAST_PCT);
  const sugarG = pct >= wanted ? 0 : ((massG + waterG) * (wanted - pct)) / (100 - wanted);
  return [
    { amount: waterG, unit: 'mL', name: 'water' },
    { amount: sugarG, unit: 'g', name: 'sugar' },
  ];
}

function toldAs(way: RemakeWay, { boil, dose }: Tried, boilFor: RemakeBoil): Computed {
  const { setShare, setRatio, volumeMl: made, solublesPct } = boil.forecast;
  const share = Object.fromEntries(
    SET_CLASSES.map((set) => [set, roundTo(setShare?.[set] ?? 0, 3)]),
  ) as { [set in SetClass]: number };
  return {
    way,
    lines: dose
      .filter(({ amount }) => amount >= LEAST_AMOUNT)
      .map(({ amount, unit, name }) => `${roundTo(amount, amount < 20 ? 1 : 0)} ${unit} ${name}`),
    boil: boilFor,
    forecast: {
      set: setClassOf(setRatio?.p50 ?? 0),
      odds: roundTo(share.soft + share.firm, 3),
      share,
      volumeMl: roundQuantiles(made, 0),
      solublesPct: roundTo(solublesPct.p50, 1),
    },
  };
}

/** Less than this is not measured, g or mL. */
const LEAST_AMOUNT = 0.5;

/** What goes into a cup of it. */
function trialOf({ lines, boil }: Computed, inJarsMl: number): Trial {
  const times = CUP_ML / inJarsMl;
  return {
    volumeMl: roundTo(CUP_ML, 0),
    boil,
    test: 'plate-test',
    lines: lines.map((line) => {
      const [amount = '', unit = '', ...name] = line.split(' ');
      return `${roundTo(Number(amount) * times, 1)} ${unit} ${name.join(' ')}`;
    }),
  };
}
