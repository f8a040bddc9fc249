import {
  compareMethods,
  formulaFor,
  planBatch,
  solveFor,
  lowSugarWay,
  sweepSugar,
  moveGauge,
  withSugarShare,
  type FirstFormula,
  type GaugeId,
  type MethodTrial,
  type PlanOutcome,
  type PlanRequest,
  type Solved,
  type SugarSweep,
  type Wishes,
  requestInKitchen,
  type Formula,
  type PlanningKitchen,
} from '@idle-kettle/core';
import {
  remakeOf,
  troubleOf,
  type Facts,
  type RemakeOutcome,
  type Symptom,
  type TroubleOutcome,
} from '@idle-kettle/core/troubleshooting';
import { expose } from 'comlink';

/** What takes long enough to be felt, away from the page’s own thread. */
const planner = {
  plan: (formula: Formula, kitchen: PlanningKitchen): PlanOutcome =>
    planBatch(requestInKitchen(formula, kitchen)),
  compare: (formula: Formula, kitchen: PlanningKitchen): MethodTrial[] =>
    compareMethods(requestInKitchen(formula, kitchen)),
  workOut: (formula: Formula, kitchen: PlanningKitchen): FirstFormula =>
    formulaFor(requestInKitchen(formula, kitchen)),
  solve: (formula: Formula, kitchen: PlanningKitchen, wishes: Wishes): Solved =>
    solveFor(requestInKitchen(formula, kitchen), wishes),
  turn: (
    formula: Formula,
    kitchen: PlanningKitchen,
    gauge: GaugeId,
    value: number,
  ): PlanRequest | null => moveGauge(requestInKitchen(formula, kitchen), gauge, value),
  sweep: (formula: Formula, kitchen: PlanningKitchen): SugarSweep | null =>
    sweepSugar(requestInKitchen(formula, kitchen)),
  sugar: (formula: Formula, kitchen: PlanningKitchen, share: number): PlanRequest | null =>
    withSugarShare(requestInKitchen(formula, kitchen), share),
  trouble: (
    symptom: Symptom,
    formula: Formula | null,
    kitchen: PlanningKitchen,
    facts: Facts,
  ): TroubleOutcome =>
    troubleOf({
      symptom,
      formula: formula === null ? null : requestInKitchen(formula, kitchen),
      facts,
    }),
  remake: (
    problem: 'loose' | 'stiff',
    formula: Formula,
    kitchen: PlanningKitchen,
    facts: Facts,
    volumeMl: number,
  ): RemakeOutcome =>
    remakeOf({ formula: requestInKitchen(formula, kitchen), problem, facts, volumeMl }),
  lowSugar: (formula: Formula, kitchen: PlanningKitchen, share: number): PlanRequest | null =>
    lowSugarWay(requestInKitchen(formula, kitchen), share),
};

export type Planner = typeof planner;

expose(planner);
