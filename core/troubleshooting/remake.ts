import { evaluate, readingKitchen, type Boil, type PlanRequest } from '../evaluate/index.ts';
import { SET_CLASSES, setClassOf, type SetClass } from '../gel/index.ts';
import { METHODS, type Method } from '../method/index.ts';
import { massOfLines, readLine, type UnderstoodLine } from '../parser/index.ts';
import type { Fault } from '../plan/index.ts';
import { roundQuantiles, roundTo, type Quantiles } from '../quantity/index.ts';
import { batchCase } from './batchCase.ts';
import { doseOf, thinned, type Dose } from './doses.ts';
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
/** What needs nothing but to be boiled on is offered from these on. */
const BOILED_ON_ODDS = 0.8;
const DRAWS = 500;
/** What fails more often than this is no advice. */
const LEAST_ODDS = 0.5;
/** How much of the published amounts is tried, the least first. */
const DOSES = [0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6.5, 8];
/** Of lemon juice, where it is boiled on with it. */
const LEMON_DOSES = [0.5, 1, 2];
/** How much water is tried on a stiff one, share of its weight. */
const THINNINGS = [
  0.02, 0.04, 0.06, 0.08, 0.1, 0.12, 0.14, 0.16, 0.2, 0.25, 0.3, 0.36, 0.42, 0.5, 0.6,
];
/** Evaporated in a short hard boil, g of solubles per 100 g more. Judgement. */
const BOILED_AWAY_PCT = 0.5;

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
  const found = jars === null ? null : computedFor(jars, way, problem, inJarsMl);
  const computed = found !== null && found.forecast.odds > LEAST_ODDS ? found : null;
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
  if (METHODS[method].setModel === 'low-methoxyl') return 'calcium';
  return method === 'liquid-pectin' ? 'liquid' : 'none';
}

type Tried = { readonly boil: Boil; readonly dose: Dose; readonly odds: number };

/** The batch with more in it, boiled; null where it cannot be. */
function tried(jars: EmptiedJars, dose: Dose, boilsOnTo: number | null): Tried | null {
  const added = dose
    .filter(({ amount }) => amount > 0)
    .map(({ amount, unit, name }) =>
      readLine(`${amount.toFixed(1)} ${unit} ${name}`, readingKitchen(jars.request)),
    )
    .filter((line): line is UnderstoodLine => line.understood);
  const isBoiledDown = METHODS[jars.method].stopKind !== 'timed-boil';
  const mixedPct =
    (jars.massG * jars.solublesPct + 100 * solublesGOf(added)) / (jars.massG + massOfLines(added));
  const target = boilsOnTo === null ? mixedPct + BOILED_AWAY_PCT : Math.max(boilsOnTo, mixedPct);
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

const solublesGOf = (lines: readonly UnderstoodLine[]): number =>
  lines.reduce(
    (sum, { massG, ingredient }) =>
      sum + (massG.typical * ingredient.make.solublesPct.typical) / 100,
    0,
  );

/** What is tried: what goes in, and to which solids it then boils on; null for a short hard boil. */
type Trying = { readonly dose: Dose; readonly boilsOnTo: number | null };

/** The first that is good enough; the best of them where none is. */
function firstGood(jars: EmptiedJars, all: readonly Trying[], good = GOOD_ODDS): Tried | null {
  let best: Tried | null = null;
  for (const { dose, boilsOnTo } of all) {
    const one = tried(jars, dose, boilsOnTo);
    if (one === null) continue;
    if (best === null || one.odds > best.odds) best = one;
    if (one.odds >= good) break;
  }
  return best;
}

const inAShortBoil = (dose: Dose): Trying => ({ dose, boilsOnTo: null });

/**
 * Where a batch may be boiled on to, off its stop, g per 100 g: there, a little less, or further, as
 * one that is thickened by eye.
 */
const OFF_STOP_PCT = [0, -1.5, -3, -4.5, 1.5, 3, 5, 7, 9];

/** Beyond these no jam is boiled on, g per 100 g: it would be toffee. */
const MOST_PCT = 68;

/** Boiling on alone, and with lemon juice. */
function boiledOn(jars: EmptiedJars, quarts: number): readonly Trying[] {
  const { solublesPct, targetPct } = jars;
  const alone = OFF_STOP_PCT.map((off) => targetPct + off)
    .filter((pct) => pct > solublesPct && pct <= MOST_PCT)
    .map((boilsOnTo) => ({ dose: [], boilsOnTo }));
  const withLemon = LEMON_DOSES.map((times) => ({
    dose: doseOf('none', times, quarts, jars),
    boilsOnTo: targetPct,
  }));
  return [...alone, ...withLemon];
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
      THINNINGS.map((share) => inAShortBoil(thinned(jars, share * jars.massG))),
    );
    return found === null ? null : toldAs('thin', found, { minutes: 1 });
  }
  const quarts = inJarsMl / QUART_ML;
  const ways = waysFor(jars.method, way);
  let best: Computed | null = null;
  for (const one of ways) {
    const isBoiledOn = one === 'none';
    const good = isBoiledOn ? BOILED_ON_ODDS : GOOD_ODDS;
    const found = isBoiledOn
      ? firstGood(jars, boiledOn(jars, quarts), good)
      : firstGood(
          jars,
          DOSES.map((times) => inAShortBoil(doseOf(one, times, quarts, jars))),
        );
    if (found === null) continue;
    const told = toldAs(one, found, publishedFor(one, inJarsMl).boil);
    if (best === null || told.forecast.odds > best.forecast.odds) best = told;
    if (found.odds >= good) break;
  }
  return best;
}

/** Boiling on first, then the way of its method, then pectin from a box: what can make it set. */
function waysFor(method: Method, way: RemakeWay): readonly Exclude<RemakeWay, 'thin'>[] {
  const { setModel, stopKind } = METHODS[method];
  if (setModel === 'body') return ['none'];
  if (setModel === 'low-methoxyl') return ['calcium'];
  const all = new Set<RemakeWay>(['none', way, 'powder']);
  return [...all].filter(
    (one): one is Exclude<RemakeWay, 'thin'> =>
      one !== 'thin' && !(one === 'none' && stopKind === 'timed-boil'),
  );
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
