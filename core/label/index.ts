export * from './definitions.ts';
export * from './ingredients.ts';
export * from './nutrition.ts';
