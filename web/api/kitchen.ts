import type { Kitchen, KitchenDto, TaughtNameDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const KEY = ['kitchen'];

export const useKitchen = () =>
  useQuery({ queryKey: KEY, queryFn: () => request<Kitchen>('/kitchen'), staleTime: 60_000 });

/**
 * Changes some fields of the kitchen, made on a version of it; what is there is fetched where that
 * was refused.
 */
export function useChangeKitchen() {
  const queries = useQueryClient();
  return useMutation<
    Kitchen,
    Error,
    { readonly version: number; readonly changes: Partial<KitchenDto> }
  >({
    mutationFn: (change) => request('/kitchen', 'PATCH', change),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
    onError: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}

/** Teaches the kitchen a name; every line that holds it is read anew. */
export function useTeachName() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, TaughtNameDto>({
    mutationFn: (name) => request('/kitchen/names', 'POST', name),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
  });
}

export function useForgetName() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, string>({
    mutationFn: (name) => request(`/kitchen/names/${encodeURIComponent(name)}`, 'DELETE'),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
  });
}
