export * from './cookRecord.ts';
export { estimateOf } from './estimate.ts';
export * from './evidence.ts';
export * from './joined.ts';
export * from './knowledge.ts';
export * from './learn.ts';
export * from './quantities.ts';
export { straightened } from './straightened.ts';
