import 'reflect-metadata';
import { entryFault, nameOf, type EntryKind } from '@idle-kettle/core';
import { message, type Text } from '@idle-kettle/words/message';
import { MOST_VERSION } from './batch.ts';
import { EARLIEST_MS, LATEST_MS, MOST_TEXT_CHARS, SOURCE, type Author } from './cookSession.ts';
import { IsLookedThrough, LOGGED_KINDS, type LogFault } from './lookedThrough.ts';

const MOST_LOGGED = 100_000;

/** One line of a log, as a book keeps it. */
export type KeptEntry = {
  readonly source: string;
  readonly seq: number;
  readonly at: number;
  readonly saidAt: number | null;
  readonly kind: EntryKind;
  readonly value: number | null;
  readonly text: string | null;
  readonly by: Author | null;
};

const AUTHORS: ReadonlySet<unknown> = new Set(['member', 'device', 'machine']);
const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const isMs = (value: unknown): boolean =>
  Number.isInteger(value) && (value as number) >= EARLIEST_MS && (value as number) <= LATEST_MS;

/** What is wrong with a line of a log that a book keeps; null for nothing. */
function lineFault(line: unknown): Text | null {
  if (typeof line !== 'object' || line === null) return message('requests.eachObject');
  const { source, seq, at, saidAt, kind, value, text, by, ...more } = line as {
    readonly [key: string]: unknown;
  };
  if (Object.keys(more).length > 0) return message('requests.unknownKey');
  if (typeof source !== 'string' || !SOURCE.test(source)) return message('requests.source');
  if (!Number.isInteger(seq) || (seq as number) < 1 || (seq as number) > MOST_VERSION)
    return message('requests.between', { property: 'seq', low: 1, high: MOST_VERSION });
  if (!isMs(at) || (saidAt !== null && !isMs(saidAt))) return message('requests.loggedAt');
  if (!LOGGED_KINDS.has(kind))
    return message('requests.loggedKind', { kind: String(kind).slice(0, 40) });
  if (value !== null && (typeof value !== 'number' || !Number.isFinite(value)))
    return message('requests.loggedValue');
  if (
    text !== null &&
    (typeof text !== 'string' || text.length > MOST_TEXT_CHARS || text.includes('\u0000'))
  )
    return message('requests.loggedText');
  if (by !== null) {
    const author = by as { readonly kind?: unknown; readonly id?: unknown };
    const isOne =
      typeof by === 'object' &&
      AUTHORS.has(author.kind) &&
      (author.id === null || (typeof author.id === 'string' && UUID.test(author.id)));
    if (!isOne) return message('requests.loggedBy');
  }
  return (
    entryFault({
      kind: kind as EntryKind,
      value,
      text,
    })?.message ?? null
  );
}

/** The first fault of a kept log; null for none. */
function logFault(log: unknown): LogFault | null {
  if (!Array.isArray(log)) return { line: 0, why: message('requests.list', { property: 'log' }) };
  if (log.length > MOST_LOGGED)
    return { line: 0, why: message('requests.mostOfThem', { most: MOST_LOGGED }) };
  const names = new Set<string>();
  for (const [index, line] of log.entries()) {
    const why = lineFault(line);
    if (why !== null) return { line: index + 1, why };
    const name = nameOf(line as KeptEntry);
    if (names.has(name)) return { line: index + 1, why: message('requests.loggedTwice') };
    names.add(name);
  }
  return null;
}

/** A log as a book keeps it. */
export const IsKeptLog = (): PropertyDecorator => IsLookedThrough('isKeptLog', logFault);
