import type { LineReading } from '../parser/index.ts';
import { setClassOf, type SetClass, type SetModel } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import {
  type Boil,
  type Change,
  changed,
  changedReadings,
  type Evaluation,
  evaluate,
} from '../evaluate/index.ts';
import { type Diagnosis, ENOUGH } from './diagnosis.ts';
import { fixesFor } from './fixes.ts';
import { type Fix } from './fixing.ts';
import { leastSteps } from './leastSteps.ts';
import { type Text, message } from '@idle-kettle/words/message';

/** What would mend the set, and what the batch sets like with it. */
export type Remedy = {
  /** What is done, and what for: a sentence or two. */
  readonly text: Text;
  /** What is done, by itself: `Add 30 mL (2 tbsp) bottled lemon juice`. */
  readonly act: Text;
  readonly change: Change;
  readonly forecast: SetClass;
};

/**
 * A remedy is searched for this much beyond what is enough, so that the batch does not lie at the
 * edge of its class.
 */
const A_MARGIN: { readonly [model in SetModel]: number } = {
  'high-methoxyl': 1.2,
  'low-methoxyl': 1.06,
  body: 1.06,
  egg: 1.06,
};
/** Where the proof falls short of the search, it is tried again with this much more. */
const A_LITTLE_MORE = [1, 1.15, 1.35];

/**
 * The least of each change that mends a batch's short side: found by doubling and halving on the
 * typical batch, and planned again in full to prove that it does. A change that cannot mend it
 * within reason, or whose proof fails, is not offered.
 */
export function remediesFor(
  worked: Evaluation,
  readings: readonly LineReading[],
  diagnosis: Diagnosis,
): Remedy[] {
  const replan = (change: Change, draws: number): Boil | null =>
    evaluate(
      { ...changed(worked.request, change), draws },
      changedReadings(readings, change, worked.request),
    ).boil;
  // The typical batch lies a little off the middle of the imagined ones; aim as much higher or
  // lower.
  const middle = diagnosis.ratio.p50;
  const typical = worked.boil?.setRatio ?? 0;
  const off = middle > 0 ? typical / middle : 1;
  const modelOf = ({ method }: Change): SetModel =>
    METHODS[method ?? worked.choice.method].setModel;
  const enough = (change: Change) => {
    const model = modelOf(change);
    return (replan(change, 0)?.setRatio ?? 0) >= A_MARGIN[model] * ENOUGH[model] * off;
  };
  const offered = new Set<Fix>();
  const found = fixesFor(worked, readings, diagnosis.short, replan).flatMap((fix) => {
    if (fix.failing !== undefined && offered.has(fix.failing)) return [];
    const steps = leastSteps(fix.most, (n) => enough(fix.change(n)));
    const mends =
      steps === null
        ? []
        : proven(fix, steps, ENOUGH[modelOf(fix.change(steps))], worked.request.draws, replan);
    if (mends.length > 0) offered.add(fix);
    return mends;
  });
  return leastFirst(found).map(({ remedy }) => remedy);
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

const said = (fix: Fix, n: number): Pick<Remedy, 'text' | 'act'> => {
  const act = fix.act(n);
  return { text: message('advice.remedy', { act, why: fix.why }), act };
};

/**
 * Draws that prove a set, unless it comes out this near to another class: then all of the plan's
 * do.
 */
const PROOF_DRAWS = 400;
const TOO_NEAR = 0.06;

function proven(
  fix: Fix,
  steps: number,
  enough: number,
  draws: number,
  replan: (change: Change, draws: number) => Boil | null,
): Found[] {
  for (const more of A_LITTLE_MORE) {
    const n = Math.min(fix.most, Math.ceil(steps * more));
    const change = fix.change(n);
    const middle = (of: number) => replan(change, of)?.forecast.setRatio?.p50 ?? 0;
    const few = middle(Math.min(draws, PROOF_DRAWS));
    const sure = setClassOf(few * (1 - TOO_NEAR)) === setClassOf(few * (1 + TOO_NEAR));
    const ratio = sure || draws <= PROOF_DRAWS ? few : middle(draws);
    if (ratio >= enough) {
      const remedy = { ...said(fix, n), change, forecast: setClassOf(ratio) };
      return [{ remedy, grams: fix.gramsA === undefined ? null : n * fix.gramsA }];
    }
  }
  return [];
}
