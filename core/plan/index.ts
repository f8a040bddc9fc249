export * from './gauge.ts';
export * from './gauges.ts';
export { planLine } from './lineOfPlan.ts';
export { linesBrought, linesHeld, simmeredWhole } from './linesBrought.ts';
export { KG_AN_HOUR_OF_A_KW, type LearnedOfPlan } from './learnedOfPlan.ts';
export * from './plan.ts';
export { planBatch, evaluatedPlan, type EvaluatedPlan } from './planBatch.ts';
export { processCaseOf } from './storageOfPlan.ts';
export { fruitGramsOf, goesFirst } from './goesFirst.ts';
