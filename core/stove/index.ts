export { minutesAfter } from './actTimes.ts';
export * from './calibration.ts';
export * from './cautions.ts';
export type { BandPoint } from './draws.ts';
export * from './entry.ts';
export * from './entryRules.ts';
export * from './estimate.ts';
export { cookWith, traceAt, type PotParameters } from './parameters.ts';
export type { Weighing } from './likelihood.ts';
export type { Distribution } from './posterior.ts';
export {
  LOSS_SD,
  FLAME_SD,
  INVERTS_MEAN,
  priorOf,
  SOLIDS_SD,
  TYPICAL_POT,
  UNCHECKED_OFFSET_SD,
} from './prior.ts';
export * from './progress.ts';
export { median } from './readings.ts';
export * from './cookPlan.ts';
export { pastStages } from './stages.ts';
export * from './effectiveEntries.ts';
export * from './testConflict.ts';
export * from './transitions.ts';
export * from './unobserved.ts';
