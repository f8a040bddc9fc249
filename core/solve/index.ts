export * from './solveFor.ts';
export * from './wishes.ts';
