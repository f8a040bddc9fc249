import { say, textOf } from '@idle-kettle/words';
import type { Problem } from '@idle-kettle/contract';
import type { Fault } from '@idle-kettle/core';
import { writeTokenNow } from './household.ts';
import { Listeners } from './listeners.ts';

/** The server refused: what it said, with every fault. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super(say('api.theServerIsntAnswering'));
  }
}

/** Hears that nobody is signed in here, or no longer. */
export const signedOut = new Listeners();

/** Longest that an answer is waited for, ms. */
export const LONGEST_MS = 20_000;

/** One call to the API, as {@link request}. */
export type Send = <T>(path: string, method?: string, body?: unknown) => Promise<T>;

/**
 * A server that says so is in trouble or in a hurry, and is asked again: time-out, too early, too
 * many requests; and so is one that asks for a sign-in first.
 */
const ASK_AGAIN: ReadonlySet<number> = new Set([401, 408, 425, 429]);

/**
 * Whether a server has said no for good; what was not answered, or by a server in trouble, may be
 * asked again.
 */
export const isFinal = (error: unknown): error is Refused =>
  error instanceof Refused && error.problem.status < 500 && !ASK_AGAIN.has(error.problem.status);

/** Whether there is no such thing, or no longer. */
export const isMissing = (error: unknown): boolean =>
  isFinal(error) && error.problem.status === 404;

/** Whether somebody else did something meanwhile that stands against it. */
export const isConflict = (error: unknown): boolean =>
  isFinal(error) && error.problem.status === 409;

/**
 * One call to the API. Throws {@link Refused}, or {@link Unreachable} where no answer came in
 * twenty seconds.
 */
export const request = <T>(path: string, method = 'GET', body?: unknown): Promise<T> =>
  call(path, method, LONGEST_MS, body === undefined ? null : JSON.stringify(body));

/** Longest that a file is on its way, ms. */
const LONGEST_FILE_MS = 300_000;

/** Sends a file as it is, by its own type; else as {@link request}. */
export const send = <T>(path: string, method: string, file: Blob): Promise<T> =>
  call(path, method, LONGEST_FILE_MS, file);

async function call<T>(
  path: string,
  method: string,
  longestMs: number,
  body: string | Blob | null,
): Promise<T> {
  const token = writeTokenNow();
  // A server that says nothing holds no queue for ever.
  const given = new AbortController();
  const timer = setTimeout(() => given.abort(), longestMs);
  try {
    const response = await fetch(`/api${path}`, {
      method,
      signal: given.signal,
      headers: {
        ...(typeof body === 'string' ? { 'Content-Type': 'application/json' } : {}),
        ...(token === null ? {} : { 'X-Kettle-Token': token }),
      },
      ...(body === null ? {} : { body }),
    });
    if (response.status === 204) return undefined as T;
    const answer = (await response.json()) as T;
    if (response.status === 401) signedOut.tell();
    if (!response.ok) throw new Refused(answer as Problem);
    return answer;
  } catch (error) {
    throw error instanceof Refused ? error : new Unreachable();
  } finally {
    clearTimeout(timer);
  }
}

/** What went wrong, in a sentence or two: each fault, or the server’s own words. */
export function sayError(error: Error): string {
  return error instanceof Refused && error.problem.faults.length > 0
    ? error.problem.faults.map(sayFault).join(' ')
    : error.message;
}

/** A fault as a person reads it: `Line 4: The amount must be more than zero.` */
export function sayFault({ field, message }: Fault): string {
  const index = /^lines\[(\d+)\]/.exec(field)?.[1];
  return index === undefined
    ? textOf(message)
    : say('api.line', { line: Number(index) + 1, message });
}
