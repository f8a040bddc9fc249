export * from './compareMethods.ts';
export * from './formulaFor.ts';
export * from './lessSugar.ts';
export { solverRecipeOf } from './solverRecipeOf.ts';
export * from './solveFor.ts';
export * from './moveGauge.ts';
export * from './wishes.ts';
