export * from './random.ts';
export * from './spread.ts';
export * from './batchForecast.ts';
