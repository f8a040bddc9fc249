export * from './cookRecord.ts';
export * from './estimate.ts';
export * from './evidence.ts';
export * from './joined.ts';
export * from './knowledge.ts';
export * from './learn.ts';
export { straightened } from './straightened.ts';
