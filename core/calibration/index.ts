export { calibrationReport } from './report.ts';
export { cutSugarCases, cutSugarFormulas, SOFTER_BY } from './cutSugar.ts';
export { featuresOf, ratioWith, requestOf } from './features.ts';
export { fitOffsets, leaveOneOut, outside } from './fit.ts';
export { formulasWithSets, fitCases } from './fitCases.ts';
export { TESTED_FORMULAS } from './testedFormulas.ts';
export { coverageOf, yieldCases } from './yields.ts';
