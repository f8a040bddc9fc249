export * from './act.ts';
export * from './beforeActs.ts';
export * from './chain.ts';
export * from './event.ts';
export * from './goesInLater.ts';
export * from './jarActs.ts';
export * from './prepareActs.ts';
export * from './stoveActs.ts';
