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

/** How the pot that the jars are emptied into is cooked: as the settings of its batch. */
export type RemadeBy = {
  readonly method: Method;
  readonly targetSolublesPct: number | null;
  readonly boilMin: number | null;
  /** Of what is in the jars, g per 100 g. */
  readonly solublesPct: number | null;
};

/** What goes in by the model’s own sums, and what comes of it. */
export type Computed = {
  readonly way: RemakeWay;
  readonly lines: readonly string[];
  readonly boil: RemakeBoil;
  readonly forecast: RemakeForecast;
  readonly by: RemadeBy;
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
  readonly refused: DiscardReason | 'egg' | 'made-again' | 'cannot-be-told' | null;
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
  const refused = why ?? (batch.isEgg ? 'egg' : formula.remake === null ? null : 'made-again');
  if (refused !== null) return { ok: true, remake: { ...NO_REMAKE, refused } };
  const way = wayOf(plan?.method ?? 'long-boil', problem);
  const published = publishedFor(way, inJarsMl);
  const jars = emptiedJars(formula, batch.solublesPct, inJarsMl, problem, facts);
  const found = jars === null ? null : computedFor(jars, way, inJarsMl);
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

type Tried = {
  readonly boil: Boil;
  readonly dose: Dose;
  readonly odds: number;
  readonly by: RemadeBy;
};

/** The method that each way sets by; the batch’s own for the others. */
const METHOD_OF: { readonly [way in RemakeWay]: Method | null } = {
  powder: 'powdered-pectin',
  liquid: 'liquid-pectin',
  calcium: 'low-methoxyl',
  none: null,
  thin: null,
};

/** The jars with more in them, boiled; null where they cannot be. */
function tried(
  { request, pot }: EmptiedJars,
  way: RemakeWay,
  { dose, boilsOnTo }: Trying,
  boilFor: RemakeBoil,
): Tried | null {
  const lines = dose
    .filter(({ amount }) => amount > 0)
    .map(({ amount, unit, name }) => `${amount.toFixed(1)} ${unit} ${name}`);
  const added = lines
    .map((line) => readLine(line, readingKitchen(request)))
    .filter((line): line is UnderstoodLine => line.understood);
  const method = METHOD_OF[way] ?? pot.method;
  const isBoiledDown = METHODS[method].stopKind !== 'timed-boil';
  const mixedPct =
    (pot.massG * pot.solublesPct + 100 * solublesGOf(added)) / (pot.massG + massOfLines(added));
  const target = boilsOnTo === null ? mixedPct + BOILED_AWAY_PCT : Math.max(boilsOnTo, mixedPct);
  const by = {
    method,
    targetSolublesPct: isBoiledDown ? roundTo(target, 1) : null,
    boilMin: isBoiledDown ? null : boilFor.minutes,
    solublesPct: roundTo(pot.solublesPct, 1),
  };
  const { boil } = evaluate({ ...request, ...by, lines, draws: DRAWS }, added);
  const share = boil?.forecast.setShare;
  return boil === null || share === undefined
    ? null
    : { boil, dose, odds: share.soft + share.firm, by };
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
function firstGood(
  jars: EmptiedJars,
  way: RemakeWay,
  all: readonly Trying[],
  boilFor: RemakeBoil,
  good = GOOD_ODDS,
): Tried | null {
  let best: Tried | null = null;
  for (const trying of all) {
    const one = tried(jars, way, trying, boilFor);
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
function boiledOn({ pot }: EmptiedJars, quarts: number): readonly Trying[] {
  const { solublesPct, targetPct } = pot;
  const alone = OFF_STOP_PCT.map((off) => targetPct + off)
    .filter((pct) => pct > solublesPct && pct <= MOST_PCT)
    .map((boilsOnTo) => ({ dose: [], boilsOnTo }));
  const withLemon = LEMON_DOSES.map((times) => ({
    dose: doseOf('none', times, quarts, pot),
    boilsOnTo: targetPct,
  }));
  return [...alone, ...withLemon];
}

function computedFor(jars: EmptiedJars, way: RemakeWay, inJarsMl: number): Computed | null {
  const { pot } = jars;
  if (way === 'thin') {
    const boil = { minutes: 1 };
    const found = firstGood(
      jars,
      way,
      THINNINGS.map((share) => inAShortBoil(thinned(pot, share * pot.massG))),
      boil,
    );
    return found === null ? null : toldAs(way, found, boil);
  }
  const quarts = inJarsMl / QUART_ML;
  let best: Computed | null = null;
  for (const one of waysFor(pot.method, way)) {
    const isBoiledOn = one === 'none';
    const good = isBoiledOn ? BOILED_ON_ODDS : GOOD_ODDS;
    const { boil } = publishedFor(one, inJarsMl);
    const all = isBoiledOn
      ? boiledOn(jars, quarts)
      : DOSES.map((times) => inAShortBoil(doseOf(one, times, quarts, pot)));
    const found = firstGood(jars, one, all, boil, good);
    if (found === null) continue;
    const told = toldAs(one, found, boil);
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

function toldAs(way: RemakeWay, { boil, dose, by }: Tried, boilFor: RemakeBoil): Computed {
  const { setShare, setRatio, volumeMl: made, solublesPct } = boil.forecast;
  const share = Object.fromEntries(
    SET_CLASSES.map((set) => [set, roundTo(setShare?.[set] ?? 0, 3)]),
  ) as { [set in SetClass]: number };
  return {
    way,
    by,
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
