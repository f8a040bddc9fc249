export * from './before.ts';
export * from './evidence.ts';
export * from './obtained.ts';
