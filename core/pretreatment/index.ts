export * from './pretreatment.ts';
export * from './evidence.ts';
export * from './pretreatmentYield.ts';
