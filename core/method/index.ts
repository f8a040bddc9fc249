export * from './fruitCook.ts';
export * from './methods.ts';
export * from './products.ts';
export * from './softening.ts';
