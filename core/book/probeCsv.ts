import { message, type Text } from '@idle-kettle/words/message';
import Papa from 'papaparse';
import { fahrenheitToCelsius } from '../quantity/index.ts';
import { entryFault } from '../stove/index.ts';

/** What a probe’s log says at one moment, minutes from its beginning. */
export type ProbeReading = {
  readonly minute: number;
  readonly kind: 'temperature' | 'weight';
  /** °C or g. */
  readonly value: number;
};

/** What was read of a probe’s log, or what is wrong with it, line by line; then nothing of it. */
export type ProbeLog =
  | { readonly ok: true; readonly readings: readonly ProbeReading[] }
  | {
      readonly ok: false;
      readonly faults: readonly { readonly line: number; readonly text: Text }[];
    };

/** Most lines of such a log: a reading a second for a day. */
const MOST_LINES = 90_000;
const MOST_FAULTS = 20;
const DAY_MIN = 24 * 60;

/** Columns by their names, as makers of probes write them. */
const TIME = /^(?:time|elapsed|minute|min|sec|date|timestamp)/i;
const TEMPERATURE = /temp|probe|°|channel/i;
const WEIGHT = /weight|mass|grams?\b/i;

/**
 * A probe’s log as CSV: a column of times and one of temperatures, or of weights in g. Times may be
 * minutes, seconds, `h:mm:ss` or moments; temperatures are °F where the heading says so or all of
 * them could be nothing else.
 */
export function readProbeCsv(text: string): ProbeLog {
  const { data, errors } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const one = (line: number, told: Text): ProbeLog => ({
    ok: false,
    faults: [{ line, text: told }],
  });
  if (errors[0] !== undefined && errors[0].type !== 'Delimiter')
    return one((errors[0].row ?? 0) + 1, message('formats.probeNoTable'));
  if (rows.length > MOST_LINES)
    return one(MOST_LINES, message('formats.probeTooLong', { most: MOST_LINES }));
  const time = head.findIndex((name) => TIME.test(name.trim()));
  const temp = head.findIndex((name, at) => at !== time && TEMPERATURE.test(name));
  const weight = head.findIndex((name, at) => at !== time && WEIGHT.test(name));
  if (time < 0 || (temp < 0 && weight < 0)) return one(1, message('formats.probeColumns'));
  const column = temp >= 0 ? temp : weight;
  const kind = temp >= 0 ? 'temperature' : 'weight';
  const scale = /min/i.test(head[time] ?? '') ? 1 : 1 / 60;
  const read = rows.map((row, index) => ({
    line: index + 2,
    minute: minuteOf(row[time] ?? '', scale),
    value: Number(
      (row[column] ?? '')
        .trim()
        .replace(',', '.')
        .replace(/\s*°?[CFcfg]$/, ''),
    ),
    isSaid: (row[column] ?? '').trim() !== '',
  }));
  const isF =
    kind === 'temperature' &&
    (/f(?:ahrenheit)?\b|°\s*f/i.test(head[column] ?? '') ||
      onlyFahrenheit(read.map(({ value }) => value)));
  const first = read.find(({ minute }) => minute !== null)?.minute ?? 0;
  const faults: { line: number; text: Text }[] = [];
  const readings: ProbeReading[] = [];
  for (const { line, minute, value, isSaid } of read) {
    // A probe that was out leaves its cell empty.
    if (!isSaid) continue;
    const converted = isF ? fahrenheitToCelsius(value) : value;
    const after = minute === null ? NaN : minute - first;
    if (!(after >= 0 && after <= DAY_MIN))
      faults.push({ line, text: message('formats.probeTime') });
    else if (!Number.isFinite(value)) faults.push({ line, text: message('formats.probeValue') });
    else {
      const wrong = entryFault({ kind, value: converted, text: null });
      if (wrong === null) readings.push({ minute: after, kind, value: converted });
      else faults.push({ line, text: wrong.message });
    }
  }
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) };
  return readings.length === 0 ? one(1, message('formats.probeNothing')) : { ok: true, readings };
}

/** Hotter than any pot in °C, and never colder than a kitchen in °F. */
const HOTTEST_POT_C = 130;
const COLD_KITCHEN_F = 30;
const onlyFahrenheit = (values: readonly number[]): boolean => {
  const known = values.filter((value) => Number.isFinite(value));
  return (
    known.some((value) => value > HOTTEST_POT_C) && known.every((value) => value > COLD_KITCHEN_F)
  );
};

/** `12.5`, `1:02:30`, or a moment; null for none. */
function minuteOf(cell: string, scale: number): number | null {
  const text = cell.trim();
  const number = Number(text.replace(',', '.'));
  if (text !== '' && Number.isFinite(number)) return number * scale;
  const clock = /^(?:(\d{1,2}):)?(\d{1,2}):(\d{2}(?:\.\d+)?)$/.exec(text);
  if (clock) return Number(clock[1] ?? 0) * 60 + Number(clock[2]) + Number(clock[3]) / 60;
  const moment = Date.parse(text);
  return Number.isNaN(moment) ? null : moment / 60_000;
}

/** A cook’s readings as CSV, minutes from its beginning. */
export const toProbeCsv = (readings: readonly ProbeReading[]): string =>
  `${Papa.unparse({
    fields: ['minute', 'temperature °C', 'weight g'],
    data: readings.map(({ minute, kind, value }) => [
      minute.toFixed(3),
      kind === 'temperature' ? String(value) : '',
      kind === 'weight' ? String(value) : '',
    ]),
  })}\r\n`;
