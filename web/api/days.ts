import type {
  DayAnswer,
  DaySheet,
  DaySheetDto,
  DaySheetLine,
  SheetDocument,
} from '@idle-kettle/contract/daySheet';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const DAYS = ['days'];
const one = (id: string) => [...DAYS, id];

/** A day goes on while its page lies open: it is looked at again so often, ms. */
const LOOK_AGAIN_MS = 10_000;

/** The day sheets, the latest day first. */
export const useDays = () =>
  useQuery({ queryKey: DAYS, queryFn: () => request<DaySheetLine[]>('/days') });

/** A day sheet, as it is planned by now. */
export const useDay = (id: string) =>
  useQuery({
    queryKey: one(id),
    queryFn: () => request<DayAnswer>(`/days/${id}`),
    refetchInterval: LOOK_AGAIN_MS,
  });

/** Makes a sheet under an id of its own: pressed twice, there is one. */
export function useMakeDay() {
  const queries = useQueryClient();
  return useMutation<DaySheet, Error, DaySheetDto>({
    mutationFn: (sheet) => request('/days', 'POST', sheet),
    onSuccess: () => queries.invalidateQueries({ queryKey: DAYS, exact: true }),
  });
}

/** Changes a sheet, on a version of it; what is there is fetched where that was refused. */
export function useChangeDay(id: string) {
  const queries = useQueryClient();
  return useMutation<
    DayAnswer,
    Error,
    { readonly version: number; readonly document: SheetDocument }
  >({
    mutationFn: ({ version, document }) => request(`/days/${id}`, 'PUT', { ...document, version }),
    onMutate: () => queries.cancelQueries({ queryKey: one(id) }),
    onSuccess: (answer) => {
      queries.setQueryData(one(id), answer);
      return queries.invalidateQueries({ queryKey: DAYS, exact: true });
    },
    onError: () => queries.invalidateQueries({ queryKey: one(id) }),
  });
}

/** Deletes a sheet; its batches stay. */
export function useDeleteDay() {
  const queries = useQueryClient();
  return useMutation<void, Error, string>({
    mutationFn: (id) => request(`/days/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: DAYS, exact: true }),
  });
}
