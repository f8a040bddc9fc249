export * from './disagreements.ts';
export * from './fruits.ts';
export * from './ingredient.ts';
export * from './larder.ts';
export * from './pantry.ts';
export * from './ripeness.ts';
export * from './states.ts';
export * from './strangers.ts';
