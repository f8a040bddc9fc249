import type { UseQueryResult } from '@tanstack/react-query';

/** What a screen says of what it could not fetch, and how it asks for all of it again. */
export type Failure = { readonly error: Error; readonly again: () => void };

type Query = Pick<UseQueryResult, 'error' | 'data' | 'refetch'>;

/**
 * Of what a screen cannot do without: the first that could not be fetched and is not there from
 * before; null for none.
 */
export function failureOf(queries: readonly Query[]): Failure | null {
  const failed = queries.filter(({ error, data }) => error !== null && data === undefined);
  const error = failed[0]?.error ?? null;
  return error === null
    ? null
    : { error, again: () => failed.forEach((query) => void query.refetch()) };
}
