import type { Kitchen, KitchenDto, TaughtNameDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const KEY = ['kitchen'];

export const useKitchen = () =>
  useQuery({ queryKey: KEY, queryFn: () => request<Kitchen>('/kitchen'), staleTime: 60_000 });

/** A kitchen as it is sent back: without what the server alone says of it, and without names, which are taught one by one. */
export const asSent = ({
  id,
  setUp,
  names,
  ...dto
}: Kitchen): Omit<Required<KitchenDto>, 'names'> => dto;

export function useSetUpKitchen() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, KitchenDto>({
    mutationFn: (kitchen) => request('/kitchen', 'PUT', kitchen),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
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
