import { evaluate, readLines } from '../evaluate/index.ts';
import { scaleLine } from '../formula/index.ts';
import { isSugar } from '../method/index.ts';
import { SET_CLASSES, type SetClass } from '../gel/index.ts';
import { featuresOf, requestOf } from './features.ts';
import type { FitCase } from './fit.ts';
import { formulasWithSets, type FormulaWithSets } from './fitCases.ts';
import { FAILS } from './testedFormulas.ts';

/** A formula with a box or a pouch, and only so much of its printed sugar. */
export type CutSugar = Outcome & FormulaWithSets & { readonly full: FormulaWithSets };

/** How it comes out at a share of the printed sugar, and how much a miss weighs. */
type Outcome = {
  readonly share: number;
  readonly sets: readonly SetClass[];
  readonly weighs: number;
};

/**
 * Half of the sugar pours whatever the fruit, most sixties fail, and three quarters are softer than
 * the whole, whatever they are. Common practice.
 */
const OUTCOMES: readonly Outcome[] = [
  { share: 0.5, sets: FAILS, weighs: 1 },
  { share: 0.6, sets: FAILS, weighs: 0.3 },
  { share: 0.75, sets: SET_CLASSES, weighs: 1 },
];

/** With three quarters of its sugar a formula holds at most so much of its ratio. */
export const SOFTER_BY = 0.93;

/**
 * Every tested formula with a box or a pouch of pectin that sets, at each share of its sugar.
 * @param heldOut those that the fit does not see, or those that it does
 */
export const cutSugarFormulas = (heldOut: boolean): readonly CutSugar[] =>
  formulasWithSets(heldOut)
    .filter(({ sets }) => sets.includes('soft'))
    .flatMap((full) => {
      const request = requestOf(full);
      const { understood } = evaluate({ ...request, draws: 0 }, readLines(request));
      if (!understood.some(({ ingredient }) => ingredient.kind === 'pectin')) return [];
      return OUTCOMES.map((outcome) => ({
        ...full,
        ...outcome,
        full,
        name: `${full.name}, ${100 * outcome.share} % of its sugar`,
        request: {
          ...full.request,
          lines: understood.map((line) =>
            isSugar(line) ? scaleLine(line, outcome.share) : line.text,
          ),
        },
      }));
    });

/** The same, as the fit looks at them. */
export const cutSugarCases = (heldOut: boolean): FitCase[] =>
  cutSugarFormulas(heldOut).map((formula) => ({
    features: featuresOf(formula),
    sets: formula.sets,
    weighs: formula.weighs,
    softerThan: { features: featuresOf(formula.full), by: SOFTER_BY },
  }));
