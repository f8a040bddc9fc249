export * from './plan.ts';
export { planBatch } from './planBatch.ts';
export * from './request.ts';
