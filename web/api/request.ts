import type { Problem } from '@idle-kettle/contract';

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

/** One call to the API. Throws {@link Refused} or {@link Unreachable}. */
export async function request<T>(path: string, method = 'GET', body?: unknown): Promise<T> {
  const response = await fetch(`/api${path}`, {
    method,
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
  if (error instanceof Refused && error.problem.faults.length > 0) {
    return error.problem.faults.map(({ message }) => message).join(' ');
  }
  return error.message;
}
