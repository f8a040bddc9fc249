export * from './cookSummary.ts';
export { toBookCsv, type BookCsvRow } from './bookCsv.ts';
export { readProbeCsv, toProbeCsv, type ProbeLog, type ProbeReading } from './probeCsv.ts';
export { versionChanges, type VersionChange } from './versionChange.ts';
