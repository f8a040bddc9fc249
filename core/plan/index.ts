export { changed, type Change } from './change.ts';
export { canBeCooked, cookingOf, type Cooking } from './cooking.ts';
export * from './gauges.ts';
export * from './plan.ts';
export { planBatch } from './planBatch.ts';
export * from './request.ts';
export { planLine, readLines, type ReadRequest } from './lineOfPlan.ts';
export { workOut } from './work.ts';
export type { Boil, Worked } from './worked.ts';
