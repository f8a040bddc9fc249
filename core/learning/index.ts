export * from './cookRecord.ts';
export * from './evidence.ts';
export * from './joined.ts';
export * from './learn.ts';
