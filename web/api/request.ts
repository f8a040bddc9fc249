import type { Problem } from '@idle-kettle/contract';
import type { Fault } from '@idle-kettle/core';

/** The server refused: what it said, with every fault. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super('The kitchen’s server does not answer.');
  }
}

/** Longest that an answer is waited for, ms. */
const LONGEST_MS = 20_000;

/** One call to the API. Throws {@link Refused} or {@link Unreachable}. */
export async function request<T>(path: string, method = 'GET', body?: unknown): Promise<T> {
  const response = await fetch(`/api${path}`, {
    method,
    // A server that says nothing holds no queue for ever.
    signal: AbortSignal.timeout(LONGEST_MS),
    ...(body === undefined
      ? {}
      : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
  }).catch(() => {
    throw new Unreachable();
  });
  if (response.status === 204) return undefined as T;
  const answer: unknown = await response.json().catch(() => {
    throw new Unreachable();
  });
  if (!response.ok) throw new Refused(answer as Problem);
  return answer as T;
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
  return index === undefined ? message : `Line ${Number(index) + 1}: ${message}`;
}
