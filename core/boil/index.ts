export * from './boilingPoint.ts';
export * from './cook.ts';
export * from './integrate.ts';
export * from './inversion.ts';
export * from './stop.ts';
export * from './waterActivity.ts';
