import { evaluate, readLines } from '../evaluate/index.ts';
import { scaleLine } from '../formula/index.ts';
import { isSugar } from '../method/index.ts';
import type { SetClass } from '../gel/index.ts';
import { featuresOf, requestOf } from './features.ts';
import type { FitCase } from './fit.ts';
import { formulasWithSets, type FormulaWithSets } from './fitCases.ts';

/** A formula with a box or a pouch, and only so much of its printed sugar. */
export type CutSugar = { readonly share: number; readonly full: FormulaWithSets } & FormulaWithSets;

const FAILS: readonly SetClass[] = ['pours', 'loose'];
const ANY: readonly SetClass[] = ['pours', 'loose', 'soft', 'firm', 'slices'];

/**
 * How it comes out at each share of the printed sugar, and how much a miss weighs: half of it pours
 * whatever the fruit, most sixties fail, and three quarters are softer than the whole. Common
 * practice.
 */
const OUTCOMES = [
  { share: 0.5, sets: FAILS, weighs: 1 },
  { share: 0.6, sets: FAILS, weighs: 0.3 },
  { share: 0.75, sets: ANY, weighs: 1 },
] as const;

/** With three quarters of its sugar a formula holds at most so much of its ratio. */
export const SOFTER_BY = 0.93;

const linesOf = (formula: FormulaWithSets) => readLines(requestOf(formula));

const holdsPectin = (formula: FormulaWithSets): boolean =>
  linesOf(formula).some((line) => line.understood && line.ingredient.kind === 'pectin');

/**
 * Every tested formula with a box or a pouch of pectin that sets, at each share of its sugar.
 * @param heldOut those that the fit does not see, or those that it does
 */
export const cutSugarFormulas = (heldOut: boolean): readonly CutSugar[] =>
  formulasWithSets(heldOut)
    .filter((formula) => formula.sets.includes('soft') && holdsPectin(formula))
    .flatMap((full) => {
      const { understood } = evaluate({ ...requestOf(full), draws: 0 }, linesOf(full));
      return OUTCOMES.map(({ share, sets }) => ({
        ...full,
        full,
        share,
        sets,
        name: `${full.name}, ${100 * share} % of its sugar`,
        request: {
          ...full.request,
          lines: understood.map((line) => (isSugar(line) ? scaleLine(line, share) : line.text)),
        },
      }));
    });

/** The same, as the fit looks at them. */
export const cutSugarCases = (heldOut: boolean): FitCase[] =>
  cutSugarFormulas(heldOut).map((formula) => ({
    features: featuresOf(formula),
    sets: formula.sets,
    weighs: OUTCOMES.find(({ share }) => share === formula.share)?.weighs ?? 1,
    softerThan: { features: featuresOf(formula.full), by: SOFTER_BY },
  }));
