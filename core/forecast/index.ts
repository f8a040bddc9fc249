export * from './random.ts';
export * from './spread.ts';
export * from './yieldForecast.ts';
