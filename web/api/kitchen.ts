import type { Kitchen, KitchenDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const KEY = ['kitchen'];

export const useKitchen = () =>
  useQuery({ queryKey: KEY, queryFn: () => request<Kitchen>('/kitchen'), staleTime: 60_000 });

/** A kitchen as it is sent back: without what the server alone says of it. */
export const asSent = ({ id, setUp, ...dto }: Kitchen): Required<KitchenDto> => dto;

export function useSetUpKitchen() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, KitchenDto>({
    mutationFn: (kitchen) => request('/kitchen', 'PUT', kitchen),
    onSuccess: (kitchen) => queries.setQueryData(KEY, kitchen),
  });
}
