export * from './beforeSteps.ts';
export * from './fruitCook.ts';
export * from './methods.ts';
export * from './products.ts';
export * from './runSheet.ts';
export * from './softening.ts';
export * from './stages.ts';
