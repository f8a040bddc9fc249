import type { Kitchen, KitchenDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const KEY = ['kitchen'];

export const useKitchen = () =>
  useQuery({ queryKey: KEY, queryFn: () => request<Kitchen>('/kitchen'), staleTime: 60_000 });

export function useSetUpKitchen() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, KitchenDto>({
    mutationFn: (kitchen) => request('/kitchen', 'PUT', kitchen),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
  });
}
