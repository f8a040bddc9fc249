export type { FarStop } from './farStop.ts';
export * from './filling.ts';
export * from './jarProgress.ts';
export * from './jarPlace.ts';
export * from './jarPlan.ts';
export {
  CLOSING,
  coolAt,
  COOL_MS,
  isAtRest,
  LITTLE_SHORT,
  REPROCESS_WITHIN_MS,
  REST_MS,
  type Closing,
  type Jar,
  type JarProgress,
  type Load,
} from './jarState.ts';
export * from './jarTransitions.ts';
export { notHotAt, type NotHot } from './potHeat.ts';
export * from './loads.ts';
export * from './nextLoad.ts';
export * from './stockUse.ts';
