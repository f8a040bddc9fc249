export * from './gauges.ts';
export { planLine } from './lineOfPlan.ts';
export { linesBrought, simmeredWhole } from './linesBrought.ts';
export * from './plan.ts';
export { planBatch, processCaseOf, workedPlan, type WorkedPlan } from './planBatch.ts';
