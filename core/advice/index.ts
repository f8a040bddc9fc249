export * from './beyond.ts';
export type { Caution } from './caution.ts';
export { cautionsFor } from './cautions.ts';
export * from './diagnosis.ts';
export * from './remedies.ts';
