export * from './canner.ts';
export * from './filling.ts';
export * from './jarProgress.ts';
export * from './jarSheet.ts';
export * from './jarTransitions.ts';
export * from './nextLoad.ts';
export * from './stockUse.ts';
