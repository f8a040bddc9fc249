export * from './batchForecast.ts';
export * from './care.ts';
export * from './contributors.ts';
export { isMeasured } from './drawnPot.ts';
export * from './learned.ts';
export * from './measurements.ts';
export * from './random.ts';
export * from './quantiles.ts';
export * from './typicalForecast.ts';
