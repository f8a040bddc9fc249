import Papa from 'papaparse';
import { safeCell } from '../formats/csvCell.ts';

/** A cook as a line of the Book’s table; null for what is not known of it. */
export type BookCsvRow = {
  readonly name: string;
  /** `2026-09-12`. */
  readonly date: string;
  readonly fruit: string | null;
  readonly product: string | null;
  readonly method: string | null;
  readonly cook: string | null;
  readonly lines: readonly string[];
  readonly plannedJars: number | null;
  readonly jars: number | null;
  readonly volumeMl: number | null;
  readonly finalMassG: number | null;
  readonly plannedMinutes: number | null;
  readonly minutes: number | null;
  /** °C. */
  readonly plannedStopC: number | null;
  readonly stopC: number | null;
  readonly plannedSet: string | null;
  readonly set: string | null;
  readonly taste: number | null;
  readonly colour: number | null;
  readonly clarity: number | null;
  readonly again: boolean | null;
  /** Minor units of the kitchen’s money. */
  readonly costMinor: number | null;
  readonly notes: string | null;
  /** The cook’s own; null in a table that somebody else wrote. */
  readonly id: string | null;
};

const COLUMNS: readonly (keyof BookCsvRow)[] = [
  'date',
  'name',
  'fruit',
  'product',
  'method',
  'cook',
  'lines',
  'plannedJars',
  'jars',
  'volumeMl',
  'finalMassG',
  'plannedMinutes',
  'minutes',
  'plannedStopC',
  'stopC',
  'plannedSet',
  'set',
  'taste',
  'colour',
  'clarity',
  'again',
  'costMinor',
  'notes',
  'id',
];

const cellOf = (value: BookCsvRow[keyof BookCsvRow]): string => {
  if (value === null) return '';
  if (typeof value === 'object') return safeCell(value.join('\n'));
  return typeof value === 'string' ? safeCell(value) : String(value);
};

/** The Book as CSV, a line a cook. No cell is one that a spreadsheet would take for a formula. */
export const toBookCsv = (rows: readonly BookCsvRow[]): string =>
  `${Papa.unparse({
    fields: [...COLUMNS],
    data: rows.map((row) => COLUMNS.map((column) => cellOf(row[column]))),
  })}\r\n`;
