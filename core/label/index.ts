export * from './definitions.ts';
export * from './nutrition.ts';
