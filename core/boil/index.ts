export * from './boilingPoint.ts';
export * from './inversion.ts';
export * from './stop.ts';
export * from './waterActivity.ts';
