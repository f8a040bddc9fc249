import {
  BOOK_PAGE,
  type BookHome,
  type BookPage,
  type BookQuery,
  type BookRecord,
  type ChartRow,
  type ForgetDto,
  type Knowledge,
  type Outcome,
  type Photo,
  type VersionCook,
} from '@idle-kettle/contract';
import type { TroubledCook } from '@idle-kettle/contract/trouble';
import type { BookImported } from '@idle-kettle/contract/bookFile';
import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { KITCHEN } from './kitchen.ts';
import { request, send } from './request.ts';

const BOOK = ['book'];
const HOME = [...BOOK, 'home'];
const KNOWN = [...BOOK, 'knowledge'];
const record = (id: string) => [...BOOK, 'record', id];

/** What the record of a cook says to who asks what went wrong; idle for null. */
export const useTroubledCook = (id: string | null) =>
  useQuery({
    queryKey: [...BOOK, 'trouble', id],
    queryFn: () => request<TroubledCook>(`/trouble/${id}`),
    enabled: id !== null,
  });

/** While cooks are worked out it is looked again so often, ms. */
const LOOK_AGAIN_MS = 1500;

/** Nothing is asked for. */
export const ALL: BookQuery = {
  words: null,
  fruit: null,
  year: null,
  method: null,
  set: null,
  cook: null,
  again: null,
};

const addressOf = (query: BookQuery, page: number): string => {
  const asked = Object.entries(query).flatMap(([of, value]) =>
    value === null ? [] : [[of, String(value)]],
  );
  return `/book?${new URLSearchParams([...asked, ['page', String(page)]])}`;
};

/** What the Book can be looked through by, and what waits. */
export const useBookHome = () =>
  useQuery({
    queryKey: HOME,
    queryFn: () => request<BookHome>('/book/home'),
    refetchInterval: ({ state }) => ((state.data?.waiting ?? 0) > 0 ? LOOK_AGAIN_MS : false),
  });

/**
 * Some pages of what a query finds; the first always, which tells how many there are.
 * @param pages from 0
 */
export const useBookPages = (query: BookQuery, pages: readonly number[], waiting: number) =>
  useQueries({
    queries: [...new Set([0, ...pages])].map((page) => ({
      queryKey: [...BOOK, 'page', query, page, waiting],
      queryFn: () => request<BookPage>(addressOf(query, page)),
      placeholderData: (before: BookPage | undefined) => before,
    })),
    combine: (results) => ({
      error: results.find(({ error }) => error)?.error ?? null,
      refetch: () => results.forEach((result) => void result.refetch()),
      first: results[0]?.data ?? null,
      entryAt: (index: number) => {
        const page = Math.floor(index / BOOK_PAGE);
        const place = [...new Set([0, ...pages])].indexOf(page);
        return results[place]?.data?.entries[index % BOOK_PAGE] ?? null;
      },
    }),
  });

/** One cook that is over. */
export const useRecord = (id: string) =>
  useQuery({
    queryKey: record(id),
    queryFn: () => request<BookRecord>(`/book/${id}`),
    refetchInterval: ({ state }) => (state.data?.product === null ? LOOK_AGAIN_MS : false),
  });

/** Some cooks that are over, in that order. */
export const useRecords = (ids: readonly string[]) =>
  useQueries({
    queries: ids.map((id) => ({
      queryKey: record(id),
      queryFn: () => request<BookRecord>(`/book/${id}`),
    })),
    combine: (results) => ({
      error: results.find(({ error }) => error)?.error ?? null,
      refetch: () => results.forEach((result) => void result.refetch()),
      data: results.every(({ data }) => data !== undefined)
        ? results.flatMap(({ data }) => data ?? [])
        : null,
    }),
  });

/** Says how a cook turned out, on the version that was seen. */
export function useSayOutcome(id: string) {
  const queries = useQueryClient();
  return useMutation<Outcome, Error, Outcome>({
    mutationFn: (outcome) => request(`/book/${id}/outcome`, 'PUT', outcome),
    onSuccess: async (outcome) => {
      queries.setQueryData<BookRecord>(record(id), (before) =>
        before === undefined ? before : { ...before, outcome, set: outcome.set },
      );
      // What was said may have moved what the kitchen knows, and every later plan.
      await Promise.all([
        queries.invalidateQueries({ queryKey: BOOK }),
        queries.invalidateQueries({ queryKey: KITCHEN }),
      ]);
    },
  });
}

/** Keeps a picture of a cook. */
export function useAddPhoto(id: string) {
  const queries = useQueryClient();
  return useMutation<Photo, Error, { readonly id: string; readonly jpeg: Blob }>({
    mutationFn: ({ id: photo, jpeg }) => send(`/book/${id}/photos/${photo}`, 'POST', jpeg),
    onSuccess: () => queries.invalidateQueries({ queryKey: BOOK }),
  });
}

/** Takes a picture out. */
export function useDeletePhoto() {
  const queries = useQueryClient();
  return useMutation<void, Error, string>({
    mutationFn: (photo) => request(`/photos/${photo}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: BOOK }),
  });
}

/** What the versions of a recipe came to. */
export const useVersionCooks = (recipeId: string) =>
  useQuery({
    queryKey: [...BOOK, 'recipe', recipeId],
    queryFn: () => request<VersionCook[]>(`/book/recipes/${recipeId}`),
  });

/** What the kitchen knows. */
export const useKnowledge = () =>
  useQuery({ queryKey: KNOWN, queryFn: () => request<Knowledge>('/book/knowledge') });

/** Forgets one estimate. */
export function useForget() {
  const queries = useQueryClient();
  return useMutation<Knowledge, Error, ForgetDto>({
    mutationFn: (dto) => request('/book/knowledge/forget', 'POST', dto),
    onSuccess: (known) => {
      queries.setQueryData(KNOWN, known);
      return queries.invalidateQueries({ queryKey: KITCHEN });
    },
  });
}

/** What the charts are drawn from. */
export const useChartRows = () =>
  useQuery({
    queryKey: [...BOOK, 'charts'],
    queryFn: () => request<ChartRow[]>('/book/charts'),
  });

/** Takes a Book in, as the text of its file. */
export function useImportBook() {
  const queries = useQueryClient();
  return useMutation<BookImported, Error, Blob>({
    mutationFn: (file) =>
      send('/book/import', 'POST', file.slice(0, file.size, 'application/octet-stream')),
    onSuccess: () => queries.invalidateQueries(),
  });
}
