export * from './act.ts';
export * from './chain.ts';
export * from './event.ts';
export * from './goesInLater.ts';
export * from './otherActs.ts';
export * from './stoveActs.ts';
