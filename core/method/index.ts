export * from './fruitCook.ts';
export type { Method } from './method.ts';
export * from './methods.ts';
export * from './products.ts';
export * from './softening.ts';
export * from './productOfTitle.ts';
