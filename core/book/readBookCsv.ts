import { message, type Text } from '@idle-kettle/words/message';
import Papa from 'papaparse';
import { textOfCell } from '../formats/csvCell.ts';
import { SET_CLASSES } from '../gel/index.ts';
import { METHODS, PRODUCTS, type Method, type Product } from '../method/index.ts';
import type { BookCsvRow } from './bookCsv.ts';

/** What a table says of a cook: what is worked out of it is not read. */
export type CookOfTable = Omit<
  BookCsvRow,
  'fruit' | 'cook' | 'plannedJars' | 'plannedMinutes' | 'plannedStopC' | 'plannedSet'
> & {
  /** Its line in the file. */
  readonly line: number;
};

/** What was read of a table, or what is wrong with it, line by line; then nothing of it. */
export type BookTable =
  | { readonly ok: true; readonly cooks: readonly CookOfTable[] }
  | {
      readonly ok: false;
      readonly faults: readonly { readonly line: number; readonly text: Text }[];
    };

/** Columns that a table cannot be without. */
const NEEDED = ['date', 'name', 'lines'] as const;
/** Most cooks of such a table. */
const MOST_COOKS = 20_000;
const MOST_FAULTS = 20;
const DATE = /^\d{4}-\d{2}-\d{2}$/;
const FIRST_DAY = '2000-01-01';
const LAST_DAY = '2099-12-31';
const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const YES = /^(?:true|yes|y|1)$/i;
const NO = /^(?:false|no|n|0)$/i;

/** Whether a text is a day that was, `2026-09-12`, of a time in which somebody kept such a table. */
function isDay(text: string): boolean {
  if (!DATE.test(text) || text < FIRST_DAY || text > LAST_DAY) return false;
  const at = new Date(text);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text);
}

/** What a number of each column may be. */
const BOUNDS = {
  jars: [0, 10_000],
  volumeMl: [1, 1_000_000],
  finalMassG: [1, 1_000_000],
  minutes: [1, 24 * 60],
  stopC: [50, 130],
  taste: [1, 5],
  colour: [1, 5],
  clarity: [1, 5],
  costMinor: [0, 10_000_000],
} as const;

/**
 * The Book as a table, as it is written by {@link toBookCsv} or by anybody who keeps one: columns by
 * their names in any order, of which date, name and lines are needed. All of it is read, or nothing.
 */
export function readBookCsv(text: string): BookTable {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, '').trim(), {
    skipEmptyLines: 'greedy',
  });
  const one = (line: number, told: Text): BookTable => ({
    ok: false,
    faults: [{ line, text: told }],
  });
  if (errors[0] !== undefined && errors[0].type !== 'Delimiter')
    return one((errors[0].row ?? 0) + 1, message('formats.probeNoTable'));
  const [head = [], ...rows] = data;
  const names = head.map((name) => name.trim().toLowerCase());
  const missing = NEEDED.filter((name) => !names.includes(name));
  if (missing.length > 0)
    return one(1, message('formats.tableColumns', { columns: missing.join(', ') }));
  if (rows.length > MOST_COOKS)
    return one(MOST_COOKS, message('formats.tableTooLong', { most: MOST_COOKS }));
  const faults: { line: number; text: Text }[] = [];
  const cooks = rows.map((row, index): CookOfTable => {
    const line = index + 2;
    const wrong = (column: string, asIt: string) =>
      faults.push({
        line,
        text: message('formats.tableCell', { column, asIt: asIt.slice(0, 40) }),
      });
    const cell = (column: keyof BookCsvRow): string | null => {
      const at = names.indexOf(column.toLowerCase());
      const value = at < 0 ? '' : textOfCell(row[at] ?? '').trim();
      return value === '' ? null : value;
    };
    const number = (column: keyof typeof BOUNDS): number | null => {
      const said = cell(column);
      if (said === null) return null;
      const value = Number(said.replace(',', '.'));
      const [least, most] = BOUNDS[column];
      if (!(value >= least && value <= most)) wrong(column, said);
      return value;
    };
    const oneOf = <T extends string>(column: keyof BookCsvRow, among: readonly T[]): T | null => {
      const said = cell(column);
      const found = among.find((name) => name === said) ?? null;
      if (said !== null && found === null) wrong(column, said);
      return found;
    };
    const date = cell('date') ?? '';
    if (!isDay(date)) wrong('date', date);
    const lines = (cell('lines') ?? '').split(/\r?\n|;\s/).flatMap((text) => text.trim() || []);
    if (lines.length === 0) wrong('lines', '');
    const name = cell('name');
    if (name === null) wrong('name', '');
    const again = cell('again');
    if (again !== null && !YES.test(again) && !NO.test(again)) wrong('again', again);
    const id = cell('id');
    if (id !== null && !UUID.test(id)) wrong('id', id);
    return {
      line,
      id,
      name: name ?? '',
      date,
      lines,
      product: oneOf('product', Object.keys(PRODUCTS) as Product[]),
      method: oneOf('method', Object.keys(METHODS) as Method[]),
      jars: number('jars'),
      volumeMl: number('volumeMl'),
      finalMassG: number('finalMassG'),
      minutes: number('minutes'),
      stopC: number('stopC'),
      set: oneOf('set', SET_CLASSES),
      taste: number('taste'),
      colour: number('colour'),
      clarity: number('clarity'),
      again: again === null ? null : YES.test(again),
      costMinor: number('costMinor'),
      notes: cell('notes'),
    };
  });
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) };
  return cooks.length === 0 ? one(1, message('formats.tableNothing')) : { ok: true, cooks };
}
