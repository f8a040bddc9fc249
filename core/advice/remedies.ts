import { message, type Text } from '@idle-kettle/words/message';
import type { LineReading, UnderstoodLine } from '../parser/index.ts';
import { SET_CLASSES, setClassOf, type SetClass, type SetModel } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import {
  type Boil,
  type Change,
  changed,
  changedReadings,
  type Evaluation,
  evaluate,
} from '../evaluate/index.ts';
import { roundTo } from '../quantity/index.ts';
import { type Diagnosis, ENOUGH } from './diagnosis.ts';
import { fixesFor } from './fixes.ts';
import { type Fix } from './fixing.ts';
import { leastSteps } from './leastSteps.ts';
import { effectOf, isToTaste, type Made } from './taste.ts';

/** What would mend the set, and what the batch sets like with it. */
export type Remedy = {
  /** What is done, and what for: a sentence or two. */
  readonly text: Text;
  /** What is done, by itself: `Add 30 mL (2 tbsp) bottled lemon juice`. */
  readonly act: Text;
  /** What it does to taste and jars: `Tastes sharper, as many jars.` */
  readonly effect: Text;
  readonly change: Change;
  /** How it then sets, at least. */
  readonly forecast: SetClass;
  /** Share of the simulated batches that set so or firmer, 0 to 1. */
  readonly odds: number;
};

/** A remedy that holds its class less often than this is none. */
const LEAST_ODDS = 0.8;
/** More of it than is enough for the typical batch, in the order in which it is tried. */
const MORE_OF_IT = [1, 1.15, 1.3, 1.5, 1.75, 2, 2.4, 2.9, 3.5, 4.2];
/**
 * Draws that prove a set, and by how much more than enough they must so that more draws do not
 * take it back; and fewer, that show at once where it is far from enough.
 */
const PROOF_DRAWS = 1200;
const PROOF_MARGIN = 0.025;
const FIRST_DRAWS = 200;
const FAR_FROM_IT = 0.08;
/** More than this many are no help. */
const MOST_REMEDIES = 5;

type Replanned = { readonly boil: Boil; readonly lines: readonly UnderstoodLine[] };
type Replan = (change: Change, draws: number) => Replanned | null;

/**
 * The least of each change that mends a batch's short side: found by doubling and halving on the
 * typical batch, and planned again in full to prove that it does in four batches of five, tastes
 * right, and stands inside the windows of its method. Two things at once are offered only where no
 * one thing does.
 */
export function remediesFor(
  worked: Evaluation,
  readings: readonly LineReading[],
  diagnosis: Diagnosis,
): Remedy[] {
  const { boil } = worked;
  if (boil === null) return [];
  const before: Made = { boil, lines: worked.understood };
  const replan: Replan = (change, draws) => {
    const again = evaluate(
      { ...changed(worked.request, change), draws },
      changedReadings(readings, change, worked.request),
    );
    return again.boil === null ? null : { boil: again.boil, lines: again.understood };
  };
  const modelOf = ({ method }: Change): SetModel =>
    METHODS[method ?? worked.choice.method].setModel;
  const draws = worked.request.draws;
  const mends = (fix: Fix): Found[] => {
    const enough = (n: number) => {
      const change = fix.change(n);
      return (replan(change, 0)?.boil.setRatio ?? 0) >= ENOUGH[modelOf(change)];
    };
    const steps = leastSteps(fix.most, enough);
    return steps === null
      ? []
      : proven(fix, steps, { replan, modelOf, before, was: diagnosis.model, draws });
  };
  const fixes = fixesFor(
    worked,
    readings,
    diagnosis.short,
    (change, n) => replan(change, n)?.boil ?? null,
  );
  const alone = leastFirst(fixes.filter(({ isTwo }) => isTwo === undefined).flatMap(mends));
  const found =
    alone.length > 0 ? alone : fixes.filter(({ isTwo }) => isTwo === true).flatMap(mends);
  return found.slice(0, MOST_REMEDIES).map(({ remedy }) => remedy);
}

type Found = { readonly remedy: Remedy; readonly grams: number | null };

/**
 * Of those whose grams can be compared the least comes first, in the places that they take among
 * the others.
 */
function leastFirst(found: readonly Found[]): readonly Found[] {
  const ranked = found
    .filter(({ grams }) => grams !== null)
    .sort((a, b) => (a.grams ?? 0) - (b.grams ?? 0));
  return found.map((one) => (one.grams === null ? one : (ranked.shift() ?? one)));
}

type Proof = {
  readonly replan: Replan;
  readonly modelOf: (change: Change) => SetModel;
  readonly before: Made;
  readonly was: SetModel;
  readonly draws: number;
};

/**
 * The first amount, from what is enough for the typical batch on, that holds its class: the class
 * of the middling batch, or, where none holds that, the one below it.
 */
function proven(fix: Fix, steps: number, proof: Proof): Found[] {
  const amounts = [
    ...new Set(MORE_OF_IT.map((more) => Math.min(fix.most, Math.ceil(steps * more)))),
  ];
  const tried = amounts.map((n) => once(() => triedAt(fix, n, proof)));
  const whole = tried.find((at) => at()?.isMiddling === true) ?? tried.find((at) => at() !== null);
  const found = whole?.();
  return found ? [found] : [];
}

const once = <T>(work: () => T): (() => T) => {
  let done: { readonly value: T } | null = null;
  return () => (done ??= { value: work() }).value;
};

type Tried = Found & { readonly isMiddling: boolean };

/** A remedy of so many steps; null where it holds no class that sets, or spoils the taste. */
function triedAt(
  fix: Fix,
  n: number,
  { replan, modelOf, before, was, draws }: Proof,
): Tried | null {
  const change = fix.change(n);
  const model = modelOf(change);
  const typical = replan(change, 0);
  if (typical === null || !isToTaste(model, typical, before, was)) return null;
  const few = heldOf(replan(change, Math.min(draws, FIRST_DRAWS)), model, FAR_FROM_IT);
  if (few === null) return null;
  const proof = Math.min(draws, PROOF_DRAWS);
  const margin = proof < draws ? PROOF_MARGIN : 0;
  const held = heldOf(replan(change, proof), model, -margin);
  if (held === null) return null;
  const act = fix.act(n);
  return {
    remedy: {
      text: message('advice.remedy', { act, why: fix.why }),
      act,
      effect: effectOf(typical, before, fix.potsOf?.(n) ?? 1),
      change,
      forecast: held.set,
      odds: roundTo(held.odds, 2),
    },
    grams: fix.gramsOf?.(n) ?? null,
    isMiddling: held.isMiddling,
  };
}

type Held = { readonly set: SetClass; readonly odds: number; readonly isMiddling: boolean };

/**
 * The firmest class that enough of the batches come to, or better; null where it is none that sets.
 * @param lenient how much less than enough will do, as a share
 */
function heldOf(again: Replanned | null, model: SetModel, lenient: number): Held | null {
  const { setRatio, setShare } = again?.boil.forecast ?? {};
  if (setRatio === undefined || setShare === undefined || setRatio.p50 < ENOUGH[model]) return null;
  const middling = setClassOf(setRatio.p50);
  const orFirmer = (set: SetClass) =>
    SET_CLASSES.slice(SET_CLASSES.indexOf(set)).reduce((sum, each) => sum + setShare[each], 0);
  const set = SETS.findLast(
    (each) =>
      SET_CLASSES.indexOf(each) <= SET_CLASSES.indexOf(middling) &&
      orFirmer(each) >= LEAST_ODDS - lenient,
  );
  return set === undefined ? null : { set, odds: orFirmer(set), isMiddling: set === middling };
}

/** Classes that a remedy may promise. */
const SETS: readonly SetClass[] = ['soft', 'firm', 'slices'];
