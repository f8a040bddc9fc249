export * from './cookSummary.ts';
export { toBookCsv, type BookCsvRow } from './bookCsv.ts';
export { recordFacts, troubledCookOf, type TroubledCook } from './recordFacts.ts';
export { readBookCsv, type BookTable, type CookOfTable } from './readBookCsv.ts';
export { readProbeCsv, toProbeCsv, type ProbeLog, type ProbeReading } from './probeCsv.ts';
export { versionChanges, type VersionChange } from './versionChange.ts';
