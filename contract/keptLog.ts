import 'reflect-metadata';
import { entryFault, EVENT_KINDS, READING_KINDS, type EntryKind } from '@idle-kettle/core';
import { message, type Text } from '@idle-kettle/words/message';
import { registerDecorator, type ValidationArguments } from 'class-validator';
import { MOST_VERSION } from './batch.ts';
import { EARLIEST_MS, LATEST_MS } from './cookSession.ts';
import { packed } from './refusal.ts';

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
  readonly by: {
    readonly kind: 'member' | 'device' | 'machine';
    readonly id: string | null;
  } | null;
};

const KINDS: ReadonlySet<unknown> = new Set([...READING_KINDS, ...EVENT_KINDS]);
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
  if (typeof source !== 'string' || !/^[\w .:-]{1,60}$/.test(source))
    return message('requests.source');
  if (!Number.isInteger(seq) || (seq as number) < 1 || (seq as number) > MOST_VERSION)
    return message('requests.between', { property: 'seq', low: 1, high: MOST_VERSION });
  if (!isMs(at) || (saidAt !== null && !isMs(saidAt))) return message('requests.loggedAt');
  if (!KINDS.has(kind)) return message('requests.loggedKind', { kind: String(kind).slice(0, 40) });
  if (value !== null && (typeof value !== 'number' || !Number.isFinite(value)))
    return message('requests.loggedValue');
  if (text !== null && (typeof text !== 'string' || text.length > 120 || text.includes('\u0000')))
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

/** A kept log, looked through line by line: as objects of a class a probe’s would take seconds. */
export const IsKeptLog = (): PropertyDecorator => (target, property) => {
  const firstFault = (value: unknown) => {
    if (!Array.isArray(value))
      return { line: 0, why: message('requests.list', { property: 'log' }) };
    if (value.length > MOST_LOGGED)
      return { line: 0, why: message('requests.mostOfThem', { most: MOST_LOGGED }) };
    const names = new Set<string>();
    for (const [index, line] of value.entries()) {
      const why = lineFault(line);
      if (why !== null) return { line: index + 1, why };
      const { source, seq } = line as KeptEntry;
      if (names.has(`${source} ${seq}`))
        return { line: index + 1, why: message('requests.loggedTwice') };
      names.add(`${source} ${seq}`);
    }
    return null;
  };
  registerDecorator({
    name: 'isKeptLog',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => firstFault(value) === null,
      defaultMessage: (of?: ValidationArguments) => {
        const fault = firstFault(of?.value);
        return packed(
          message('requests.logged', { line: fault?.line ?? 0, why: fault?.why ?? '' }),
        );
      },
    },
  });
};
