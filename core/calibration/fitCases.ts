import { featuresOf } from './features.ts';
import type { FitCase } from './fit.ts';
import { TESTED_FORMULAS, type TestedFormula } from './testedFormulas.ts';

/** A formula that says how it sets. */
export type FormulaWithSets = TestedFormula & Required<Pick<TestedFormula, 'sets'>>;

const hasSets = (formula: TestedFormula): formula is FormulaWithSets => formula.sets !== undefined;

/** Formulas that say how they set: those that the fit sees, or those that it does not. */
export const formulasWithSets = (heldOut: boolean): readonly FormulaWithSets[] =>
  TESTED_FORMULAS.filter(hasSets).filter((formula) => (formula.heldOut ?? false) === heldOut);

/** The same, as the fit looks at them. */
export const fitCases = (heldOut: boolean): FitCase[] =>
  formulasWithSets(heldOut).map((formula) => ({
    features: featuresOf(formula),
    sets: formula.sets,
  }));
