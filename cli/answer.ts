import { message, textOf, withCodes } from '@idle-kettle/words';
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import type { Fault } from '@idle-kettle/core';

/** What a command prints, and how it ends: 2 for bad input. */
export type Answer = { readonly code: 0 | 2; readonly out: string; readonly err: string };

/** The answer to one request: what to print, or every fault. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/**
 * The largest single request read, the same as the server's limit; an array may hold this many of
 * them.
 */
export const MOST_BYTES = 256 * 1024;
export const MOST_REQUESTS = 2000;

const say = (fault: Fault): string =>
  fault.field === '' ? textOf(fault.message) : `${fault.field}: ${textOf(fault.message)}`;

export const refuse = (faults: readonly Fault[]): Answer => ({
  code: 2,
  out: '',
  err: `${faults.map(say).join('\n')}\n`,
});

/** An answer as it is printed: JSON, its messages in words. */
export const print = (value: unknown): string => `${JSON.stringify(withCodes(value), null, 2)}\n`;

/**
 * Answers JSON: one request with one answer, an array with an array. In an array a request that is
 * wrong has its faults in its place, `{ "faults": [...] }`, the others are answered all the same,
 * and the command ends as for bad input.
 * @param mostBytes of one request in an array
 */
export function answerJson<T>(
  source: string,
  one: (json: unknown) => Outcome<T>,
  mostBytes = MOST_BYTES,
): Answer {
  let json: unknown;
  try {
    json = JSON.parse(source);
  } catch (error) {
    return refuse([
      { field: '', message: message('requests.notJson', { why: (error as Error).message }) },
    ]);
  }
  const isMany = Array.isArray(json);
  const requests: unknown[] = isMany ? (json as unknown[]) : [json];
  if (requests.length > MOST_REQUESTS) {
    return refuse([
      {
        field: '',
        message: message('requests.mostRequests', { most: MOST_REQUESTS, has: requests.length }),
      },
    ]);
  }
  const outcomes = requests.map((request) =>
    isMany && JSON.stringify(request).length > mostBytes ? tooLarge : one(request),
  );
  const faults = outcomes.flatMap((outcome, index) =>
    outcome.ok
      ? []
      : outcome.faults.map((fault) => ({
          ...fault,
          field: isMany ? `[${index}]${fault.field === '' ? '' : `.${fault.field}`}` : fault.field,
        })),
  );
  if (!isMany) {
    const [outcome] = outcomes;
    return outcome?.ok ? { code: 0, out: print(outcome.value), err: '' } : refuse(faults);
  }
  const out = print(
    outcomes.map((outcome) => (outcome.ok ? outcome.value : { faults: outcome.faults })),
  );
  return faults.length === 0 ? { code: 0, out, err: '' } : { ...refuse(faults), out };
}

/** The fault of a request larger than {@link MOST_BYTES}. */
const TOO_LARGE: Fault = {
  field: '',
  message: message('requests.tooLarge', { kB: MOST_BYTES / 1024 }),
};

const tooLarge: Outcome<never> = { ok: false, faults: [TOO_LARGE] };

/** The text of a file, or of standard input when none is named. */
export async function sourceOf(
  file: string | undefined,
  answer: (source: string) => Answer,
): Promise<Answer> {
  try {
    return answer(file === undefined ? await text(process.stdin) : await readFile(file, 'utf8'));
  } catch (error) {
    return refuse([
      {
        field: '',
        message: message('requests.cannotRead', {
          file: file ?? message('requests.standardInput'),
          why: (error as Error).message,
        }),
      },
    ]);
  }
}

/** Whether one request is larger than the server would take. */
const isTooLarge = (source: string): boolean =>
  Buffer.byteLength(source) > MOST_BYTES && !/^\s*\[/.test(source);

/** Answers the text of one JSON request, no larger than the server would take, or of an array of them. */
export const answerRequests = <T>(source: string, one: (json: unknown) => Outcome<T>): Answer =>
  isTooLarge(source) ? refuse([TOO_LARGE]) : answerJson(source, one);
