export { calibrationReport } from './report.ts';
export { featuresOf, ratioWith, requestOf } from './features.ts';
export { fitMoves, leaveOneOut, outside } from './fit.ts';
export { formulasWithSets, heldFormulas } from './held.ts';
export { TESTED_FORMULAS } from './testedFormulas.ts';
export { coverageOf, yieldsHeld } from './yields.ts';
