export * from './caps.ts';
export * from './familiesPage.ts';
export * from './keeping.ts';
export * from './processing.ts';
export { isNamed } from './judged.ts';
export { holdsApples } from './rulesOfJars.ts';
export * from './shelf.ts';
export * from './shelfCase.ts';
export { bestPH, worstPH } from './worstPH.ts';
